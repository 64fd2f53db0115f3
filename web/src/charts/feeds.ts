import type { Meaning } from '../api/client';

export type Fed = Meaning['fed'][number];
export type Point = [number, number];

/** A stepped path: each column as wide as the others, gaps where a column tells nothing. */
export function steps(
  values: (number | null)[],
  wide: number,
  y: (value: number) => number,
): string {
  const step = wide / Math.max(values.length, 1);
  let path = '';
  let drawn = false;
  for (const [at, value] of values.entries()) {
    if (value === null) {
      drawn = false;
      continue;
    }
    path += `${drawn ? 'V' : `M${at * step} `}${y(value)}H${(at + 1) * step}`;
    drawn = true;
  }
  return path;
}

/** The highest figure of a drawing, rounded up to a quiet number. */
export function highest(values: (number | null | undefined)[]): number {
  const most = Math.max(0, ...values.map((value) => value ?? 0));
  const size = 10 ** Math.floor(Math.log10(most || 1));
  return Math.ceil((most || 1) / (size / 2)) * (size / 2);
}

/** What each column's EC is drawn at: bottles and water together, where labels tell. */
export function inAll(fed: Fed[], water: number | null): (number | null)[] {
  return fed.map((one) => (one.by_labels === null ? null : one.by_labels + (water ?? 0)));
}

/** The printed EC as it stands in the tank: on top of the water where it is said to be added. */
export function printed(
  one: Fed,
  readings: 'added' | 'total' | 'none',
  water: number | null,
): Point | undefined {
  if (one.printed_low === null || one.printed_high === null) return undefined;
  const under = readings === 'added' ? (water ?? 0) : 0;
  return [one.printed_low + under, one.printed_high + under];
}
