import { describe, expect, it } from 'vitest';

import type { Shapes } from '../src/api/client';
import { layOut, levelText, MOST_DRAWN } from '../src/tank/layout';
import { LENGTHS, USUAL_LENGTHS, VESSEL_SHAPES } from '../src/words/tanks';

type Joined = Shapes['JoinedDocument'];

const drawn = (width: number, height: number) =>
  ({
    outline: [
      [0, 0],
      [width, 0],
      [width, height],
      [0, height],
    ],
  }) as unknown as Shapes['DrawnVessel'];

const vessel = (count: number, runs = false) => ({ count, runs }) as Joined['vessels'][number];

describe('the section of a tank', () => {
  it('has vessels that stand side by side and those that run above them', () => {
    const joined = { unit: 'cm', vessels: [vessel(1), vessel(2, true), vessel(2)] } as Joined;
    const { placed, width, height } = layOut(joined, [drawn(80, 50), drawn(360, 5), drawn(30, 32)]);
    const of = (part: number) =>
      placed.filter((one) => one.part === part).map(({ x, y }) => [x, y]);
    expect(of(0)).toEqual([[0, 0]]);
    expect(of(2)).toEqual([
      [94, 0],
      [138, 0],
    ]);
    // above the highest that stands, each a hand's breadth over the one below
    expect(of(1)).toEqual([
      [0, 78],
      [0, 97],
    ]);
    expect([width, height]).toEqual([360, 102]);
  });

  it('draws no more of one kind than can be told apart', () => {
    const joined = { unit: 'cm', vessels: [vessel(300)] } as Joined;
    expect(layOut(joined, [drawn(30, 30)]).placed).toHaveLength(MOST_DRAWN);
  });

  it.each([
    [24.37, 32, 1, '24.3'],
    [40, 32, 1, '32'],
    [-3, 32, 1, '0'],
    [25.4, 50, 2.54, '10'],
    [31.999, 31.999, 1, '31.9'],
  ])('takes hold of %s cm below a rim of %s as %s', (cm, rim, perUnit, text) => {
    expect(levelText(cm, rim, perUnit)).toBe(text);
  });

  it('begins each shape with lengths of its own', () => {
    for (const shape of Object.keys(VESSEL_SHAPES) as (keyof typeof VESSEL_SHAPES)[])
      expect(Object.keys(USUAL_LENGTHS[shape])).toEqual(Object.keys(LENGTHS[shape]));
  });
});
