import { describe, expect, it } from 'vitest';

import { daysScale, drawCourse, frameFor, type Course } from '../src/course/course';
import { dayAfter, dayNumber } from '../src/course/days';
import { longDay } from '../src/words/dates';
import { apart } from '../src/course/labels';
import { outOfReach } from '../src/words/seasons';

const columns: Course['columns'] = [1, 2, 3, 4, 5, 6].map((week) => ({
  key: `w${week}`, label: `week ${week}, a long name`, stage: 'leaf', chart_name: 'Marram',
  first: dayAfter('2027-03-01', (week - 1) * 7), last: dayAfter('2027-03-01', week * 7 - 1),
  is_open: false, waits_for: '', ph_low: '5.5', ph_high: '6.2',
})); // prettier-ignore

const course: Course = {
  season: 1, tank: 1, name: 'Tub', chart_name: 'Marram', version_id: 1, planted: '', started_on: '2027-03-01',
  ended_on: null, joined_on: null, together: [], today: '2027-03-10', until: '2027-09-01', unit: 'mS/cm', water: 'Tap', floor: 0.3,
  floor_shown: '0.30', change_out_days: 7, programme: 'mineral', columns, told: [], conflicts: [], moves: [],
  treads: columns.map((one) => ({ first: one.first, last: one.last, low: 1, high: 1.2, shown: '1.0 to 1.2', ro_least_shown: null, ro_shown: null, strength_shown: '50 %' })),
  strokes: [{ product: 'a', rule: null, spans: [{ first: '2027-03-01', last: '2027-03-20', share: 1 }], days: [] },
    { product: 'm', rule: 0, spans: [], days: ['2027-03-05', '2027-03-19'] }],
  products: [], tasks: [],
  happened: [
    { at: '2027-03-01T09:00:00Z', day: 0.4, kind: 'mix', ec: 1.1, ec_shown: '1.10', ph: 5.8, litres_shown: null, note: '' },
    { at: '2027-03-03T09:00:00Z', day: 2.4, kind: 'reading', ec: 1.15, ec_shown: '1.15', ph: 6, litres_shown: null, note: '' },
    { at: '2027-03-08T09:00:00Z', day: 7.4, kind: 'mix', ec: 1.12, ec_shown: '1.12', ph: 5.8, litres_shown: null, note: '' },
  ],
}; // prettier-ignore

describe('the picture of a season', () => {
  const frame = frameFor(1000, course);
  const drawing = drawCourse(course, frame, daysScale(course, frame));

  it('stands on the days of the grow, over a change of the clocks too', () => {
    expect(dayAfter('2027-03-27', 2)).toBe('2027-03-29');
    expect(dayNumber('2027-03-29') - dayNumber('2027-03-27')).toBe(2);
    expect(longDay('2026-12-12', '2027-03-01')).toBe('12 December 2026');
    expect(longDay('2027-12-12', '2027-03-01')).toBe('12 December');
  });

  it('draws what happened left of today and what is planned right of it', () => {
    const [poured] = drawing.strokes;
    expect(poured?.lines.map((line) => line.isPast)).toEqual([true, false]);
    expect(poured?.lines[0]?.x2).toBeCloseTo(drawing.today);
    expect(drawing.strokes[1]?.marks.map((mark) => mark.isPast)).toEqual([true, false]);
  });

  it('rises from the water with each filling', () => {
    // A filling moves to the water under it before it rises: never a slope from the reading before.
    expect(drawing.past.match(/M/g)).toHaveLength(2);
    expect(drawing.past).toContain('H');
    const unread = { ...course, happened: course.happened.map((one, n) => (n === 2 ? { ...one, ec: null } : one)) }; // prettier-ignore
    const { past } = drawCourse(unread, frame, daysScale(unread, frame));
    expect(past.replace(/[\d.]+ ?/g, '')).toBe('MLLH'); // it ends where nobody read what followed
    expect(drawing.phPath.replace(/[\d.]+ ?/g, '')).toBe('MLHM');
  });

  it('plans no reading under the water, and says why', () => {
    const mix: Course['tasks'][number] = { key: 'k', on: '2027-03-15', at: null, kind: 'mix', state: 'planned', products: ['a'], amounts: [], why: ['by_days'], column: 'w3', column_label: 'week 3', strength_shown: '50 %', meter: null, again_since: null } as unknown as Course['tasks'][number]; // prettier-ignore
    const salty = { ...course, floor: 1.3, floor_shown: '1.30', tasks: [mix, { ...mix, on: '2027-03-22', column: 'w4' }], treads: course.treads.map((one, n) => (n === 2 ? { ...one, ro_least_shown: '16 %', ro_shown: '72 %' } : { ...one, low: 2, high: 2.2 })) }; // prettier-ignore
    const drawn = drawCourse(salty, frame, daysScale(salty, frame));
    expect(drawn.bands).toHaveLength(5);
    const levels = [...drawn.planned.matchAll(/(?:V|M[\d.]+ )([\d.]+)/g)].map((one) =>
      Number(one[1]),
    );
    expect(Math.max(...levels.slice(1))).toBeCloseTo(drawn.floorY, 0); // screens count down
    expect(drawn.planned.match(/V/g)).toHaveLength(1);
    expect(outOfReach(salty)).toEqual([
      '15 Mar to 21 Mar: Tap alone reads 1.30, and the target is 1.0 to 1.2: no tank filled with it reads that. Mix with at least 16 % RO water; 72 % leaves two thirds of it for feed.',
    ]);
    expect(outOfReach({ ...salty, today: '2027-03-22' })).toEqual([]);
  });

  it('names columns by their keys where their labels have no room, and none over another', () => {
    const width = (words: string) => words.length * 6.9;
    for (const wide of [1000, 390]) {
      const shown = drawCourse(course, frameFor(wide, course), daysScale(course, frameFor(wide, course))); // prettier-ignore
      const spans = shown.columnWords.map((one) => [one.x - width(one.words) / 2, one.x + width(one.words) / 2]); // prettier-ignore
      spans.slice(1).forEach((span, n) => expect(span[0]).toBeGreaterThan(spans[n]?.[1] ?? 0));
    }
  });

  it('leaves out words that would lie over others, the pressing ones last', () => {
    const words = [
      { x: 0, words: 'change out' },
      { x: 20, words: 'late: change out', strong: true },
      { x: 400, words: 'flush' },
    ];
    expect(apart(words, 1000).map((one) => one.x)).toEqual([20, 400]);
    expect(apart([{ x: 990, words: 'change out' }], 1000)).toEqual([]);
  });
});
