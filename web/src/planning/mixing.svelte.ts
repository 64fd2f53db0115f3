import {
  api,
  answered,
  problemOf,
  SERVER_SILENT,
  type OrderPreferences,
  type MixOut,
  type Problem,
  type Overview,
  type Caution,
  type Shapes,
} from '../api/client';
import { exactPercent } from './figures';
import type { GrowStore } from '../shell/grow.svelte';
import { Latest } from './latest';
import {
  asked,
  chartOf,
  fromHash,
  toHash,
  usualFor,
  withChart,
  withBlend,
  withWater,
  type Settings,
} from './settings';

class Refused extends Error {
  problem: Problem;

  constructor(problem: Problem) {
    super(problem.message);
    this.problem = problem;
  }
}

/** What planning changes of the grow, and where it goes to. */
export type Grow = Pick<
  GrowStore,
  'takePreferences' | 'takeUsual' | 'takeRanges' | 'takeBlends' | 'goToTank' | 'whole'
>;

/** One mix being planned: its settings, the last good sheet, and what is wrong with the newest. */
export class Mixing {
  readonly overview: Overview;
  settings = $state.raw<Settings>() as Settings;
  /** The last good sheet, kept while the newest settings cannot be computed. */
  answer = $state.raw<MixOut | undefined>();
  /** The settings the sheet was computed from. */
  answered = $state.raw<Settings | undefined>();
  problem = $state.raw<Problem | undefined>();

  /** A word beside the sentence; it is the same when the grow was fetched anew meanwhile. */
  #word = $state({ said: '' });
  #grow: Grow;
  #latest = new Latest((settings: Settings, signal) => this.#plan(settings, signal));

  /** A mix taken up again, since the grow was fetched anew, shows its last sheet until the next. */
  constructor(grow: Grow, overview: Overview, tank: number, before?: Mixing) {
    this.#grow = grow;
    this.overview = overview;
    const same = before?.settings.tank === tank ? before : undefined;
    this.settings = fromHash(overview, tank, location.hash, same);
    if (before && same) {
      this.answer = before.answer;
      this.answered = before.answered;
      this.#word = before.#word;
    }
    void this.recompute();
  }

  /** What was kept last, in a word. */
  get said() {
    return this.#word.said;
  }

  set said(word: string) {
    this.#word.said = word;
  }

  /** What was acknowledged holds for the mix it was read of, and for no other. */
  set(change: Partial<Settings>) {
    this.#take({ ...this.settings, acknowledged: [], ...change });
  }

  /** A stop was read and accepted, by its name. */
  acknowledge(code: string) {
    this.#take({ ...this.settings, acknowledged: [...this.settings.acknowledged, code] });
  }

  /** Take the mix to the bench; the number of the guided mix, or undefined if it is refused. */
  async start(): Promise<number | undefined> {
    const { data, problem: trouble } = await answered(
      api.POST('/api/grows/{grow_id}/mixes', {
        params: { path: { grow_id: this.overview.id } },
        body: asked(this.overview, this.settings),
      }),
    );
    if (!data) this.problem = trouble;
    return data?.id;
  }

  /** A school of mixing order, from now on for the whole grow. */
  async follow(custom: Partial<OrderPreferences>) {
    this.set(custom);
    const { calmag, silica, live, rows } = this.settings;
    const body = { calmag, silica, live, rows };
    const params = { path: { grow_id: this.overview.id } };
    const kept = await api
      .PUT('/api/grows/{grow_id}/order-preferences', { params, body })
      .catch(() => ({ data: undefined }));
    if (kept.data) this.#grow.takePreferences(body);
  }

  /** Keep chart, column and strength as what this tank is usually fed with. */
  async keepAsUsual(held: boolean) {
    const { tank: id, version_id, column } = this.settings;
    const tank = this.overview.tanks.find((one) => one.id === id);
    if (!tank) return;
    const { strength } = asked(this.overview, this.settings);
    const seen = {
      chart_id: tank.chart_id,
      column: tank.column,
      strength: tank.strength,
      held: tank.held,
    };
    const { data, problem: trouble } = await answered(
      api.PATCH('/api/grows/{grow_id}/tanks/{tank_id}/usual', {
        params: { path: { grow_id: this.overview.id, tank_id: id } },
        body: { version_id, column, strength, held, seen },
      }),
    );
    if (!data) return void (this.said = trouble.message);
    this.#grow.takeUsual(id, data);
    this.said = held ? 'held from now on' : 'kept as its usual';
    void this.recompute();
  }

  /** The grow's own ranges of elements, from now on. */
  takeRanges(ranges: Overview['ranges']) {
    this.#grow.takeRanges(ranges);
    void this.recompute();
  }

  /** Take the way out that a warning names. */
  remedy({ remedy }: Caution) {
    const { product, strength, end, column, hard_forms, acid } = remedy;
    const share = strength && exactPercent(strength);
    if (product && share) this.override(product, share);
    else if (acid) this.set({ acid });
    else if (share) this.set({ strength: share });
    else if (end) this.set({ end: end as Settings['end'] });
    else if (column) this.set({ column, between: null });
    else if (hard_forms) this.set({ hard_forms: true });
  }

  /** The address that leads back to this mix. */
  get hash(): string {
    return toHash(this.overview, this.settings);
  }

  /** The address has come to another tank. */
  showTank(tank: number) {
    if (tank !== this.settings.tank) this.#take(usualFor(this.overview, tank));
  }

  takeTank(tank: number) {
    this.#grow.goToTank(tank);
  }

  takeWater(water: number) {
    this.set(withWater(this.overview, { ...this.settings, acknowledged: [] }, water));
  }

  /** A blend that is kept by its name, as a water is taken. */
  takeBlend(kept: Shapes['KeptBlend']) {
    this.set(withBlend(this.overview, { ...this.settings, acknowledged: [] }, kept));
  }

  /** Keep this blend by a name; what was wrong with it, or nothing. */
  async keepBlend(name: string): Promise<Problem | undefined> {
    const { water, blend } = this.settings;
    const { data, problem } = await answered(
      api.POST('/api/grows/{grow_id}/blends', {
        params: { path: { grow_id: this.overview.id } },
        body: { name, water, parts: blend },
      }),
    );
    if (data) this.#grow.takeBlends(data);
    return problem;
  }

  async takeChart(version: number) {
    if (!chartOf(this.overview, version) && !(await this.#grow.whole(version))) return;
    this.set(withChart(this.overview, { ...this.settings, acknowledged: [] }, version));
  }

  /** What one product gets otherwise; an empty text takes the wish back. */
  override(product: string, strength: string) {
    const wishes = Object.entries({ ...this.settings.overrides, [product]: strength });
    this.set({ overrides: Object.fromEntries(wishes.filter(([, wish]) => wish.trim())) });
  }

  get chart() {
    return chartOf(this.overview, this.settings.version_id);
  }

  /** The two letters on a product's paper label, in the chart or charts the sheet is of. */
  tag(product: string): string {
    return this.answer?.tags[product] ?? product.slice(0, 2);
  }

  #take(settings: Settings) {
    this.said = '';
    this.settings = settings;
    history.replaceState(history.state, '', toHash(this.overview, settings));
    void this.recompute();
  }

  async recompute() {
    const settings = this.settings;
    const outcome = await this.#latest.ask(settings);
    if (!outcome) return;
    if ('answer' in outcome) {
      this.answer = outcome.answer;
      this.answered = settings;
      this.problem = undefined;
    } else {
      const { failure } = outcome;
      this.problem = failure instanceof Refused ? failure.problem : SERVER_SILENT;
    }
  }

  async #plan(settings: Settings, signal: AbortSignal): Promise<MixOut> {
    const path = { grow_id: this.overview.id };
    const { data, error } = await api.POST('/api/grows/{grow_id}/mix', {
      params: { path },
      body: asked(this.overview, settings),
      signal,
    });
    if (!data) throw new Refused(problemOf(error));
    return data;
  }
}
