import { describe, expect, it } from 'vitest';

import type { Element, Fill, Overview, Shapes } from '../../src/api/client';
import { InTurn } from '../../src/api/inturn';
import { drawClimb, type ClimbData } from '../../src/planning/drawing/climb';
import { elementLine } from '../../src/planning/drawing/elements';
import { exactPercent, shown, stepped } from '../../src/planning/figures';
import { Latest } from '../../src/planning/latest';
import {
  asked,
  fromHash,
  hashOf,
  toHash,
  usualFor,
  versionsIn,
  withChart,
  withUnitsNamed,
} from '../../src/planning/settings';
import { vesselShape, weighed } from '../../src/planning/drawing/vessel';
import { summary, withLine } from '../../src/shelf/label';
import { about, at, GUIDED, MIX, WATER } from '../../src/shell/views';
import { overview } from '../overview';

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

const riser = (known: Partial<ClimbData['risers'][number]>): ClimbData['risers'][number] => ({
  place: 1,
  minute: 1,
  wait_min: 5,
  level: null,
  low: null,
  high: null,
  basis: 'label',
  ph: null,
  unsure_shown: null,
  shown: null,
  ...known,
});

const climb: ClimbData = {
  unit: 'mS/cm',
  relative: false,
  floor: 0.5,
  floor_shown: '0.50',
  risers: [
    riser({ place: 1, minute: 1, level: 0.5, low: 0.5, high: 0.5, shown: '0.50', ph: 7.4 }),
    riser({ place: 2, minute: 7, level: 1.2, low: 1.1, high: 1.3, shown: '1.20', ph: 6.9 }),
    riser({ place: 3, minute: 13 }),
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

  it('has a line for pH where that is known, with its window, and none where it is not', () => {
    const window = { low: '5.7', high: '6.2', source: 'chart' as const };
    const { ph, bottom } = drawClimb(climb, { width: 700, height: 290 }, window);
    expect(ph?.first.shown).toBe('7.4');
    expect(ph?.last.shown).toBe('6.9');
    expect(ph && ph.last.y > ph.first.y && ph.window.y > ph.last.y).toBe(true); // sinks towards it
    expect(ph && ph.top > bottom && ph.bottom <= 290).toBe(true);
    expect(drawing.ph).toBeUndefined();
  });
});

describe('what is kept', () => {
  it('is sent in turn, and a failure does not hold up the next', async () => {
    const turn = new InTurn();
    const order: string[] = [];
    let fail = (): void => undefined;
    const first = turn.run(() => new Promise<void>((_, no) => (fail = () => no(new Error('no')))));
    const second = turn.run(() => Promise.resolve(order.push('second')));
    await Promise.resolve();
    expect(order).toEqual([]);
    fail();
    await expect(first).rejects.toThrow('no');
    await second;
    expect(order).toEqual(['second']);
  });
});

describe('an element in the tank', () => {
  const calcium = {
    element: 'Ca',
    ppm: 150,
    from_water: 68,
    from_acid: 0,
    low: '80',
    high: '200',
  } as Element;

  it('lies within its range, over what the water brings', () => {
    const line = elementLine(calcium);
    const { range, water, mark } = line;
    expect(range && range.from < mark && mark < range.to && water < mark).toBe(true);
    expect(line.out).toBeUndefined();
    expect(line.words).toBe('150 ppm, 68 of it from the water, range 80 to 200');
    const phosphorus = elementLine({ ...calcium, element: 'P', ppm: 95, from_acid: 60 });
    expect(phosphorus.acid?.to).toBe(phosphorus.mark);
  });

  it('says whether it lies below or above, and stays on its axis', () => {
    expect(elementLine({ ...calcium, ppm: 79 }).out).toBe('below');
    const unlabelled = elementLine({ ...calcium, ppm: 79 }, false);
    expect([unlabelled.out, unlabelled.words.slice(0, 15)]).toEqual([undefined, 'at least 79 ppm']);
    const above = elementLine({ ...calcium, ppm: 2000 });
    expect(above.out).toBe('above');
    expect(above.mark).toBeLessThan(1);
    expect(elementLine({ ...calcium, low: null, high: null }).range).toBeUndefined();
  });
});

describe('a label', () => {
  it('gains and loses lines, and is told in a few words', () => {
    const one = withLine(null, 'Ca', '5,2');
    expect(one.analysis).toEqual({ Ca: '5.2' });
    expect(withLine(one, 'Ca', ' ').analysis).toEqual({});
    expect(summary(one)).toBe('Ca 5.2');
    expect(summary(null)).toBe('no label yet');
    expect(summary({ ...one, salt: 'potassium_nitrate' })).toBe('potassium nitrate');
    expect(summary({ ...one, acid: { kind: 'nitric', percent: '38' } })).toBe('nitric acid 38 %');
  });
});

describe('views', () => {
  it('have an address for each thing in each grow, and are known by it', () => {
    expect(at(MIX, 3, { tank: 7 })).toBe('/g/3/tanks/7/mix');
    expect(at(GUIDED, 3, { mix: 45 })).toBe('/g/3/guided/45');
    expect(about(GUIDED, '/g/3/guided/45')).toEqual({ grow: 3, mix: 45 });
    expect(about(GUIDED, '/g/3/guided/45x')).toBeUndefined();
    expect(about(WATER, '/g/3/water')).toEqual({ grow: 3 });
  });
});

describe('a vessel', () => {
  it('is drawn full when it is full', () => {
    const jug = {
      vessel: 'jug',
      capacity: '1000',
      mark: '50',
      shows: 'g',
      display: '',
      words: '',
    } as const;
    const fill: Fill = { ...jug, level: '1000', times: 3 };
    const shape = vesselShape(fill);
    expect(shape.level).toBe(shape.height);
    expect(vesselShape({ ...fill, level: '500' }).level).toBe(shape.height / 2);
  });
});

describe('a share', () => {
  it.each([
    ['0.6255', '62.55 %'],
    ['0.8', '80 %'],
    ['1', '100 %'],
    ['0.05', '5 %'],
    ['0', '0 %'],
    ['1.255', '125.5 %'],
    ['0.0001', '0.01 %'],
  ])('of %s is %s to the last digit', (share, percent) => {
    expect(exactPercent(share)).toBe(percent);
  });
});

describe('a scale', () => {
  it('in pounds is read in pounds; everything else in its own unit', () => {
    const fill = (display: string, vessel: Fill['vessel'] = 'scale') =>
      ({ vessel, display }) as Fill;
    expect(weighed([fill('6 lb 4 oz'), fill('0.35 lb')])).toBe('6 lb 4 oz + 0.35 lb');
    expect(weighed([fill('200 g'), fill('')])).toBe('');
    expect(weighed([fill('½ tsp', 'spoon'), fill('', 'syringe')])).toBe('');
  });
});

describe('settings', () => {
  it('start from what a tank is usually fed with', () => {
    expect(usualFor(overview, 5)).toMatchObject({ version_id: 71, column: 'w2', reading: '0.52' });
    expect(usualFor(overview, 6)).toMatchObject({ version_id: 81, column: 'leaf', reading: '' });
  });

  it('is fed by where its season stands today, before what was kept for it', () => {
    const needs = {
      5: { version_id: 71, column_key: 'w1', strength_shown: '55 %' } as Shapes['TankToday'],
      6: { version_id: 999, column_key: 'w9', strength_shown: '55 %' } as Shapes['TankToday'],
    };
    const grown = { ...overview, needs };
    expect(usualFor(grown, 5)).toMatchObject({ version_id: 71, column: 'w1', strength: '55 %' });
    // by a version that this screen does not have: as kept, and not half of each
    expect(usualFor(grown, 6)).toEqual(usualFor(overview, 6));
  });

  it('go back exact where nobody typed, whatever is shown', () => {
    // Half a litre shown in US gallons is 0.13 gal, which would come back as 0.492 L.
    const tank = {
      ...overview.tanks[0],
      volume: '0.13 gal',
      litres: { value: '0.5', unit: 'L' },
      strength_shown: '62.5 %',
      strength: { value: '62.5', unit: '%' },
    };
    const small = { ...overview, tanks: [tank] } as Overview;
    const settings = usualFor(small, 5);
    const whole = asked(small, settings);
    expect([whole.volume, whole.strength]).toEqual([tank.litres, tank.strength]);
    expect(asked(small, { ...settings, volume: '0.2' }).volume).toBe('0.2');
    expect(whole.typed_in).toMatchObject({ volume: 'L', reading: 'mS/cm' });
  });

  it('come back from the address as they were', () => {
    const settings = {
      ...usualFor(overview, 5),
      volume: '20 gal US',
      convention: 'all_in' as const,
      overrides: { one: '40 %' },
      blend: [{ water: 4, share: '30 %' }],
      between: { column: 'w1', share: '25 %' },
      split: true,
      hard_forms: true,
      calmag: 'after_base' as const,
      stood: '6',
    };
    expect(fromHash(overview, 5, toHash(overview, settings))).toEqual(settings);
    const elsewhere = { ...settings, between: { version_id: 81, column: 'leaf', share: '25 %' } };
    expect(fromHash(overview, 5, toHash(overview, elsewhere))).toEqual(elsewhere);
  });

  it('go towards the chart that a season goes over to', () => {
    const needs = {
      season: 1,
      version_id: 71,
      column_key: 'w1',
      strength_shown: '60 %',
      towards: { version_id: 81, column_key: 'leaf', share_shown: '25 %' },
    };
    const going = usualFor({ ...overview, needs: { 5: needs } } as unknown as Overview, 5);
    expect(going).toMatchObject({ version_id: 71, column: 'w1', strength: '60 %' });
    expect(going.between).toEqual({ version_id: 81, column: 'leaf', share: '25 %' });
    const { water, version_id, column, strength, between } = going;
    const address = hashOf({ water, version_id, column, strength, between });
    expect(fromHash(overview, 5, address)).toMatchObject({ version_id: 71, column: 'w1', between });
    expect(versionsIn(address)).toEqual([71, 81]);
    expect(
      usualFor({ ...overview, needs: { 5: { ...needs, towards: null } } } as unknown as Overview, 5)
        .between,
    ).toBeNull();
  });

  it('mean the same in other units: what was typed names those that it was typed in', () => {
    const typed = { ...usualFor(overview, 5), volume: '20', reading: '0.9', temperature: '18' };
    const hash = toHash(overview, typed);
    const units = { volume: 'gal_us', reading_words: 'ppm (700)', temperature: 'F' };
    const other = { ...overview, units: { ...overview.units, ...units } } as Overview;
    const before = { overview, settings: typed };
    expect(fromHash(other, 5, hash, before)).toEqual({
      ...usualFor(overview, 5),
      volume: '20 L',
      reading: '0.9 mS/cm',
      temperature: '18 °C',
    });
    // What nobody typed is the tank's own, in the new units.
    const usual = usualFor(overview, 5);
    expect(fromHash(other, 5, toHash(overview, usual), { overview, settings: usual })).toEqual(
      usual,
    );
  });

  it.each([
    ['volume', '23', 'gal_us, mS/cm, F', '23 US gal'],
    ['volume', '2 1/2 gal', 'gal_uk, mS/cm, F', '2 1/2 UK gal'],
    ['volume', '23 UK gal', 'gal_us, mS/cm, F', '23 UK gal'],
    ['volume', '90 L', 'gal_us, mS/cm, F', '90 L'],
    ['bucket', '3 gallons', 'gal_us, mS/cm, F', '3 US gal'],
    ['reading', '350', 'L, ppm (500), C', '350 ppm (500)'],
    ['reading', '350 ppm', 'L, ppm (500), C', '350 ppm (500)'],
    ['reading', '0.5 EC', 'L, ppm (500), C', '0.5 EC'],
    ['temperature', '68', 'L, mS/cm, F', '68 °F'],
    ['temperature', '20 °C', 'L, mS/cm, F', '20 °C'],
    ['reading', '', 'L, mS/cm, C', ''],
  ])('%s %s of %s is %s', (name, text, units, named) => {
    expect(withUnitsNamed(name, text, units)).toBe(named);
  });

  it('fall back to the usual where an address names what is not there', () => {
    const hash = '#chart=99&water=99&school=mine&end=top&x.ghost=1';
    expect(fromHash(overview, 5, hash)).toEqual(usualFor(overview, 5));
    expect(fromHash(overview, 99, '')).toEqual(usualFor(overview, 5));
  });

  it('follow a new chart as it states', () => {
    const before = {
      ...usualFor(overview, 5),
      convention: 'all_in' as const,
      overrides: { one: '1 %' },
    };
    expect(withChart(overview, before, 81)).toMatchObject({
      column: 'leaf',
      convention: null,
      overrides: {},
    });
  });
});
