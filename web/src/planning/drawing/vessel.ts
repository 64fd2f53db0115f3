import type { Fill } from '../../api/client';

export interface VesselShape {
  width: number;
  height: number;
  /** Height of the liquid in pixels, up to the mark to fill to. */
  level: number;
  /** Heights of drawn graduations, coarser than the vessel's own so that they can be told apart. */
  marks: number[];
}

/** What a scale in pounds shows stands in place of grams; empty where everything is in mL or g. */
export function weighed(fills: Fill[]): string {
  return fills
    .filter((fill) => fill.vessel === 'scale' && !fill.display.endsWith(' g'))
    .map((fill) => fill.display)
    .filter(Boolean)
    .join(' + ');
}

/** Inner widths and heights in pixels: taller and wider with capacity, but all of them legible. */
const SIZES: [capacity: number, width: number, height: number][] = [
  [1, 8, 40],
  [5, 11, 44],
  [10, 13, 48],
  [20, 15, 52],
  [60, 19, 58],
  [100, 20, 64],
  [250, 25, 70],
  [1000, 36, 74],
];

/** A vessel as it is drawn, liquid up to its mark. */
export function vesselShape(fill: Fill): VesselShape {
  const capacity = Number(fill.capacity);
  const [, width, height] = SIZES.find(([holds]) => holds >= capacity) ?? [0, 36, 74];
  const share = fill.vessel === 'marked_cup' ? 0.6 : Number(fill.level) / capacity;
  const level = height * share;
  const marks = Array.from({ length: 9 }, (_, index) => (height * (index + 1)) / 10);
  return { width, height, level, marks };
}
