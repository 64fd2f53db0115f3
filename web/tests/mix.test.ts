import { describe, expect, it } from 'vitest';

import type { Fill, Quay } from '../src/api/client';
import { drawClimb, type ClimbData } from '../src/mix/climb';
import { shown, stepped } from '../src/mix/figures';
import { Latest } from '../src/mix/latest';
import { fromHash, toHash, usualFor, withChart } from '../src/mix/settings';
import { vesselShape } from '../src/mix/vessel';
import { quay } from './quay';

describe('figures', () => {
  it.each([
    ['714', 2, '714'],
    ['0.250', 2, '0.25'],
    ['127.5', 0, '128'],
    ['58.11814', 3, '58.118'],
    ['1000', 2, '1000'],
    ['12345.5', 1, '12\u2009345.5'],
  ])('shows %s to %i places as %s', (text, places, words) => {
    expect(shown(text, places)).toBe(words);
  });

  it.each([
    ['80 %', 5, 1, '85 %'],
    ['425 L', -5, 2, '420 L'],
    ['0,52', 0.01, 2, '0.53'],
    ['3 %', -5, 1, '0 %'],
    ['lots', 5, 1, 'lots'],
  ])('steps %s by %d', (text, by, places, next) => {
    expect(stepped(text, by, places, 0)).toBe(next);
  });
});

describe('latest', () => {
  it('lets only the newest question answer, whatever comes first', async () => {
    const answers: Record<string, (answer: string) => void> = {};
    const latest = new Latest<string, string>(
      (question) => new Promise((answer) => (answers[question] = answer)),
    );
    const old = latest.ask('old');
    const now = latest.ask('now');
    answers['now']?.('new answer');
    answers['old']?.('old answer');
    expect(await old).toBeUndefined();
    expect(await now).toEqual({ answer: 'new answer' });
  });

  it('keeps silent about the failure of an older question', async () => {
    const latest = new Latest<boolean, string>((fails) =>
      fails ? Promise.reject(new Error('cut off')) : Promise.resolve('fine'),
    );
    const [old, now] = await Promise.all([latest.ask(true), latest.ask(false)]);
    expect(old).toBeUndefined();
    expect(now).toEqual({ answer: 'fine' });
  });
});

const climb: ClimbData = {
  unit: 'mS/cm',
  relative: false,
  floor: 0.5,
  floor_shown: '0.50',
  risers: [
    { place: 1, minute: 1, wait_min: 5, level: 0.5, shown: '0.50' },
    { place: 2, minute: 7, wait_min: 5, level: 1.2, shown: '1.20' },
    { place: 3, minute: 13, wait_min: 5, level: null, shown: null },
  ],
  minutes: 18,
  target: { low: 1.2, high: 1.2, shown: '1.20' },
  end: null,
  end_shown: null,
  read_at: 3,
};

describe('the climb', () => {
  const drawing = drawClimb(climb, { width: 700, height: 256 });

  it('never runs backwards, and rises as the reading does', () => {
    const [first, second, third] = drawing.risers;
    expect(first && second && third && first.x < second.x && second.x < third.x).toBe(true);
    expect(second && first && second.y < first.y).toBe(true);
    expect(third?.y).toBe(second?.y); // unknown from there on: no rise is claimed
    expect(third?.shown).toBe('?');
    expect(first?.lifts).toBe(false);
  });

  it('stays inside its frame and shows even a target of one value', () => {
    for (const riser of drawing.risers) {
      expect(riser.y).toBeGreaterThanOrEqual(drawing.top);
      expect(riser.y).toBeLessThanOrEqual(drawing.bottom);
      expect(riser.x).toBeLessThanOrEqual(drawing.right);
    }
    expect(drawing.band?.height).toBeGreaterThan(0);
    expect(drawing.end).toBeUndefined();
  });
});

describe('a vessel', () => {
  it('is drawn full when it is full', () => {
    const fill: Fill = { vessel: 'jug', capacity: '1000', mark: '50', level: '1000', times: 3 };
    const shape = vesselShape(fill);
    expect(shape.level).toBe(shape.height);
    expect(vesselShape({ ...fill, level: '500' }).level).toBe(shape.height / 2);
  });
});

describe('settings', () => {
  it('start from what a tank is usually fed with', () => {
    expect(usualFor(quay, 5)).toMatchObject({ chart: 71, column: 'w2', reading: '0.52' });
    expect(usualFor(quay, 6)).toMatchObject({ chart: 81, column: 'leaf', reading: '' });
  });

  it('come back from the address as they were', () => {
    const settings = {
      ...usualFor(quay, 5),
      volume: '20 gal US',
      school: 'all_in' as const,
      overrides: { one: '40 %' },
    };
    expect(fromHash(quay, toHash(quay, settings))).toEqual(settings);
  });

  it('forget typed numbers where the units have changed', () => {
    const hash = toHash(quay, { ...usualFor(quay, 5), volume: '20', reading: '0.9' });
    const other = { ...quay, units: { ...quay.units, reading_words: 'ppm (700)' } } as Quay;
    expect(fromHash(other, hash)).toEqual(usualFor(quay, 5));
  });

  it('fall back to the usual where an address names what is not there', () => {
    const hash = '#tank=5&chart=99&water=99&school=mine&end=top&x.ghost=1';
    expect(fromHash(quay, hash)).toEqual(usualFor(quay, 5));
    expect(fromHash(quay, '#tank=99&volume=1')).toEqual(usualFor(quay, 5));
  });

  it('follow a new chart as it states', () => {
    const before = { ...usualFor(quay, 5), school: 'all_in' as const, overrides: { one: '1 %' } };
    expect(withChart(quay, before, 81)).toMatchObject({
      column: 'leaf',
      school: null,
      overrides: {},
    });
  });
});
