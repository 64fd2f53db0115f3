import { beforeEach, describe, expect, it, vi } from 'vitest';

import type { MixOut, Problem, Caution } from '../../src/api/client';
import { Mixing } from '../../src/planning/mixing.svelte';
import { overview } from '../overview';

const grow = {
  takePreferences: vi.fn(),
  takeUsual: vi.fn(),
  takeRanges: vi.fn(),
  takeBlends: vi.fn(),
  goToTank: vi.fn(),
  whole: vi.fn(),
};

const { post, put } = vi.hoisted(() => ({ post: vi.fn(), put: vi.fn() }));

vi.mock('../../src/api/client', () => ({
  SERVER_SILENT: { code: 'server_silent', message: 'silent', where: '' },
  problemOf: (error: { error: Problem }) => error.error,
  answered: async (asked: Promise<{ data?: unknown; error: { error: Problem } }>) => {
    const { data, error } = await asked;
    return data ? { data } : { problem: error.error };
  },
  api: { POST: post, PUT: put },
}));

const sheet = (litres: string) => ({ data: { litres } as MixOut });
const settled = () => new Promise((next) => setTimeout(next));

describe('a mix being planned', () => {
  beforeEach(() => {
    post.mockReset();
    post.mockResolvedValue(sheet('425'));
    vi.stubGlobal('location', { hash: '' });
    vi.stubGlobal('history', { replaceState: vi.fn() });
  });

  it('asks at once with what a tank is usually fed with', async () => {
    const mixing = new Mixing(grow, overview, 5);
    await settled();
    expect(mixing.answer?.litres).toBe('425');
    expect(post.mock.calls[0]?.[1].body).toMatchObject({
      tank: 5,
      version_id: 71,
      volume: { value: '425', unit: 'L' },
      strength: '80 %',
      reading: '0.52',
      overrides: [],
    });
  });

  it('asks again for every change, and keeps it in the address', async () => {
    const mixing = new Mixing(grow, overview, 5);
    mixing.set({ strength: '50 %' });
    mixing.takeWater(4);
    await settled();
    expect(post).toHaveBeenCalledTimes(3);
    expect(post.mock.lastCall?.[1].body).toMatchObject({ strength: '50 %', reading: '0.04' });
    expect(vi.mocked(history.replaceState).mock.lastCall?.[2]).toContain('strength=50');
  });

  it('keeps the last good sheet, and the settings it belongs to, when one is refused', async () => {
    const mixing = new Mixing(grow, overview, 5);
    await settled();
    const problem = { code: 'unknown_unit', message: 'give a unit', where: 'volume' };
    post.mockResolvedValue({ error: { error: problem } });
    mixing.set({ volume: '20 tubs' });
    await settled();
    expect(mixing.problem).toEqual(problem);
    expect(mixing.answer?.litres).toBe('425');
    expect(mixing.answered?.volume).toBe('425 L');
    post.mockResolvedValue(sheet('20'));
    mixing.set({ volume: '20 L' });
    await settled();
    expect(mixing.problem).toBeUndefined();
    expect(mixing.answer?.litres).toBe('20');
  });

  it('tells what was kept although the grow was fetched anew meanwhile', () => {
    const before = new Mixing(grow, overview, 5);
    const mixing = new Mixing(grow, overview, 5, before);
    before.said = 'kept as its usual'; // its answer came late
    expect(mixing.said).toBe('kept as its usual');
    expect(new Mixing(grow, overview, 6, mixing).said).toBe('');
  });

  it('says so when the server is silent, and asks again when told', async () => {
    const mixing = new Mixing(grow, overview, 5);
    await settled();
    post.mockRejectedValue(new TypeError('no network'));
    mixing.set({ volume: '20 L' });
    await settled();
    expect(mixing.problem?.code).toBe('server_silent');
    post.mockResolvedValue(sheet('20'));
    await mixing.recompute();
    expect(mixing.problem).toBeUndefined();
    expect(mixing.answered?.volume).toBe('20 L');
  });

  it('takes a wish for one product back when it is emptied', () => {
    const mixing = new Mixing(grow, overview, 5);
    mixing.override('one', '40 %');
    expect(mixing.settings.overrides).toEqual({ one: '40 %' });
    mixing.override('one', ' ');
    expect(mixing.settings.overrides).toEqual({});
  });

  it('reads the letters on a bottle from the sheet, which may be of two charts', () => {
    const mixing = new Mixing(grow, overview, 5);
    mixing.answer = { ...sheet('10').data, tags: { one: 'M1', 'two-2': 'Tu' } };
    expect([mixing.tag('one'), mixing.tag('two-2'), mixing.tag('unknown')]).toEqual([
      'M1',
      'Tu',
      'un',
    ]);
  });

  it('starts afresh from another tank', () => {
    const mixing = new Mixing(grow, overview, 5);
    mixing.override('one', '40 %');
    mixing.takeTank(6);
    expect(grow.goToTank).toHaveBeenCalledWith(6); // an address of its own
    mixing.showTank(6);
    expect(mixing.settings).toMatchObject({ tank: 6, volume: '12 L', overrides: {} });
  });

  it('holds an acknowledgement for the mix it was read of, and for no other', () => {
    const mixing = new Mixing(grow, overview, 5);
    mixing.acknowledge('bottle_runs_out');
    expect(mixing.settings.acknowledged).toEqual(['bottle_runs_out']);
    mixing.set({ volume: '20 L' });
    expect(mixing.settings.acknowledged).toEqual([]);
  });

  it('takes the way out that a warning names', () => {
    const mixing = new Mixing(grow, overview, 5);
    const warning = (remedy: Record<string, string>) => ({ remedy }) as unknown as Caution;
    mixing.remedy(warning({ strength: '0.5' }));
    expect(mixing.settings.strength).toBe('50 %');
    mixing.remedy(warning({ product: 'two', strength: '0.08' }));
    expect(mixing.settings.overrides).toEqual({ two: '8 %' });
    mixing.remedy(warning({ column: 'w1' }));
    mixing.remedy(warning({ end: 'low' }));
    mixing.remedy(warning({ hard_forms: 'true' }));
    expect(mixing.settings).toMatchObject({ column: 'w1', end: 'low', hard_forms: true });
  });

  it('remembers a school of order for the whole grow', async () => {
    const mine = structuredClone(overview);
    const takePreferences = (told: typeof mine.order_preferences) =>
      void (mine.order_preferences = told);
    const mixing = new Mixing({ ...grow, takePreferences }, mine, 5);
    put.mockResolvedValue({ data: { kept: true } });
    await mixing.follow({ calmag: 'after_base' });
    expect(put.mock.lastCall?.[1].body).toMatchObject({ calmag: 'after_base', live: 'last' });
    mixing.showTank(6);
    expect(mixing.settings.calmag).toBe('after_base');
  });
});
