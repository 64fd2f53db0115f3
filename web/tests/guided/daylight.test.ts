import { beforeEach, expect, it, vi } from 'vitest';

import { Daylight } from '../../src/guided/device/daylight.svelte';

const { put } = vi.hoisted(() => ({ put: vi.fn() }));
vi.mock('../../src/api/client', () => ({
  answered: async (asked: Promise<object>) => await asked.catch(() => ({ problem: {} })),
  api: { PUT: put },
}));

const GROW = 3;

beforeEach(() => {
  const kept = new Map<string, string>();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  });
  put.mockReset().mockResolvedValue({ data: {} });
});

it('is as the server has it until somebody chooses here', async () => {
  const bench = new Daylight(GROW, 'wren');
  expect([bench.isNight(), bench.isNight(true)]).toEqual([false, true]);
  expect(await bench.tell(true)).toBe(false);
  expect(put).not.toHaveBeenCalled();
});

it('is dark at once, tells it, and goes with the server when that has heard', async () => {
  const bench = new Daylight(GROW, 'wren');
  bench.choose(true);
  expect(bench.isNight(false)).toBe(true);
  expect(await bench.tell(false)).toBe(true);
  expect(put.mock.calls[0]?.[1].body).toEqual({ night: true });
  expect(await bench.tell(true)).toBe(false);
  expect(bench.isNight(false)).toBe(false); // another device has chosen since
});

it('is as it was chosen last where somebody chose twice before the server had answered', async () => {
  let answer: (told: object) => void = () => undefined;
  put.mockReturnValueOnce(new Promise((done) => (answer = done)));
  const bench = new Daylight(GROW, 'wren');
  bench.choose(true);
  const telling = bench.tell(false);
  await vi.waitFor(() => expect(put).toHaveBeenCalled());
  bench.choose(false);
  const again = bench.tell(false); // as the server said before it heard of the night
  answer({ data: {} });
  expect([await telling, await again]).toEqual([true, true]);
  expect(put.mock.calls.map(([, { body }]) => body.night)).toEqual([true, false]);
  expect(bench.isNight(true)).toBe(false); // an answer from between the two
  await bench.tell(false);
  expect(bench.isNight(true)).toBe(true); // somebody's choice since
});

it('keeps what nobody heard over a reload, for the one who chose it', async () => {
  put.mockRejectedValue(new TypeError('Failed to fetch'));
  const bench = new Daylight(GROW, 'wren');
  bench.choose(true);
  expect(await bench.tell(false)).toBe(false);
  const again = new Daylight(GROW, 'wren');
  expect(again.isNight(false)).toBe(true);
  expect(new Daylight(GROW, 'tamsin').isNight(false)).toBe(false);
  expect(new Daylight(GROW + 1, 'wren').isNight(false)).toBe(false);
  await again.tell(true); // heard after all
  expect(new Daylight(GROW, 'wren').isNight(false)).toBe(false);
});
