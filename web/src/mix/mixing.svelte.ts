import { api, problemOf, SERVER_SILENT, type MixOut, type Problem, type Quay } from '../api/client';
import { Latest } from './latest';
import {
  asked,
  chartOf,
  fromHash,
  toHash,
  usualFor,
  withChart,
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

/** One mix being planned: its settings, the last good sheet, and what is wrong with the newest. */
export class Mixing {
  readonly quay: Quay;
  settings = $state.raw<Settings>() as Settings;
  /** The last good sheet, kept while the newest settings cannot be computed. */
  answer = $state.raw<MixOut | undefined>();
  /** The settings the sheet was computed from. */
  answered = $state.raw<Settings | undefined>();
  problem = $state.raw<Problem | undefined>();

  #latest = new Latest((settings: Settings, signal) => this.#plan(settings, signal));

  constructor(quay: Quay) {
    this.quay = quay;
    this.settings = fromHash(quay, location.hash);
    this.recompute();
  }

  set(change: Partial<Settings>) {
    this.#take({ ...this.settings, ...change });
  }

  takeTank(tank: number) {
    this.#take(usualFor(this.quay, tank));
  }

  takeWater(water: number) {
    this.#take(withWater(this.quay, this.settings, water));
  }

  takeChart(version: number) {
    this.#take(withChart(this.quay, this.settings, version));
  }

  /** What one product gets otherwise; an empty text takes the wish back. */
  override(product: string, strength: string) {
    const wishes = Object.entries({ ...this.settings.overrides, [product]: strength });
    this.set({ overrides: Object.fromEntries(wishes.filter(([, wish]) => wish.trim())) });
  }

  get chart() {
    return chartOf(this.quay, this.settings.chart);
  }

  /** The two letters on a product's paper label, in the chart the sheet was computed from. */
  tag(product: string): string {
    const chart = chartOf(this.quay, (this.answered ?? this.settings).chart);
    return chart?.rows.find((row) => row.key === product)?.tag ?? product.slice(0, 2);
  }

  #take(settings: Settings) {
    this.settings = settings;
    history.replaceState(null, '', toHash(this.quay, settings));
    this.recompute();
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
    const path = { grow_id: this.quay.id };
    const { data, error } = await api.POST('/api/grows/{grow_id}/mix', {
      params: { path },
      body: asked(settings),
      signal,
    });
    if (!data) throw new Refused(problemOf(error));
    return data;
  }
}
