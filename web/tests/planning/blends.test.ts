import { describe, expect, it } from 'vitest';

import { blendWords, waterChoices } from '../../src/planning/blends';
import { fromHash, keptBlend, toHash, withBlend, withWater } from '../../src/planning/settings';
import { overview as bare } from '../overview';

const names = ['Mains', 'Rain', 'RO'];
const waters = bare.waters.map((one, at) => ({ ...one, name: names[at] ?? '' }));
const [first, second] = waters;
const kept = {
  id: 7,
  name: '55 % RO',
  water: first?.id ?? 0,
  parts: [{ water: second?.id ?? 0, share_shown: '55 %' }],
};
const overview = { ...bare, waters, blends: [kept] };
const usual = fromHash(overview, 5, '');

describe('a blend that is kept by its name', () => {
  it('is chosen as a water is, behind them', () => {
    const choices = waterChoices(overview);
    expect(choices.map((one) => one.value)).toEqual([...overview.waters.map((one) => one.id), -7]);
    expect(choices.at(-1)).toMatchObject({ words: '55 % RO', note: blendWords(overview, kept) });
    expect(blendWords(overview, kept)).toBe('55 % Rain, the rest Mains');
  });

  it('fills the sentence with its waters, and is known again there', () => {
    const taken = withBlend(overview, usual, kept);
    expect(taken).toMatchObject({ water: kept.water, blend: [{ share: '55 %' }] });
    expect(keptBlend(overview, taken)).toBe(kept);
    expect(keptBlend(overview, fromHash(overview, 5, toHash(overview, taken)))).toBe(kept); // by its address
  });

  it('is another once a share or a water is', () => {
    const taken = withBlend(overview, usual, kept);
    const other = { ...taken, blend: taken.blend.map((part) => ({ ...part, share: '60 %' })) };
    expect(keptBlend(overview, other)).toBeUndefined();
    expect(keptBlend(overview, { ...taken, blend: [] })).toBeUndefined();
    expect(keptBlend(overview, withWater(overview, taken, second?.id ?? 0))).toBeUndefined();
  });
});
