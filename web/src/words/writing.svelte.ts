import type { Shapes } from '../api/client';

type Writing = Pick<Shapes['UnitsOut'], 'clock' | 'dates' | 'decimal'>;

const REMEMBERED = 'brisk-measure.writing';
const USUAL: Writing = { clock: '24', dates: 'day_first', decimal: '.' };

/** A browser may keep nothing, and where tests run there is none. */
const storage = () => (globalThis as { localStorage?: Storage }).localStorage;

/**
 * How the person who looks writes numbers, times and dates. The device remembers it, since answers
 * are written as they arrive, and the one that tells of it may come last.
 */
export const writing = $state<Writing>({ ...USUAL, ...remembered() });

function remembered(): Partial<Writing> {
  try {
    return JSON.parse(storage()?.getItem(REMEMBERED) ?? '{}') as Partial<Writing>;
  } catch {
    return {};
  }
}

/** Write so from now on; whether numbers that came before were written with another mark. */
export function writeAs(told: Partial<Writing>): boolean {
  const { clock, dates, decimal } = { ...USUAL, ...told };
  const others = decimal !== writing.decimal;
  Object.assign(writing, { clock, dates, decimal });
  storage()?.setItem(REMEMBERED, JSON.stringify(writing));
  return others;
}
