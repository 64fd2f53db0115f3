import type { Shapes } from '../api/client';

type Writing = Pick<Shapes['UnitsOut'], 'clock' | 'dates'>;

/** How the person who looks writes times and dates; what was fetched last tells it. */
export const writing = $state<Writing>({ clock: '24', dates: 'day_first' });

export function writeAs({ clock, dates }: Writing) {
  Object.assign(writing, { clock, dates });
}
