import { beforeEach, describe, expect, it, vi } from 'vitest';

import { isOwed, settleOwed, signOut } from '../src/sign_in/leaving';
import { byWhen, Day, type Task } from '../src/today/today.svelte';

const { get, post, remove, forgetAll } = vi.hoisted(() => ({
  get: vi.fn(),
  post: vi.fn(),
  remove: vi.fn(),
  forgetAll: vi.fn(),
}));
vi.mock('../src/guided/device/store', () => ({ forgetAll }));
vi.mock('../src/api/client', () => ({
  answered: async (asked: Promise<object>) => await asked.catch(() => ({ problem: { code: 'server_silent' } })), // prettier-ignore
  api: { GET: get, POST: post, DELETE: remove },
}));

beforeEach(() => {
  const kept = new Map<string, string>();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  });
  for (const one of [get, post, remove, forgetAll]) one.mockReset();
  forgetAll.mockResolvedValue(undefined);
});

describe('the day', () => {
  const task = (state: Task['state'], on: string) => ({ state, on }) as Task;

  it('has what is late and due now, tomorrow next, and what lies behind; nothing twice', () => {
    const tasks = [
      task('late', '2026-02-26'),
      task('due', '2026-02-28'),
      task('planned', '2026-03-01'),
      task('planned', '2026-03-02'),
      task('planned', '2026-02-28'), // later today: it is told at its hour
      task('done', '2026-02-28'),
      task('skipped', '2026-03-01'),
    ];
    const { now, soon, later } = byWhen('2026-02-28', tasks);
    expect([now.length, soon.length, later.length]).toEqual([2, 1, 1]);
    expect(soon[0]?.on).toBe('2026-03-01'); // over the end of a month
    expect(byWhen('2026-12-31', [task('planned', '2027-01-01')]).soon).toHaveLength(1);
  });

  it('is fetched anew when it was told something, and stays where that was refused', async () => {
    get.mockResolvedValue({ data: { on: '2026-02-28' } });
    const day = new Day(1);
    await day.load();
    post.mockResolvedValueOnce({ problem: { code: 'outdated' } });
    expect(await day.tell(4, {} as never)).toBe(false);
    expect([day.problem?.code, get.mock.calls.length]).toEqual(['outdated', 1]);
    post.mockResolvedValueOnce({ data: {} });
    expect(await day.tell(4, {} as never)).toBe(true);
    expect([day.problem, get.mock.calls.length]).toEqual([undefined, 2]);
    get.mockRejectedValueOnce(new TypeError('Failed to fetch'));
    await day.load();
    expect([day.problem?.code, day.today]).toEqual(['server_silent', { on: '2026-02-28' }]);
  });
});

describe('leaving a device', () => {
  const said = (status: number, data?: object) => ({ data, response: new Response(null, { status }) }); // prettier-ignore

  it('forgets what it remembered, also where it cannot, and tells the server', async () => {
    forgetAll.mockRejectedValue(new Error('no database'));
    remove.mockResolvedValue(said(200, { person: null }));
    expect(await signOut()).toEqual({ person: null });
    expect([isOwed(), forgetAll.mock.calls.length]).toEqual([false, 1]);
    expect(await settleOwed()).toBeUndefined();
    expect(remove).toHaveBeenCalledTimes(1);
  });

  it('owes it to a server that is silent or fails, until that has heard', async () => {
    remove.mockRejectedValueOnce(new TypeError('Failed to fetch'));
    await signOut();
    expect(isOwed()).toBe(true);
    remove.mockResolvedValueOnce(said(500));
    await settleOwed();
    expect(isOwed()).toBe(true);
    remove.mockResolvedValueOnce(said(401)); // it has ended by itself
    await settleOwed();
    expect(isOwed()).toBe(false);
  });
});
