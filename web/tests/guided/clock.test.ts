import { afterEach, beforeEach, expect, it, vi } from 'vitest';

import { SharedClock } from '../../src/guided/device/clock';

const SERVER = 1_800_000_000;
let page: EventTarget & { hidden: boolean };
let clock: SharedClock;

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date', 'performance'] });
  page = Object.assign(new EventTarget(), { hidden: false });
  vi.stubGlobal('document', page);
  clock = new SharedClock();
  clock.start();
  clock.set(SERVER);
});

afterEach(() => {
  clock.stop();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const MINUTE = 60;
const pass = (seconds: number) => vi.advanceTimersByTime(seconds * 1000);
/** The clock leaps and the stopwatch does not: it was set, or the device slept. */
const leap = (seconds: number) => vi.setSystemTime(Date.now() + seconds * 1000);
function screen(hidden: boolean) {
  page.hidden = hidden;
  page.dispatchEvent(new Event('visibilitychange'));
}

it.each([-10, 0, 10])('goes with the server on a device whose clock is %s minutes off', (off) => {
  leap(off * MINUTE);
  clock = new SharedClock();
  clock.set(SERVER);
  pass(90);
  expect(clock.now).toBeCloseTo(SERVER + 90);
});

it.each([-10, 10])('lets no time pass where the clock is set by %s minutes meanwhile', (by) => {
  pass(20);
  leap(by * MINUTE);
  expect(clock.now).toBeCloseTo(SERVER + 20);
  expect(clock.isUnsure).toBe(true);
  clock.guess();
  expect(clock.now).toBeCloseTo(SERVER + 20);
  clock.set(SERVER + 21);
  expect(clock.isUnsure).toBe(false);
  expect(clock.now).toBeCloseTo(SERVER + 21);
});

it('asks after a sleep, and without network takes what the clock says', () => {
  screen(true);
  leap(4 * MINUTE);
  screen(false);
  expect(clock.now).toBeCloseTo(SERVER);
  expect(clock.isUnsure).toBe(true);
  clock.guess();
  expect(clock.now).toBeCloseTo(SERVER + 4 * MINUTE);
  // what is set while somebody looks is no sleep, though there was one before
  leap(10 * MINUTE);
  clock.guess();
  expect(clock.now).toBeCloseTo(SERVER + 4 * MINUTE);
});

it('keeps on where a page stands behind another and its device does not sleep', () => {
  screen(true);
  pass(3 * MINUTE);
  screen(false);
  expect(clock.now).toBeCloseTo(SERVER + 3 * MINUTE);
  expect(clock.isUnsure).toBe(false);
});
