import { describe, expect, it } from 'vitest';

import type { GuidedState, GuidedStep, Shapes } from '../src/api/client';
import { highest, inAll, printed, steps, type Fed } from '../src/charts/feeds';
import { summary } from '../src/shelf/label';
import { answerWords } from '../src/words/charts';
import { fieldWords } from '../src/words/changes';
import { asks, asksBoth, minutesLeft, pressed, spoken } from '../src/words/guided';
import { ASKS, needWords, SAID, taskWords } from '../src/words/seasons';

type Task = Shapes['TaskOut'];

const task = (kind: Task['kind'], more: Partial<Task> = {}) =>
  ({
    kind,
    state: 'planned',
    on: '2026-05-04',
    at: null,
    why: ['by_column'],
    products: [],
    amounts: [],
    column_label: 'Week 3',
    strength_shown: null,
    ...more,
  }) as Task;
const poured = (product: string, value: string) => ({
  product,
  shown: `${value} mL`,
  amount: { value, unit: 'mL' },
});
const named = (key: string) => ({ tide: 'Tide', wrack: 'Wrack' })[key] ?? key;

describe('an answer to what a leaflet leaves open', () => {
  it.each([
    ['us', 'US gallon, 3.785 L'],
    ['640', 'ppm 640'],
    ['uS/cm', 'µS/cm'],
    ['CF', 'CF'],
    ['mL/10L', 'mL/10 L'],
    ['mL/2L', 'mL/2 L'],
    ['g/5gal_uk', 'g/5 gal UK'],
    ['mL/gal', 'mL/gal'],
  ])('%s is %s', (answer, words) => expect(answerWords(answer)).toBe(words));
});

describe('a task in words', () => {
  it.each<[string, Task]>([
    ['mix, Week 3 at 80 %', task('mix', { strength_shown: '80 %' })],
    ['change out, Week 3 at 18:30', task('change_out', { at: '18:30' })],
    ['read', task('read')], // no column: one reads in each
    ['calibrate the pen', task('calibrate', { meter: null })],
    ['calibrate Blue pen', task('calibrate', { meter: 'Blue pen' })],
    ['add Tide, Wrack', task('add', { products: ['tide', 'wrack'] })],
    [
      'add 12 mL Tide, Wrack at 07:00',
      task('add', {
        products: ['tide', 'wrack'],
        amounts: [poured('tide', '12')],
        at: '07:00',
      }),
    ],
    ['spray Tide', task('add', { products: ['tide'], why: ['by_rule', 'on_leaves'] })],
    ['add Tide', task('inoculate', { products: ['tide'] })],
    [
      'at 08:00: 40 mL molasses: start the brew, to stand open for a day',
      task('prepare', {
        why: ['molasses'],
        at: '08:00',
        amounts: [poured('molasses', '40')],
      }),
    ],
    ['drain, and let plain water run', task('prepare', { why: ['plain_water_run'] })],
  ])('is %s', (words, of) => expect(taskWords(of, named)).toBe(words));

  it('on the overview is the most pressing one: late, then today, readings last', () => {
    const need = (...tasks: Task[]) => needWords({ tasks } as Shapes['TankToday']);
    const planned = task('mix');
    const reads = task('read', { state: 'due' });
    const today = task('flush', { state: 'due' });
    const late = task('change_out', { state: 'late' });
    expect(need()).toBeUndefined();
    expect(need(task('read'))).toBeUndefined(); // a reading to come is no need
    expect(need(task('mix', { state: 'done' }), planned)?.words).toMatch(/^mix Mon/);
    expect(need(planned, reads)).toEqual({ words: 'read today', pressing: true });
    expect(need(planned, reads, today)?.words).toBe('flush today');
    expect(need(planned, reads, today, late)).toEqual({
      words: 'late: change out',
      pressing: true,
    });
  });

  it('asks for something only by what is not right', () => {
    expect(ASKS.filter((said) => said.endsWith('_right') || said.startsWith('top_up'))).toEqual([]);
    expect(Object.keys(SAID)).toEqual(expect.arrayContaining([...ASKS]));
  });
});

const step = (kind: GuidedStep['kind'], more: Partial<GuidedStep> = {}) =>
  ({ kind, name: 'Glasswort', why: '', causes: [], pour: 0, amount: null, goes_in: null, unit: 'mL', takes_s: 20, offers: false, ...more }) as GuidedStep; // prettier-ignore

describe('a step in words', () => {
  it('names the bottle, also where one press tells two steps', () => {
    expect(asks(step('pour'))).toBe('Pour Glasswort');
    expect(asksBoth(step('pour'))).toBe('Shake Glasswort, then pour');
    expect(asksBoth(step('gear'))).toBe('Bottles, vessels, goggles and gloves at hand?');
    expect(asks(step('alkali', { amount: '4' }))).toBe('Too low: pour Glasswort, diluted');
    expect(asks(step('alkali'))).toBe('Too low: a little pH up');
  });

  it('asks to find the cause before anything else goes in', () => {
    const odd = step('advice', { pour: null, causes: ['volume'] });
    expect([asks(odd), pressed(odd)]).toEqual(['Stop: first find out why', 'Read it again']);
    const offer = step('advice', { why: 'beyond_dose', offers: true });
    expect([asks(offer), pressed(offer)]).toEqual([
      'All of the planned dose is in',
      'Leave it as it is',
    ]);
    expect(asks(step('advice'))).toBe('No more Glasswort for now');
    expect(asks(step('advice', { pour: null }))).toBe('Leave it');
  });

  it('is read aloud with its amount, where one is known', () => {
    const standing = { pours: [{}] } as unknown as GuidedState;
    expect(spoken(step('pour', { goes_in: '12.50' }), standing)).toBe(
      'Pour Glasswort, 12.5 millilitres',
    );
    expect(spoken(step('add', { goes_in: '3', unit: 'g' }), standing)).toBe(
      'Too weak: add Glasswort, 3 grams',
    );
    expect(spoken(step('pour'), standing)).toBe('Pour Glasswort');
    expect(spoken(step('stir', { goes_in: '3' }), standing)).toBe('Stir Glasswort in');
  });

  it('tells what is left of all, the time that runs with it, and never nothing', () => {
    const all = [step('wait'), step('pour'), step('stir', { takes_s: 120 }), step('read_ec')];
    const standing = { steps: all } as unknown as GuidedState;
    const coming = all[1] ?? step('pour');
    expect(minutesLeft(standing, coming, 260)).toBe('About 7 min left in all');
    expect(minutesLeft(standing, all[3] ?? coming, 0)).toBe('About 1 min left in all');
  });
});

const fed = (more: Partial<Fed>) =>
  ({ by_labels: null, printed_low: null, printed_high: null, ...more }) as Fed;

describe('the feed of a leaflet, drawn', () => {
  it('steps over its columns, with a gap where one tells nothing', () => {
    const path = steps([1, 2, null, 4], 80, (value) => 10 - value);
    expect(path).toBe('M0 9H20V8H40M60 6H80');
    expect(steps([], 80, (value) => value)).toBe('');
  });

  it('has room for its highest figure, to a quiet number', () => {
    expect([1.62, 2, 2.1, 0.34, 480].map((value) => Number(highest([0.1, value, null]).toFixed(3)))).toEqual([
      2, 2, 2.5, 0.35, 500,
    ]); // prettier-ignore
    expect(highest([null, undefined])).toBe(1);
  });

  it('puts what is added on top of the water, and leaves what is the whole', () => {
    expect(inAll([fed({ by_labels: 1.2 }), fed({})], 0.5)).toEqual([1.7, null]);
    const one = fed({ printed_low: 1.2, printed_high: 1.4 });
    expect(printed(one, 'total', 0.5)).toEqual([1.2, 1.4]);
    expect(printed(one, 'added', 0.5)).toEqual([1.7, 1.9]);
    expect(printed(one, 'added', null)).toEqual([1.2, 1.4]);
    expect(printed(fed({ printed_low: 1.2 }), 'total', 0.5)).toBeUndefined();
  });
});

describe('a label and a change in a few words', () => {
  const label = { analysis: {}, basis: 'w/w', printed_in: 'percent', derived_from: '', purity: '100' } as Shapes['LabelDocument']; // prettier-ignore

  it('is what is printed first, the salt, or the acid with its strength', () => {
    expect([summary(null), summary(label)]).toEqual(['no label yet', 'no label yet']);
    const analysis = { Mg: '1.3', N: '4', K2O: '6.4', P2O5: '3.2' };
    expect(summary({ ...label, analysis })).toBe('total N 4, P₂O₅ 3.2, K₂O 6.4 …');
    expect(summary({ ...label, salt: 'magnesium_sulfate' })).toBe('magnesium sulfate');
    const acid = { kind: 'nitric', percent: '38', molar: null } as never;
    expect(summary({ ...label, acid })).toBe('nitric acid 38 %');
  });

  it('names a field as growers do, and one inside a document by its way in it', () => {
    expect(fieldWords('grown_in')).toBe('plants stand in');
    expect(fieldWords('calcium_ppm')).toBe('calcium, ppm');
    expect(fieldWords('label.analysis.N_nitrate')).toBe('label, analysis, N nitrate');
  });
});
