import type { Quay, Shapes } from '../api/client';

/** What is in a blend that is kept, in words: its first water takes what the others leave. */
export function blendWords(quay: Quay, blend: Shapes['KeptBlend']): string {
  const name = (water: number) => quay.waters.find((one) => one.id === water)?.name ?? '';
  const parts = blend.parts.map((part) => `${part.share_shown} ${name(part.water)}`);
  return `${parts.join(', ')}, the rest ${name(blend.water)}`;
}

/** What a tank may be filled with: waters by their numbers, blends that are kept by negative ones. */
export function waterChoices(quay: Quay): { value: number; words: string; note: string }[] {
  const read = quay.units.reading_words;
  return [
    ...quay.waters.map((one) => ({
      value: one.id,
      words: one.name,
      note: one.reading ? `last read ${one.reading} ${read}` : 'not read yet',
    })),
    ...quay.blends.map((one) => ({ value: -one.id, words: one.name, note: blendWords(quay, one) })),
  ];
}
