import { afterEach, describe, expect, it } from 'vitest';

import { clockWords, dateAndTime, dayWords, longDay, monthWords, shortDay, tickDate, weekdayAndTime } from '../src/words/dates'; // prettier-ignore
import { writeAs } from '../src/words/writing.svelte';

const DAY = '2026-12-02';
const MOMENT = new Date('2026-12-02T20:05:00Z');
const ZONE = 'Europe/Paris';

describe('times and dates as a person writes them', () => {
  afterEach(() => writeAs({ clock: '24', dates: 'day_first' }));

  it.each([
    ['day_first', 'Wednesday 2 December', '2 Dec', '2 December', '2 Dec', 'Dec 2026', '2 Dec 2026'],
    [
      'month_first',
      'Wednesday, December 2',
      'Dec 2',
      'December 2',
      'Dec 2',
      'Dec 2026',
      'Dec 2, 2026',
    ],
    ['iso', 'Wednesday 2026-12-02', DAY, DAY, '12-02', '2026-12', DAY],
  ] as const)('dates: %s', (dates, long, short, plain, tick, month, dated) => {
    writeAs({ clock: '24', dates });
    const midnight = new Date(`${DAY}T00:00:00Z`);
    expect([dayWords(DAY), shortDay(DAY), longDay(DAY, DAY)]).toEqual([long, short, plain]);
    expect([tickDate(midnight), monthWords(midnight)]).toEqual([tick, month]);
    expect(dateAndTime(MOMENT, ZONE)).toBe(`${dated}, 21:05`);
  });

  it('adds the year where it is another one', () => {
    expect(longDay('2027-01-05', DAY)).toBe('5 January 2027');
    writeAs({ clock: '24', dates: 'month_first' });
    expect(longDay('2027-01-05', DAY)).toBe('January 5, 2027');
  });

  it.each([
    ['24', '09:00', '00:30', 'Wed 21:05'],
    ['12', '9:00 am', '12:30 am', 'Wed 9:05 pm'],
  ] as const)('a clock of %s hours', (clock, morning, night, evening) => {
    writeAs({ clock, dates: 'day_first' });
    expect([clockWords('09:00'), clockWords('00:30')]).toEqual([morning, night]);
    expect(weekdayAndTime(MOMENT, ZONE)).toBe(evening);
  });

  it('takes the day of the grow, not of the device', () => {
    expect(dateAndTime(new Date('2026-12-02T23:30:00Z'), ZONE)).toBe('3 Dec 2026, 00:30');
  });
});
