import { beforeEach, describe, expect, it, vi } from 'vitest';

import { Signals } from '../../src/guided/device/signals.svelte';

let kept: Map<string, string>;
let rung: number[];
const vibrate = vi.fn();
const request = vi.fn();
const speak = vi.fn();
const cancel = vi.fn();
const page = Object.assign(new EventTarget(), { visibilityState: 'visible' });

class Part {
  gain = { setTargetAtTime: vi.fn() };
  connect = <Next>(next: Next) => next;
  stop = vi.fn();
  start = (at: number) => void rung.push(at);
}

class Sound {
  static made = 0;
  state = 'running';
  currentTime = 10;
  constructor() {
    Sound.made += 1;
  }
  resume = () => Promise.resolve();
  close = () => Promise.resolve();
}

beforeEach(() => {
  kept = new Map();
  rung = [];
  Sound.made = 0;
  [vibrate, speak, cancel].forEach((one) => one.mockReset());
  request.mockReset().mockImplementation(() => {
    const lock = Object.assign(new EventTarget(), {
      release: () => Promise.resolve(void lock.dispatchEvent(new Event('release'))),
    });
    return Promise.resolve(lock);
  });
  page.visibilityState = 'visible';
  vi.stubGlobal('document', page);
  vi.stubGlobal('navigator', { vibrate, wakeLock: { request } });
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
  });
  vi.stubGlobal('AudioContext', Sound);
  vi.stubGlobal('OscillatorNode', Part);
  vi.stubGlobal('GainNode', Part);
  vi.stubGlobal('speechSynthesis', { speak, cancel });
  vi.stubGlobal('SpeechSynthesisUtterance', Part);
  vi.stubGlobal('window', globalThis);
});

describe('the signals of the bench', () => {
  it('ring and shake at the end of a time, once somebody has pressed something', () => {
    const signals = new Signals();
    signals.end();
    expect([rung.length, vibrate.mock.calls.length]).toEqual([0, 1]);
    signals.arm();
    signals.arm();
    signals.end();
    expect([Sound.made, rung.length]).toEqual([1, 2]);
    expect(rung[1]).toBeGreaterThan(rung[0] ?? Infinity); // one tone after the other
  });

  it('are silent where they are switched off, on this device and over a reload', () => {
    new Signals().choose({ sound: false, vibration: false });
    const signals = new Signals();
    signals.arm();
    signals.end();
    expect([Sound.made, rung, vibrate.mock.calls]).toEqual([0, [], []]);
    signals.choose({ sound: true });
    expect(rung).toHaveLength(2); // this is how it sounds
  });

  it('read aloud only on wish, and each step once', () => {
    const signals = new Signals();
    signals.say('Pour Glasswort');
    signals.choose({ speech: true });
    signals.say('Stir');
    signals.say('Stir');
    expect(speak).toHaveBeenCalledTimes(1);
    signals.stop();
    expect(cancel).toHaveBeenCalled();
  });

  it('keep the screen awake, and again when the page comes back into sight', async () => {
    const signals = new Signals();
    signals.start();
    await vi.waitFor(() => expect(signals.isAwake).toBe(true));
    const held = (await request.mock.results[0]?.value) as EventTarget;
    held.dispatchEvent(new Event('release'));
    expect(signals.isAwake).toBe(false);
    page.visibilityState = 'hidden';
    page.dispatchEvent(new Event('visibilitychange'));
    expect(request).toHaveBeenCalledTimes(1);
    page.visibilityState = 'visible';
    page.dispatchEvent(new Event('visibilitychange'));
    await vi.waitFor(() => expect(signals.isAwake).toBe(true));
    signals.choose({ awake: false });
    await vi.waitFor(() => expect(signals.isAwake).toBe(false));
    signals.stop();
    page.dispatchEvent(new Event('visibilitychange'));
    expect(request).toHaveBeenCalledTimes(2);
  });

  it.each<[string, () => void]>([
    ['refuses to stay awake', () => request.mockRejectedValue(new Error('low battery'))],
    ['knows nothing of all this', () => vi.stubGlobal('navigator', {})],
    ['keeps nothing', () => vi.stubGlobal('localStorage', { getItem: () => '{', setItem: () => { throw new Error('full'); } })], // prettier-ignore
  ])('are no hindrance on a device that %s', async (_, refuse) => {
    refuse();
    const signals = new Signals();
    signals.start();
    signals.choose({ sound: true });
    signals.end();
    await Promise.resolve();
    expect(signals.choices).toMatchObject({ awake: true, sound: true, speech: false });
    signals.stop();
  });
});
