import { describe, expect, it } from 'vitest';

import type { GuidedState, GuidedStep, MixEvent } from '../../src/api/client';
import { countdown, project } from '../../src/guided/project';
import { asks, CAUTIONS, hinted, unitOf } from '../../src/words/guided';

const step = (id: string, known: Partial<GuidedStep> = {}) =>
  ({
    id,
    kind: 'pour',
    pour: null,
    status: 'ahead',
    seconds: null,
    due: null,
    unit: 'mL',
    ...known,
  }) as GuidedStep;

const heard = {
  now: 0,
  steps: [
    step('pour-1', { status: 'now' }),
    step('stir-1', { kind: 'stir', seconds: 60 }),
    step('pour-2'),
  ],
} as GuidedState;

const event = (kind: MixEvent['kind'], of: string, at: number, more: Partial<MixEvent> = {}) =>
  ({
    id: `${kind}-${of}`,
    kind,
    step: of,
    at,
    figure: '',
    of: '',
    sure: false,
    ...more,
  }) as MixEvent;

describe('a mix without network', () => {
  it('goes on from step to step, and a wait counts from when it began', () => {
    const standing = project(heard, [event('poured', 'pour-1', 1000, { figure: '12.4' })]);
    expect(standing.now).toBe(1);
    expect(standing.steps[0]).toMatchObject({ status: 'done', figure_shown: '12.4 mL' });
    expect(standing.steps[1]).toMatchObject({ status: 'now', due: 1060 });
    const over = project(heard, [
      event('poured', 'pour-1', 1000),
      event('skipped', 'stir-1', 1010),
      event('poured', 'pour-2', 1020),
    ]);
    expect(over.now).toBeNull();
    expect(over.steps[1]?.status).toBe('skipped');
  });

  it('asks for no stir of a bottle that was left out, until it went in after all', () => {
    const skipped = event('skipped', 'pour-1', 1000);
    const standing = project(heard, [skipped]);
    expect(standing.steps.map((one) => one.id)).toEqual(['pour-1', 'pour-2']);
    expect(standing.now).toBe(1);
    const after = [skipped, event('undone', '', 1001, { of: skipped.id })];
    expect(project(heard, [...after, event('poured', 'pour-1', 1002)]).now).toBe(1);
    expect(project(heard, after).steps).toHaveLength(3);
  });

  it('goes back again when the last thing is undone', () => {
    const poured = event('poured', 'pour-1', 1000);
    const undone = event('undone', '', 1001, { of: poured.id });
    expect(project(heard, [poured, undone])).toMatchObject({ now: 0 });
  });

  it('shows a correction at once, of what was heard and of what was not', () => {
    const known = { ...heard, steps: [step('pour-1', { status: 'done', event: 'long-ago' })] };
    const poured = event('poured', 'pour-1', 1000, { figure: '12.4' });
    const wrong = (of: string) => event('corrected', '', 1001, { of, figure: '14' });
    expect(project(known, [wrong('long-ago')]).steps[0]?.figure_shown).toBe('14 mL');
    const back = event('undone', '', 1002, { of: wrong('long-ago').id });
    expect(project(known, [wrong('long-ago'), back]).steps[0]?.figure_shown).toBeUndefined();
    const told = project(heard, [poured, wrong(poured.id)]);
    expect(told.steps[0]).toMatchObject({ figure_shown: '14 mL', status: 'done' });
    expect(told.now).toBe(1);
  });

  it('is as the server says when nothing waits to be told', () => {
    expect(project(heard, [])).toBe(heard);
  });
});

describe('what a step says', () => {
  it('is the unit of the pen that reads it, or of what is poured', () => {
    const units = ['read_water', 'read_ec', 'read_ph', 'read_temperature', 'pour'] as const;
    expect(units.map((kind) => unitOf(step('x', { kind }), 'CF', 'F'))).toEqual([
      'CF',
      'CF',
      'pH',
      '°F',
      'mL',
    ]);
  });

  it('is what the last reading advised, where it advises', () => {
    const advice = (known: Partial<GuidedStep>) => step('x', { kind: 'advice', ...known });
    const chased = advice({ why: 'stop_chasing', causes: [] });
    expect([asks(chased), hinted(chased)]).toEqual([
      'Leave it',
      expect.stringContaining('look again tomorrow'),
    ]);
    expect(hinted(step('x', { kind: 'fill' }))).toContain('pots and pipes');
    const blind = { why: 'ec_unmoved', causes: ['volume'] };
    expect(asks(advice({ ...blind, pour: 0, name: 'Samphire' }))).toBe('No more Samphire for now');
    expect(asks(advice(blind))).toBe('Stop: first find out why');
    expect(hinted(advice(blind))).toContain('would be blind');
  });

  it('cautions at the act, and there only', () => {
    expect(Object.keys(CAUTIONS)).toEqual(['acid', 'alkali']);
    for (const caution of Object.values(CAUTIONS)) {
      expect(caution).toMatch(/^Goggles, gloves, fresh air\./);
      expect(caution).toMatch(/into water/);
      expect(caution).toMatch(/The label comes first\.$/);
    }
  });
});

describe('a wait', () => {
  it('is counted from times, not from ticks', () => {
    expect(countdown(1300, 1000)).toBe('5:00');
    expect(countdown(1300, 1234.2)).toBe('1:06');
    expect(countdown(1300, 9999)).toBe('0:00');
  });
});
