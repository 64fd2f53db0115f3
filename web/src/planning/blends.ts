import type { Overview, Shapes } from '../api/client';

/** What is in a blend that is kept, in words: its first water takes what the others leave. */
export function blendWords(overview: Overview, blend: Shapes['KeptBlend']): string {
  const name = (water: number) => overview.waters.find((one) => one.id === water)?.name ?? '';
  const parts = blend.parts.map((part) => `${part.share_shown} ${name(part.water)}`);
  return `${parts.join(', ')}, the rest ${name(blend.water)}`;
}

/** What a tank may be filled with: waters by their numbers, blends that are kept by negative ones. */
export function waterChoices(overview: Overview): { value: number; words: string; note: string }[] {
  const read = overview.units.reading_words;
  return [
    ...overview.waters.map((one) => ({
      value: one.id,
      words: one.name,
      note: one.reading ? `last read ${one.reading} ${read}` : 'not read yet',
    })),
    ...overview.blends.map((one) => ({
      value: -one.id,
      words: one.name,
      note: blendWords(overview, one),
    })),
  ];
}
