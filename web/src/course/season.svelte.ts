import { answered, api, type Problem, type Shapes } from '../api/client';
import { Latest } from '../planning/latest';
import type { Course } from './course';

export type Decision = Shapes['DecisionIn'];

/** The season of one tank: its course, and what a decision would move before it is made. */
export class Season {
  readonly grow: number;
  readonly tank: number;
  /** Null where the tank has none. */
  course = $state.raw<Course | null | undefined>();
  /** What the course would be with the decision that is being looked at. */
  preview = $state.raw<Course | undefined>();
  asked = $state.raw<Decision | undefined>();
  problem = $state.raw<Problem | undefined>();

  #latest: Latest<Decision, Awaited<ReturnType<Season['look']>>>;

  constructor(grow: number, tank: number) {
    this.grow = grow;
    this.tank = tank;
    this.#latest = new Latest((decision, signal) => this.look(decision, signal));
  }

  get shown(): Course | undefined {
    return this.preview ?? this.course ?? undefined;
  }

  async load() {
    const path = { grow_id: this.grow, tank_id: this.tank };
    this.#take(
      await answered(api.GET('/api/grows/{grow_id}/tanks/{tank_id}/course', { params: { path } })),
    );
  }

  #take(outcome: { data?: Course | null | undefined; problem: Problem | undefined }): boolean {
    this.problem = outcome.problem;
    if (outcome.data === undefined) return false;
    this.course = outcome.data;
    this.leave();
    return true;
  }

  look(decision: Decision, signal: AbortSignal) {
    return answered(
      api.POST('/api/grows/{grow_id}/seasons/{season_id}/preview', {
        params: { path: this.#path },
        body: decision,
        signal,
      }),
    );
  }

  get #path() {
    return { grow_id: this.grow, season_id: this.course?.season ?? 0 };
  }

  /** Show what a decision would move; nothing is kept. */
  async consider(decision: Decision) {
    this.asked = decision;
    const outcome = await this.#latest.ask(decision);
    if (!outcome || !('answer' in outcome) || this.asked !== decision) return;
    this.problem = outcome.answer.problem;
    this.preview = outcome.answer.data;
  }

  /** Take the decision that is being looked at. */
  async decide(reason: string) {
    if (!this.asked) return;
    const body = { ...this.asked, reason };
    const params = { path: this.#path };
    this.#take(
      await answered(api.POST('/api/grows/{grow_id}/seasons/{season_id}/told', { params, body })),
    );
  }

  leave() {
    this.asked = undefined;
    this.preview = undefined;
  }

  async takeBack(entry: number) {
    const path = { ...this.#path, entry_id: entry };
    this.#take(
      await answered(
        api.DELETE('/api/grows/{grow_id}/seasons/{season_id}/told/{entry_id}', {
          params: { path },
        }),
      ),
    );
  }

  async begin(body: Shapes['SeasonIn']): Promise<boolean> {
    const path = { grow_id: this.grow, tank_id: this.tank };
    const { problem } = await answered(
      api.POST('/api/grows/{grow_id}/tanks/{tank_id}/seasons', { params: { path }, body }),
    );
    this.problem = problem;
    if (problem) return false;
    await this.load();
    return true;
  }

  async end(day: string | null) {
    const params = { path: this.#path };
    const body = { ended_on: day };
    this.#take(
      await answered(api.PATCH('/api/grows/{grow_id}/seasons/{season_id}', { params, body })),
    );
  }

  async plan(): Promise<Shapes['SeasonDocument'] | undefined> {
    const { data, problem } = await answered(
      api.GET('/api/grows/{grow_id}/seasons/{season_id}/plan', { params: { path: this.#path } }),
    );
    this.problem = problem;
    return data?.plan;
  }

  async keepPlan(plan: Shapes['SeasonDocument'], seen: Shapes['SeasonDocument']): Promise<boolean> {
    const params = { path: this.#path };
    return this.#take(
      await answered(
        api.PUT('/api/grows/{grow_id}/seasons/{season_id}/plan', { params, body: { plan, seen } }),
      ),
    );
  }
}
