import { scaleLinear } from 'd3-scale';

import type { Element } from '../../api/client';
import { fixed } from '../../words/numbers';

/** One element's line: where its range, its water's part and its mark lie, as shares of the width. */
export interface ElementLine {
  element: string;
  ppm: string;
  range: { from: number; to: number } | undefined;
  water: number;
  acid: { from: number; to: number } | undefined;
  mark: number;
  out: 'below' | 'above' | undefined;
  words: string;
}

const BEYOND = 1.5;

/**
 * An element in the tank beside its range; the axis runs to half as far again as the range. Where
 * labels are missing the tank holds at least so much, and nothing is told to be below its range.
 */
export function elementLine(one: Element, labelled = true): ElementLine {
  const low = one.low === null ? undefined : Number(one.low);
  const high = one.high === null ? undefined : Number(one.high);
  const end = Math.max(one.ppm * 1.1, (high ?? one.ppm) * BEYOND, 1e-6);
  const x = scaleLinear([0, end], [0, 1]).clamp(true);
  const out =
    low !== undefined && one.ppm < low && labelled
      ? ('below' as const)
      : high !== undefined && one.ppm > high
        ? ('above' as const)
        : undefined;
  const digits = one.ppm < 10 ? 1 : 0;
  const ppm = fixed(one.ppm, digits);
  const beside = low === undefined ? '' : `, range ${one.low} to ${one.high}`;
  const water = one.from_water > 0 ? `, ${fixed(one.from_water, digits)} of it from the water` : '';
  const acid = one.from_acid > 0 ? `, ${fixed(one.from_acid, digits)} from the acid` : '';
  return {
    element: one.element,
    ppm,
    range: low === undefined || high === undefined ? undefined : { from: x(low), to: x(high) },
    water: x(one.from_water),
    acid: one.from_acid > 0 ? { from: x(one.ppm - one.from_acid), to: x(one.ppm) } : undefined,
    mark: x(one.ppm),
    out,
    words: `${labelled ? '' : 'at least '}${ppm} ppm${water}${acid}${beside}${out ? `: ${out} it` : ''}`,
  };
}
