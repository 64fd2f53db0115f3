import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

import type { Shapes } from '../src/api/client';
import { announce } from '../src/today/notices';

const NOW = Date.parse('2027-03-27T07:00:00Z');

function task(told: Partial<Shapes['TaskOut']>): Shapes['TaskOut'] {
  return {
    key: 'k', on: '2027-03-27', at: '08:00', moment: '2027-03-27T08:00:00+01:00', kind: 'prepare',
    state: 'due', column: 'w1', column_label: 'Week 1', products: [], amounts: [],
    why: ['chlorine_gasses_off'], strength_shown: null, differs: [], meter: null, again_since: null, ...told,
  }; // prettier-ignore
}

function day(...tasks: Shapes['TaskOut'][]): Shapes['TodayOut'] {
  const tank = {
    tank: 1, name: 'Tub', water: 1, season: 1, chart_name: '', column: '', day: 1, target_shown: null,
    ph_shown: null, products: [], tasks, version_id: 1, programme: 'mineral' as const, towards: null, column_key: '', strength_shown: '', watched: null,
    lacks: [],
    last_ph: null,
  }; // prettier-ignore
  return { today: '2027-03-27', tanks: [tank] };
}

describe('notices', () => {
  beforeEach(() => void vi.useFakeTimers({ now: NOW }));
  afterEach(() => void vi.useRealTimers());

  it('come at the very moment, in whichever zone this screen is', () => {
    const tell = vi.fn();
    announce(day(task({ moment: '2027-03-27T08:30:00+01:00' })), tell);
    vi.advanceTimersByTime(29 * 60_000);
    expect(tell).not.toHaveBeenCalled();
    vi.advanceTimersByTime(60_000);
    expect(tell).toHaveBeenCalledWith('Tub', expect.stringContaining('chlorine'));
  });

  it('tell when to look for leaks in a new system', () => {
    const tell = vi.fn();
    const today = day();
    const filled = {
      filled_at: '2027-03-27T06:30:00Z',
      look_at: '2027-03-27T07:30:00Z',
      due: false,
    };
    today.tanks = today.tanks.map((tank) => ({ ...tank, watched: filled }));
    announce(today, tell);
    vi.advanceTimersByTime(60 * 60_000);
    expect(tell).toHaveBeenCalledExactlyOnceWith('Tub', 'look for leaks');
  });

  it('do not come for what is past, settled or without an hour', () => {
    const tell = vi.fn();
    announce(
      day(
        task({ moment: '2027-03-27T07:59:00+01:00' }),
        task({ moment: '2027-03-27T09:00:00+01:00', state: 'done' }),
        task({ moment: null, at: null }),
        task({ moment: '2028-03-27T09:00:00+01:00' }),
      ),
      tell,
    );
    vi.advanceTimersByTime(24 * 3_600_000);
    expect(tell).not.toHaveBeenCalled();
  });

  it('stop with the page that asked for them', () => {
    const tell = vi.fn();
    announce(day(task({ moment: '2027-03-27T09:00:00+01:00' })), tell)();
    vi.advanceTimersByTime(24 * 3_600_000);
    expect(tell).not.toHaveBeenCalled();
  });
});
