import { describe, expect, it } from 'vitest';

import type { BenchState, BenchStep, MixEvent } from '../src/api/client';
import { countdown, project } from '../src/bench/project';
import { benchOf, viewOf } from '../src/shell/views';

const step = (id: string, known: Partial<BenchStep> = {}) =>
  ({
    id,
    kind: 'pour',
    status: 'ahead',
    seconds: null,
    due: null,
    unit: 'mL',
    ...known,
  }) as BenchStep;

const heard = {
  now: 0,
  steps: [
    step('pour-1', { status: 'now' }),
    step('stir-1', { kind: 'stir', seconds: 60 }),
    step('pour-2'),
  ],
} as BenchState;

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

  it('goes back again when the last thing is undone', () => {
    const poured = event('poured', 'pour-1', 1000);
    const undone = event('undone', '', 1001, { of: poured.id });
    expect(project(heard, [poured, undone])).toMatchObject({ now: 0 });
  });

  it('is as the server says when nothing waits to be told', () => {
    expect(project(heard, [])).toBe(heard);
  });
});

describe('a wait', () => {
  it('is counted from times, not from ticks', () => {
    expect(countdown(1300, 1000)).toBe('5:00');
    expect(countdown(1300, 1234.2)).toBe('1:06');
    expect(countdown(1300, 9999)).toBe('0:00');
  });
});

describe('the address of the bench', () => {
  it('names the mix', () => {
    expect([viewOf('#bench=12'), benchOf('#bench=12')]).toEqual(['bench', 12]);
    expect(benchOf('#bench=x')).toBeUndefined();
  });
});
