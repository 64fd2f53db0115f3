import {
  api,
  answered,
  problemOf,
  type GuidedState,
  type MixEvent,
  type Problem,
} from '../api/client';
import { InTurn } from '../api/inturn';
import { typedIn } from '../planning/settings';
import { SharedClock } from './device/clock';
import { lastUndoable, project, standsFor } from './project';
import { writeAs } from '../words/writing.svelte';
import { forget, keepUntold, recall, remember, told, untold } from './device/store';

const LOOK_EVERY_MS = 1500;
/** A network that answers later than this is none: the bench does not wait for it. */
const MOST_MS = 4000;
const MOST_AT_A_TIME = 200;
const FAULT = 500;
const UNCHANGED = 304;

/** What happened, before it is stamped. */
export type Untold = Omit<MixEvent, 'id' | 'at' | 'by'>;

type Answer = { data?: GuidedState; error?: unknown; response?: Response };

/** One guided mix on this device: what the server knows, what it was not told yet, and the rest. */
export class GuidedMix {
  readonly grow: number;
  readonly mix: number;
  /** Times of events, and of what is due, are the server's, on every device alike. */
  readonly clock = new SharedClock();
  /** Who stands here: whoever presses is kept with each event, whoever tells of it later. */
  person: string;
  heard = $state.raw<GuidedState | undefined>();
  queue = $state.raw<MixEvent[]>([]);
  /** What happened here and was told when the mix was over already: its record has none of it. */
  late = $state.raw<MixEvent[]>([]);
  /** What the server fails at, while it takes all else: it is kept here, and said. */
  aside = $state.raw<MixEvent[]>([]);
  problem = $state.raw<Problem | undefined>();
  offline = $state(false);
  /** The session is over: somebody has to sign in before anything is told. */
  locked = $state(false);

  /** What the screen went on past while nobody could judge it: it does not go back there by itself. */
  #passed = $state.raw<MixEvent[]>([]);
  #turn = new InTurn();
  #last = 0;
  #keeping: string[] = [];
  /** The server's name for what it last said of this mix. */
  #tag = '';
  #timer: ReturnType<typeof setInterval> | undefined;

  constructor(grow: number, mix: number, person = '') {
    this.grow = grow;
    this.mix = mix;
    this.person = person;
  }

  /** As it stands on this screen. What follows from a reading waits for the server's judgement. */
  get now(): GuidedState | undefined {
    const ahead = this.calculating ? this.queue.slice(0, this.#firstJudged) : this.queue;
    return this.heard && project(this.heard, ahead);
  }

  /** Whether the server is asked what a reading, or going on after one, means; without network
   * the bench goes on. */
  get calculating(): boolean {
    return !this.offline && !this.locked && this.#firstJudged >= 0;
  }

  get #firstJudged(): number {
    const judged = (step?: string) =>
      this.heard?.steps.some(
        (one) => one.id === step && (one.kind === 'advice' || one.kind === 'volume'),
      );
    return this.queue.findIndex(
      (event) => !this.#passed.includes(event) && (event.kind === 'read' || judged(event.step)),
    );
  }

  /** The last thing that can be taken back, told or not; undefined where there is none. */
  get undoable(): string | undefined {
    return lastUndoable(this.heard, this.queue);
  }

  async open() {
    this.queue = await untold(this.mix).catch(() => []);
    this.#last = this.queue.at(-1)?.at ?? 0;
    const kept = await recall(this.mix).catch(() => undefined);
    this.heard = kept?.bench;
    this.clock.ahead = kept?.ahead ?? 0;
    this.clock.start();
    if (this.heard?.units) writeAs(this.heard.units);
    await this.look();
    this.#timer = setInterval(() => void this.look(), LOOK_EVERY_MS);
    window.addEventListener('online', this.#again);
  }

  close() {
    clearInterval(this.#timer);
    this.clock.stop();
    window.removeEventListener('online', this.#again);
  }

  #again = () => void this.look();

  /**
   * Something happened here: it is kept, shows as soon as it is, and is told when it can be. What
   * one press tells of several steps goes together; `over` is when a time was over by itself.
   */
  async tell(told: Untold | Untold[], over?: number) {
    const fresh = [told].flat().filter(
      // it has one already, or this is a second tap on the same button
      ({ step }) => !step || !(this.#keeping.includes(step) || standsFor(this.heard, this.queue, step)),
    ); // prettier-ignore
    if (!fresh.length) return;
    await this.#keep(fresh.map((event) => ({ ...event, ...this.#typedIn(event.figure), by: this.person, id: crypto.randomUUID(), at: this.#later(over) }))); // prettier-ignore
  }

  async #keep(events: MixEvent[]) {
    this.problem = undefined;
    this.#keeping.push(...events.map((one) => one.step));
    // Where a browser keeps nothing, what happened is told all the same.
    for (const event of events) await keepUntold(this.mix, event).catch(() => undefined);
    this.#keeping = this.#keeping.filter((step) => !events.some((one) => one.step === step));
    this.queue = [...this.queue, ...events];
    await this.look();
  }

  /** Take back what was pressed last, with what went on by itself since. */
  async undo() {
    const undone: MixEvent[] = [];
    let pressed = false;
    for (;;) {
      const told = [...this.queue, ...undone];
      const last = lastUndoable(this.heard, told);
      if (!last) break;
      const step = this.heard && project(this.heard, told).steps.find((one) => one.event === last);
      if (pressed && step?.ends !== 'with_next') break;
      undone.push({ kind: 'undone', step: '', figure: '', of: last, sure: false, by: this.person, id: crypto.randomUUID(), at: this.#later() }); // prettier-ignore
      pressed ||= !step || step.ends === 'press' || step.ends === 'with_next';
    }
    if (undone.length) await this.#keep(undone);
  }

  /** The units that the screen showed when a figure was typed: it is told when others may be set. */
  #typedIn(figure: MixEvent['figure']): Pick<MixEvent, 'typed_in'> {
    const units = this.heard?.units;
    return typeof figure === 'string' && figure && units ? { typed_in: typedIn({ units }) } : {};
  }

  /** Seconds since the epoch, later than what happened before, whatever was done to the clock. */
  #later(at = Infinity) {
    this.#last = Math.max(Math.min(at, this.clock.now), this.#last + 0.001);
    return this.#last;
  }

  /** Tell what was not told, or just ask how it stands. */
  look(): Promise<void> {
    return this.#turn.run(() => this.#exchange());
  }

  async #exchange() {
    const telling = this.#untold.slice(0, MOST_AT_A_TIME);
    try {
      const answer = telling.length ? await this.#post(telling) : await this.#get();
      if (faulty(answer)) {
        await this.#afterFault(telling);
        return;
      }
      await this.#take(answer, telling);
    } catch {
      this.#goOffline();
    }
  }

  #goOffline() {
    this.offline = true;
    this.clock.guess();
  }

  get #untold() {
    return this.queue.filter((event) => !this.aside.includes(event));
  }

  get #params() {
    return { path: { grow_id: this.grow, mix_id: this.mix } };
  }

  /** How it stands; a server that has nothing new says so, and works nothing out again. */
  async #get(): Promise<Answer> {
    const signal = AbortSignal.timeout(MOST_MS);
    const headers = this.heard && this.#tag ? { 'If-None-Match': this.#tag } : {};
    const answer = await api.GET('/api/grows/{grow_id}/mixes/{mix_id}', {
      params: this.#params,
      headers,
      signal,
    });
    if (answer.data) this.#tag = tagOf(answer);
    return answer;
  }

  #post(events: MixEvent[]): Promise<Answer> {
    const signal = AbortSignal.timeout(MOST_MS);
    const body = { events };
    const params = this.#params;
    return api.POST('/api/grows/{grow_id}/mixes/{mix_id}/events', { params, body, signal });
  }

  async #take({ data, error, response }: Answer, telling: MixEvent[]) {
    if (!this.calculating) this.#passed = this.queue;
    this.offline = false;
    const toldAt = response?.headers.get('Told-At');
    // A clock that was left alone is set by news only: what it counts down goes on evenly.
    if (toldAt && (data || this.clock.isUnsure)) this.clock.set(Number(toldAt));
    this.locked = response?.status === 401;
    if (response?.status === UNCHANGED) return;
    if (data) await this.#hear(data, telling);
    else if (!this.locked) await this.#refuse(problemOf(error), telling);
  }

  /**
   * A server that fails is no network, and the bench goes on. If it fails at what it is told alone,
   * that is told piece by piece, and what it fails at is set aside and said.
   */
  async #afterFault(telling: MixEvent[]) {
    const alive = telling.length ? await this.#get() : undefined;
    if (!alive || faulty(alive)) {
      this.#goOffline();
      return;
    }
    for (const event of telling) {
      const answer = await this.#post([event]);
      if (faulty(answer)) this.aside = [...this.aside, event];
      else await this.#take(answer, [event]);
    }
  }

  async #hear(guided: GuidedState, telling: MixEvent[]) {
    this.heard = guided;
    // eslint-disable-next-line @typescript-eslint/no-unnecessary-condition -- kept by an older app
    if (guided.units) writeAs(guided.units);
    this.queue = this.queue.filter((event) => !telling.includes(event));
    // First remembered as told, then taken off the list: a reload in between tells it twice, not never.
    if (guided.ended_at) await forget(this.mix);
    else await remember(this.grow, guided, this.clock.ahead);
    await told(telling);
  }

  /** One event that is refused is taken off the queue and said; all else waits to be told again. */
  async #refuse(problem: Problem, telling: MixEvent[]) {
    this.problem = problem;
    if (problem.code === 'mix_is_over') {
      this.late = [...this.late, ...telling];
      this.queue = this.queue.filter((event) => !telling.includes(event));
    }
    const at = /^events\[(\d+)\]/.exec(problem.where)?.[1];
    if (at === undefined) return;
    const refused = telling.slice(Number(at), Number(at) + 1);
    this.queue = this.queue.filter((event) => !refused.includes(event));
    await told(refused);
  }

  /** Somebody has read what came too late; until then it is kept, also over a reload. */
  async noted() {
    const read = this.late;
    this.late = [];
    await told(read);
  }

  /** Somebody has written down what the server fails at; until then it is kept. */
  async notedAside() {
    const read = this.aside;
    this.aside = [];
    this.queue = this.queue.filter((event) => !read.includes(event));
    await told(read);
  }

  async giveUp() {
    const { data, problem: trouble } = await answered(
      api.DELETE('/api/grows/{grow_id}/mixes/{mix_id}', { params: this.#params }),
    );
    if (data) await this.#hear(data, this.queue);
    else this.problem = trouble;
  }

  /** The record was corrected: this is how the mix stands by it. */
  corrected(state: GuidedState) {
    this.heard = state;
    this.#tag = '';
  }

  /** What the pen shows after so many seconds in the tank; undefined without network. */
  async pen(seconds: number) {
    const shown = await api
      .POST('/api/grows/{grow_id}/mixes/{mix_id}/pen', { params: this.#params, body: { seconds } })
      .catch(() => undefined);
    return shown?.data;
  }
}

function faulty({ response }: Answer): boolean {
  return (response?.status ?? 0) >= FAULT;
}

function tagOf({ response }: Answer): string {
  return response?.headers.get('ETag') ?? '';
}
