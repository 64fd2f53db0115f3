import 'fake-indexeddb/auto';

import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

import type { GuidedState, MixEvent, Problem } from '../../src/api/client';
import { GuidedMix } from '../../src/guided/guided.svelte';
import { recall, untold } from '../../src/guided/device/store';

const { get, post, remove } = vi.hoisted(() => ({ get: vi.fn(), post: vi.fn(), remove: vi.fn() }));

vi.mock('../../src/api/client', () => ({
  SERVER_SILENT: { code: 'server_silent', message: 'silent', where: '' },
  problemOf: (error?: { error: Problem }) =>
    error?.error ?? { code: 'server_silent', message: 'silent', where: '' },
  answered: async (asked: Promise<{ data?: unknown; error?: { error: Problem } }>) => {
    const { data, error } = await asked.catch(() => ({ data: undefined, error: undefined }));
    const silent = { code: 'server_silent', message: 'silent', where: '' };
    return data ? { data } : { problem: error?.error ?? silent };
  },
  api: { GET: get, POST: post, DELETE: remove },
}));

const GROW = 1;
const SERVER_AHEAD = 600;
let mix = 0;

/** A mix of three pours of which the first few are over. */
const standing = (over: number, more: Partial<GuidedState> = {}) =>
  ({
    id: mix,
    now: over < 3 ? over : null,
    ended_at: null,
    steps: [1, 2, 3].map((at) => ({
      id: `pour-${at}`,
      kind: 'pour',
      unit: 'mL',
      status: at <= over ? 'done' : at === over + 1 ? 'now' : 'ahead',
      seconds: null,
      due: null,
      figure_shown: null,
      event: null,
    })),
    ...more,
  }) as unknown as GuidedState;

/** An answer as the server gives it, with its time. */
const timed = (answer: { data?: GuidedState }, status = 200) => ({
  ...answer,
  response: new Response(null, {
    status,
    headers: { ETag: '"1"', 'Told-At': String(Date.now() / 1000 + SERVER_AHEAD) },
  }),
});
const refusal = (code: string, where: string) => ({
  error: { error: { code, message: 'look again', where } },
});
const cut = () => Promise.reject(new TypeError('Failed to fetch'));
const pour = (at: number, figure = '12.4') =>
  ({ kind: 'poured', step: `pour-${at}`, figure, of: '', sure: false }) as const;
const toldSteps = () =>
  post.mock.calls.map(([, { body }]) => body.events.map((one: MixEvent) => one.step));

describe('a mix on one device', () => {
  let bench: GuidedMix;

  beforeEach(async () => {
    mix += 1;
    vi.stubGlobal('window', new EventTarget());
    vi.stubGlobal('document', Object.assign(new EventTarget(), { hidden: false }));
    get.mockReset().mockImplementation(() => Promise.resolve(timed({ data: standing(0) })));
    post.mockReset();
    remove.mockReset();
    bench = new GuidedMix(GROW, mix);
    await bench.open();
  });

  afterEach(() => bench.close());

  it('shows at once what happened, tells it, and forgets it when it was heard', async () => {
    let answer: (heard: object) => void = () => undefined;
    post.mockReturnValue(new Promise((done) => (answer = done)));
    const telling = bench.tell(pour(1));
    await vi.waitFor(() => expect(bench.now?.now).toBe(1));
    expect((await untold(mix)).map((event) => event.step)).toEqual(['pour-1']);
    expect(bench.now?.steps[0]).toMatchObject({ status: 'done', figure_shown: '12.4 mL' });
    answer({ data: standing(1) });
    await telling;
    expect(toldSteps()).toEqual([['pour-1']]);
    expect(bench.queue).toEqual([]);
    expect(await untold(mix)).toEqual([]);
    expect((await recall(mix))?.bench.now).toBe(1);
  });

  it('goes on without network, over a reload, and tells all of it once when it returns', async () => {
    post.mockImplementation(cut);
    get.mockImplementation(cut);
    for (const at of [1, 2, 3]) await bench.tell(pour(at));
    expect([bench.offline, bench.now?.now]).toEqual([true, null]);
    bench.close();

    const again = new GuidedMix(GROW, mix);
    await again.open();
    expect([again.offline, again.now?.now, again.queue.length]).toEqual([true, null, 3]);
    post.mockReset().mockResolvedValue({ data: standing(3) });
    window.dispatchEvent(new Event('online'));
    await vi.waitFor(() => expect(again.offline).toBe(false));
    expect(toldSteps()).toEqual([['pour-1', 'pour-2', 'pour-3']]);
    await vi.waitFor(() => expect(again.queue).toEqual([]));
    expect(await untold(mix)).toEqual([]);
    again.close();
  });

  it("gives what happens the server's time, over a reload without network too", async () => {
    post.mockImplementation(cut);
    get.mockImplementation(cut);
    await bench.tell(pour(1));
    bench.close();
    const again = new GuidedMix(GROW, mix);
    await again.open();
    await again.tell(pour(2));
    for (const { at } of again.queue)
      expect(Math.abs(at - (Date.now() / 1000 + SERVER_AHEAD))).toBeLessThan(5);
    again.close();
  });

  it('takes the time from a server that has nothing new only where its clock leapt', async () => {
    get.mockImplementation(() => Promise.resolve(timed({}, 304)));
    const { ahead } = bench.clock;
    expect(Math.abs(ahead - SERVER_AHEAD)).toBeLessThan(5);
    await bench.look();
    expect(bench.clock.ahead).toBe(ahead);
    bench.clock.isUnsure = true;
    bench.clock.ahead = 0;
    await bench.look();
    expect(Math.abs(bench.clock.ahead - SERVER_AHEAD)).toBeLessThan(5);
    expect(bench.clock.isUnsure).toBe(false);
  });

  it.each([
    ['a reading', 'read', 'read_ec', '1.82'],
    ['an advice', 'done', 'advice', ''],
  ] as const)('holds the screen at %s until it was judged', async (_, kind, of, figure) => {
    const { steps } = standing(0);
    bench.heard = standing(0, { steps: steps.map((step) => ({ ...step, kind: of })) });
    const read = { kind, step: 'pour-1', figure, of: '', sure: false } as const;
    let answer: (heard: object) => void = () => undefined;
    post.mockReturnValueOnce(new Promise((done) => (answer = done)));
    const telling = bench.tell(read);
    await vi.waitFor(() => expect([bench.calculating, bench.now?.now]).toEqual([true, 0]));
    answer({ data: standing(1) });
    await telling;
    expect([bench.calculating, bench.now?.now]).toEqual([false, 1]);

    post.mockImplementation(cut); // and goes on without network
    await bench.tell({ ...read, step: 'pour-2' });
    expect([bench.offline, bench.calculating, bench.now?.now]).toEqual([true, false, 2]);
  });

  it('does not go back to a reading that it went on past, when the network is back', async () => {
    get.mockImplementation(cut);
    await bench.look();
    let asked: (heard: object) => void = () => undefined;
    get.mockReturnValueOnce(new Promise((done) => (asked = done)));
    const looking = bench.look();
    const telling = bench.tell({ ...pour(1), kind: 'read' });
    await vi.waitFor(() => expect([bench.offline, bench.now?.now]).toEqual([true, 1]));
    let judged: (heard: object) => void = () => undefined;
    post.mockReturnValueOnce(new Promise((done) => (judged = done)));
    asked({ data: standing(0) });
    await looking;
    expect([bench.offline, bench.calculating, bench.now?.now]).toEqual([false, false, 1]);
    judged({ data: standing(1) });
    await telling;
    expect([bench.queue, bench.now?.now]).toEqual([[], 1]);
    post.mockReturnValueOnce(new Promise(() => undefined)); // the next one is waited for as ever
    void bench.tell({ ...pour(2), kind: 'read' });
    await vi.waitFor(() => expect([bench.calculating, bench.now?.now]).toEqual([true, 1]));
  });

  it('does not wait for a network that does not answer', async () => {
    post.mockImplementation(
      (_: string, { signal }: { signal: AbortSignal }) =>
        new Promise((_, fail) =>
          signal.addEventListener('abort', () => fail(signal.reason as Error)),
        ),
    );
    const soon = new AbortController();
    vi.spyOn(AbortSignal, 'timeout').mockReturnValueOnce(soon.signal);
    const telling = bench.tell({ ...pour(1), kind: 'read' });
    await vi.waitFor(() => expect(post).toHaveBeenCalledOnce());
    soon.abort(new DOMException('late', 'TimeoutError'));
    await telling;
    expect([bench.offline, bench.now?.now]).toEqual([true, 1]);
  });

  it('keeps what happened while it was telling, and does not tell anything twice', async () => {
    let answer: (heard: object) => void = () => undefined;
    post.mockReturnValueOnce(new Promise((done) => (answer = done)));
    post.mockResolvedValueOnce({ data: standing(2) });
    const first = bench.tell(pour(1));
    await vi.waitFor(() => expect(post).toHaveBeenCalledTimes(1));
    const second = bench.tell(pour(2));
    answer({ data: standing(1) });
    await Promise.all([first, second]);
    expect(toldSteps()).toEqual([['pour-1'], ['pour-2']]);
    expect(bench.now?.now).toBe(2);
  });

  it('takes only what is refused off the queue, and says why', async () => {
    post.mockImplementation(cut);
    await bench.tell(pour(1));
    await bench.tell(pour(2, '12,4,1'));
    await bench.tell(pour(3));
    post
      .mockReset()
      .mockResolvedValueOnce(refusal('not_a_number', 'events[1].figure'))
      .mockResolvedValueOnce({ data: standing(1) });
    await bench.look();
    expect(bench.problem?.code).toBe('not_a_number');
    expect(bench.queue.map((event) => event.step)).toEqual(['pour-1', 'pour-3']);
    await bench.look();
    expect(toldSteps()[1]).toEqual(['pour-1', 'pour-3']);
    expect(await untold(mix)).toEqual([]);
  });

  it.each(['sign_in_needed', 'server_silent', 'page_outdated', 'too_large', 'not_found'])(
    'loses nothing to a server that only says %s',
    async (code) => {
      post.mockResolvedValue(refusal(code, ''));
      await bench.tell(pour(1));
      expect(bench.problem?.code).toBe(code);
      expect((await untold(mix)).map((event) => event.step)).toEqual(['pour-1']);
    },
  );

  it('says what is wrong until the next thing happens', async () => {
    post.mockResolvedValueOnce(refusal('reading_odd', 'events[0].figure'));
    await bench.tell(pour(1));
    expect([bench.problem?.code, bench.queue.length]).toEqual(['reading_odd', 0]);
    post.mockResolvedValueOnce({ data: standing(1) });
    await bench.tell(pour(1));
    expect(bench.problem).toBeUndefined();
  });

  it('takes two taps on one button for one', async () => {
    post.mockResolvedValue({ data: standing(1) });
    await Promise.all([bench.tell(pour(1)), bench.tell(pour(1))]);
    expect(toldSteps()).toEqual([['pour-1']]);
  });

  it('remembers nothing of a mix that is over', async () => {
    post.mockResolvedValue({ data: standing(3, { ended_at: '2026-05-02T10:00:00Z' }) });
    await bench.tell(pour(3));
    expect(bench.now?.ended_at).toBeTruthy();
    expect(await recall(mix)).toBeUndefined();
  });

  it('keeps what came too late, over a reload, until somebody has read it', async () => {
    const over = standing(3, { ended_at: '2026-05-02T10:00:00Z' });
    post.mockResolvedValue(refusal('mix_is_over', 'events'));
    get.mockResolvedValue({ data: over });
    await bench.tell(pour(2));
    expect([bench.queue.length, bench.late.map((event) => event.step)]).toEqual([0, ['pour-2']]);
    await bench.look();
    bench.close();

    const again = new GuidedMix(GROW, mix);
    await again.open();
    expect(again.late.map((event) => event.step)).toEqual(['pour-2']);
    await again.noted();
    expect([again.late, await untold(mix)]).toEqual([[], []]);
    again.close();
  });

  it('tells a long list in parts that the server takes', async () => {
    post.mockImplementation(cut);
    for (let at = 0; at < 210; at += 1) void bench.tell(pour(at));
    await vi.waitFor(async () => expect(await untold(mix)).toHaveLength(210));
    await bench.look();
    post.mockReset().mockResolvedValue({ data: standing(1) });
    await bench.look();
    await bench.look();
    expect(toldSteps().map((steps) => steps.length)).toEqual([200, 10]);
    expect(bench.queue).toEqual([]);
  });

  it('is not given up without the server', async () => {
    remove.mockImplementation(cut);
    await bench.giveUp();
    expect(bench.problem?.code).toBe('server_silent');
    expect(bench.now?.ended_at).toBeNull();
    remove.mockResolvedValue({ data: standing(0, { ended_at: '2026-05-02T10:00:00Z' }) });
    await bench.giveUp();
    expect(bench.now?.ended_at).toBeTruthy();
  });

  it('has no pen without network', async () => {
    post.mockImplementation(cut);
    expect(await bench.pen(3)).toBeUndefined();
    post.mockResolvedValue({ data: { ec: '1.82', ph: '5.9', still: true } });
    expect(await bench.pen(4)).toMatchObject({ ec: '1.82', still: true });
    expect(post.mock.lastCall?.[1].body).toEqual({ seconds: 4 });
  });

  it('keeps the order of what happened, also where the clock was set back', async () => {
    vi.useFakeTimers({ now: 1_000_000, toFake: ['Date'] });
    post.mockImplementation(cut);
    await bench.tell(pour(1));
    vi.setSystemTime(400_000);
    await bench.tell(pour(2));
    await bench.tell(pour(3));
    vi.useRealTimers();
    const kept = await untold(mix);
    expect(kept.map((event) => event.step)).toEqual(['pour-1', 'pour-2', 'pour-3']);
    expect(new Set(kept.map((event) => event.at)).size).toBe(3);
  });

  it('keeps mixes apart', async () => {
    post.mockImplementation(cut);
    await bench.tell(pour(1));
    expect(await untold(mix + 1000)).toEqual([]);
    expect(await untold(mix)).toHaveLength(1);
  });

  it('takes a server that fails for no network, and goes on', async () => {
    post.mockResolvedValue({ error: 'oops', response: new Response(null, { status: 502 }) });
    get.mockResolvedValue({ error: 'oops', response: new Response(null, { status: 502 }) });
    await bench.tell(pour(1));
    expect([bench.offline, bench.now?.now, bench.problem]).toEqual([true, 1, undefined]);
    expect(bench.queue.map((event) => event.step)).toEqual(['pour-1']);
  });

  it('takes an answer that is none of ours for no network', async () => {
    post.mockImplementation(() => Promise.reject(new SyntaxError('Unexpected token <')));
    await bench.tell(pour(1));
    expect([bench.offline, bench.now?.now]).toEqual([true, 1]);
  });

  it('sets aside what the server fails at alone, tells the rest singly, and says so', async () => {
    post.mockImplementation(cut);
    for (const at of [1, 2, 3]) await bench.tell(pour(at));
    post.mockImplementation((_: string, { body }: { body: { events: MixEvent[] } }) =>
      body.events.some((event) => event.step === 'pour-2')
        ? Promise.resolve({ error: 'oops', response: new Response(null, { status: 500 }) })
        : Promise.resolve({ data: standing(1), response: new Response(null, { status: 200 }) }),
    );
    await bench.look();
    expect(bench.aside.map((event) => event.step)).toEqual(['pour-2']);
    expect(bench.offline).toBe(false);
    expect(bench.queue.map((event) => event.step)).toEqual(['pour-2']);
    expect((await untold(mix)).map((event) => event.step)).toEqual(['pour-2']);
    post.mockClear();
    await bench.look();
    expect(post).not.toHaveBeenCalled(); // it blocks nothing, and is not tried for ever
    await bench.notedAside();
    expect([bench.queue, await untold(mix)]).toEqual([[], []]);
  });

  it('keeps who pressed, also when somebody else signs in over it', async () => {
    bench.person = 'tamsin';
    post.mockResolvedValue({ error: {}, response: new Response(null, { status: 401 }) });
    await bench.tell(pour(1));
    expect([bench.locked, bench.now?.now]).toEqual([true, 1]);
    bench.person = 'wren';
    post
      .mockClear()
      .mockResolvedValue({ data: standing(2), response: new Response(null, { status: 200 }) });
    await bench.tell(pour(2));
    expect(bench.locked).toBe(false);
    const told = post.mock.calls.flatMap(([, { body }]) => body.events as MixEvent[]);
    expect(told.map((event) => event.by)).toEqual(['tamsin', 'wren']);
  });

  it('goes back as many steps as there are, also without network', async () => {
    const steps = standing(2).steps.map((step, at) => ({
      ...step,
      event: at < 2 ? `heard-${at + 1}` : null,
    }));
    bench.heard = standing(2, { steps, undoable: 'heard-2' });
    post.mockImplementation(cut);
    get.mockImplementation(cut);
    await bench.tell(pour(3));
    const back = async () => {
      const of = bench.undoable;
      if (of) await bench.tell({ kind: 'undone', step: '', figure: '', of, sure: false });
      return of;
    };
    const third = bench.queue[0]?.id;
    expect([await back(), await back(), await back(), await back()]).toEqual([
      third,
      'heard-2',
      'heard-1',
      undefined,
    ]);
    expect(bench.now?.now).toBe(0);
  });

  it('asks no step again that has an event, laid out or not', async () => {
    bench.heard = standing(0, { held: ['pour-9'] });
    post.mockResolvedValue({ data: standing(0, { held: ['pour-9'] }) });
    await bench.tell({ ...pour(1), step: 'pour-9' });
    expect(post).not.toHaveBeenCalled();
    expect(bench.queue).toEqual([]);
  });
});
