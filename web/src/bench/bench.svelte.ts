import { api, problemOf, type BenchState, type MixEvent, type Problem } from '../api/client';
import { InTurn } from '../api/inturn';
import { project } from './project';
import { forget, keepUntold, recall, remember, told, untold } from './store';

const LOOK_EVERY_MS = 1500;
/** A network that answers later than this is none: the bench does not wait for it. */
const MOST_MS = 4000;
const MOST_AT_A_TIME = 200;

/** One guided mix on this device: what the server knows, what it was not told yet, and the rest. */
export class Bench {
  readonly grow: number;
  readonly mix: number;
  heard = $state.raw<BenchState | undefined>();
  queue = $state.raw<MixEvent[]>([]);
  /** What happened here and was told when the mix was over already: its record has none of it. */
  late = $state.raw<MixEvent[]>([]);
  problem = $state.raw<Problem | undefined>();
  offline = $state(false);

  #turn = new InTurn();
  #last = 0;
  #keeping = '';
  #timer: ReturnType<typeof setInterval> | undefined;

  constructor(grow: number, mix: number) {
    this.grow = grow;
    this.mix = mix;
  }

  /** As it stands on this screen. What follows from a reading waits for the server's judgement. */
  get now(): BenchState | undefined {
    const ahead = this.reckoning ? this.queue.slice(0, this.#firstJudged) : this.queue;
    return this.heard && project(this.heard, ahead);
  }

  /** Whether the server is asked what a reading, or going on after one, means; without network
   * the bench goes on. */
  get reckoning(): boolean {
    return !this.offline && this.#firstJudged >= 0;
  }

  get #firstJudged(): number {
    const judged = (step?: string) =>
      this.heard?.steps.some((one) => one.id === step && one.kind === 'advice');
    return this.queue.findIndex((event) => event.kind === 'read' || judged(event.step));
  }

  async open() {
    this.queue = await untold(this.mix);
    this.#last = this.queue.at(-1)?.at ?? 0;
    this.heard = (await recall(this.mix))?.bench;
    await this.look();
    this.#timer = setInterval(() => void this.look(), LOOK_EVERY_MS);
    window.addEventListener('online', this.#again);
  }

  close() {
    clearInterval(this.#timer);
    window.removeEventListener('online', this.#again);
  }

  #again = () => void this.look();

  /** Something happened here: it is kept, shows as soon as it is, and is told when it can be. */
  async tell(event: Omit<MixEvent, 'id' | 'at'>) {
    const whole = { ...event, id: crypto.randomUUID(), at: this.#later() };
    if (this.#keeping === event.step && event.step) return; // a second tap on the same button
    this.#keeping = event.step ?? '';
    this.problem = undefined;
    // Where a browser keeps nothing, what happened is told all the same.
    await keepUntold(this.mix, whole).catch(() => undefined);
    this.#keeping = '';
    this.queue = [...this.queue, whole];
    await this.look();
  }

  /** Seconds since the epoch, later than what happened before, whatever was done to the clock. */
  #later() {
    this.#last = Math.max(Date.now() / 1000, this.#last + 0.001);
    return this.#last;
  }

  /** Tell what was not told, or just ask how it stands. */
  look(): Promise<void> {
    return this.#turn.run(() => this.#exchange());
  }

  async #exchange() {
    const telling = this.queue.slice(0, MOST_AT_A_TIME);
    const params = { path: { grow_id: this.grow, mix_id: this.mix } };
    const signal = AbortSignal.timeout(MOST_MS);
    try {
      const { data, error } = telling.length
        ? await api.POST('/api/grows/{grow_id}/mixes/{mix_id}/events', {
            params,
            body: { events: telling },
            signal,
          })
        : await api.GET('/api/grows/{grow_id}/mixes/{mix_id}', { params, signal });
      this.offline = false;
      if (data) await this.#hear(data, telling);
      else await this.#refuse(problemOf(error), telling);
    } catch {
      this.offline = true;
    }
  }

  async #hear(bench: BenchState, telling: MixEvent[]) {
    this.heard = bench;
    this.queue = this.queue.filter((event) => !telling.includes(event));
    // First remembered, then no more to be told: a reload in between tells it twice, not never.
    if (bench.ended_at) await forget(this.mix);
    else await remember(this.grow, bench);
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

  async giveUp() {
    const params = { path: { grow_id: this.grow, mix_id: this.mix } };
    const { data, error } = await api
      .DELETE('/api/grows/{grow_id}/mixes/{mix_id}', { params })
      .catch(() => ({ data: undefined, error: undefined }));
    if (data) await this.#hear(data, this.queue);
    else this.problem = problemOf(error);
  }

  /** What the pen shows after so many seconds in the tank; undefined without network. */
  async pen(seconds: number) {
    const params = { path: { grow_id: this.grow, mix_id: this.mix } };
    const shown = await api
      .POST('/api/grows/{grow_id}/mixes/{mix_id}/pen', { params, body: { seconds } })
      .catch(() => undefined);
    return shown?.data;
  }
}
