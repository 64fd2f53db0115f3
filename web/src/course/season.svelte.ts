import { answered, api, type Problem, type Shapes } from '../api/client';
import { Latest } from '../planning/latest';
import type { Course } from './course';

export type Decision = Shapes['DecisionIn'];

type Plan = Shapes['SeasonDocument'];

/** What may be looked at before it is so: a decision, or another plan than the one that was seen. */
export type Asked = { decision: Decision } | { plan: Plan; seen: Plan };

/** The season of one tank: its course, and what a decision would move before it is made. */
export class Season {
  readonly grow: number;
  readonly tank: number;
  /** Null where the tank has none. */
  course = $state.raw<Course | null | undefined>();
  /** What the course would be with the decision, or the plan, that is being looked at. */
  preview = $state.raw<Course | undefined>();
  asked = $state.raw<Asked | undefined>();
  problem = $state.raw<Problem | undefined>();
  deciding = $state(false);
  offered = $state.raw<Shapes['OfferedRule'][]>([]);

  #latest: Latest<Asked, Awaited<ReturnType<Season['look']>>>;

  constructor(grow: number, tank: number) {
    this.grow = grow;
    this.tank = tank;
    this.#latest = new Latest((asked, signal) => this.look(asked, signal));
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

  look(asked: Asked, signal: AbortSignal) {
    const params = { path: this.#path };
    return answered(
      'decision' in asked
        ? api.POST('/api/grows/{grow_id}/seasons/{season_id}/preview', {
            params,
            body: asked.decision,
            signal,
          })
        : api.POST('/api/grows/{grow_id}/seasons/{season_id}/plan', {
            params,
            body: { plan: asked.plan },
            signal,
          }),
    );
  }

  get #path() {
    return { grow_id: this.grow, season_id: this.course?.season ?? 0 };
  }

  /** Show what a decision would move; nothing is kept. */
  consider(decision: Decision) {
    return this.#show({ decision });
  }

  /** Show what another plan would move; nothing is kept. */
  considerPlan(plan: Plan, seen: Plan) {
    return this.#show({ plan, seen });
  }

  async #show(asked: Asked) {
    this.asked = asked;
    const outcome = await this.#latest.ask(asked);
    if (!outcome || !('answer' in outcome) || this.asked !== asked) return;
    this.problem = outcome.answer.problem;
    this.preview = outcome.answer.data;
  }

  /** Take what is being looked at, once however often it is pressed. */
  async decide(reason: string) {
    const asked = this.asked;
    if (!asked || this.deciding) return;
    this.deciding = true;
    if ('plan' in asked) await this.keepPlan(asked.plan, asked.seen);
    else {
      const seen = Math.max(0, ...(this.course?.told.map((one) => one.id) ?? []));
      const body = { ...asked.decision, reason, seen };
      const params = { path: this.#path };
      this.#take(
        await answered(api.POST('/api/grows/{grow_id}/seasons/{season_id}/told', { params, body })),
      );
    }
    this.deciding = false;
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

  /** Go through the season of another tank together with it, from a day on. */
  async join(season: number, on: string): Promise<boolean> {
    const path = { grow_id: this.grow, tank_id: this.tank };
    return this.#take(
      await answered(
        api.POST('/api/grows/{grow_id}/tanks/{tank_id}/joined-season', {
          params: { path },
          body: { season, on },
        }),
      ),
    );
  }

  /** Part from the tanks that this one goes together with. */
  async goOnAlone() {
    const params = { path: this.#path };
    this.#take(
      await answered(api.POST('/api/grows/{grow_id}/seasons/{season_id}/split', { params })),
    );
  }

  /** Remove a season that was begun by mistake; what ran here before goes on. */
  async takeSeasonBack(): Promise<boolean> {
    const params = { path: this.#path };
    const { problem } = await answered(
      api.DELETE('/api/grows/{grow_id}/seasons/{season_id}', { params }),
    );
    if (!problem) await this.load();
    else this.problem = problem;
    return !problem;
  }

  async end(day: string | null) {
    const params = { path: this.#path };
    const body = { ended_on: day, seen: { ended_on: this.course?.ended_on ?? null } };
    this.#take(
      await answered(api.PATCH('/api/grows/{grow_id}/seasons/{season_id}', { params, body })),
    );
  }

  /** How it goes on; rules that the leaflet prints are offered beside it. */
  async plan(): Promise<Shapes['SeasonDocument'] | undefined> {
    const { data, problem } = await answered(
      api.GET('/api/grows/{grow_id}/seasons/{season_id}/plan', { params: { path: this.#path } }),
    );
    this.problem = problem;
    this.offered = data?.offered ?? [];
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
