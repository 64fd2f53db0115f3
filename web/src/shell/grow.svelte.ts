import { getContext, setContext } from 'svelte';

import {
  answered,
  api,
  type Chart,
  listed,
  type OrderPreferences,
  type Problem,
  type Overview,
  type Shapes,
  type Water,
} from '../api/client';
import { keeping } from '../api/inturn';
import { go } from '../routes';
import { writeAs } from '../words/writing.svelte';
import type { Keys } from './keys.svelte';
import { at, MIX } from './views';

/** What the header offers while a view is on. */
export interface Offer {
  words: string;
  act: () => void;
}

/** A grow as this screen knows it: fetched here and changed here, whatever view it is shown in. */
export class GrowStore {
  readonly id: number;
  readonly keys: Keys;
  overview = $state<Overview | undefined>();
  problem = $state.raw<Problem | undefined>();
  /** The tank that the view on screen is about. */
  tank = $state<number | undefined>();
  /** What the view on screen adds to the header. */
  offers = $state.raw<Offer[]>([]);
  /** Which of the dialogs that every view may ask for is open. */
  asking = $state<'tank' | 'units' | 'keys' | undefined>();

  /** Versions of charts that no tank is fed by, and somebody looked at: they never change. */
  #asked: Chart[] = [];

  constructor(id: number, keys: Keys) {
    this.id = id;
    this.keys = keys;
  }

  /** Fetch it anew; what was entered elsewhere on this page counts from then on. */
  async load(): Promise<void> {
    await keeping.settled();
    const path = { grow_id: this.id };
    const from = (after: number) => ({ params: { path, query: { after } } });
    const [grow, tanks, waters, leaflets, charts, today] = await Promise.all([
      answered(api.GET('/api/grows/{grow_id}', { params: { path } })),
      listed((after) => api.GET('/api/grows/{grow_id}/tanks', from(after))),
      listed((after) => api.GET('/api/grows/{grow_id}/waters', from(after))),
      answered(api.GET('/api/grows/{grow_id}/charts', from(0))),
      answered(api.GET('/api/grows/{grow_id}/charts-in-use', { params: { path } })),
      answered(api.GET('/api/grows/{grow_id}/today', { params: { path } })),
    ]);
    if (grow.data && writeAs(grow.data.units)) return this.load(); // written with the other mark
    if (grow.data && tanks.data && waters.data && leaflets.data && charts.data)
      this.overview = {
        ...grow.data,
        tanks: tanks.data,
        waters: waters.data,
        leaflets: leaflets.data.items,
        charts: this.#withAsked(charts.data),
        needs: Object.fromEntries(today.data?.tanks.map((one) => [one.tank, one]) ?? []),
      };
    this.problem =
      grow.problem ?? tanks.problem ?? waters.problem ?? leaflets.problem ?? charts.problem;
  }

  #withAsked(charts: Chart[]): Chart[] {
    const others = this.#asked.filter(
      (one) => !charts.some((chart) => chart.version_id === one.version_id),
    );
    return [...charts, ...others];
  }

  /** Whether a version of a chart is known whole; it is fetched if it is not, once. */
  async whole(version: number): Promise<boolean> {
    if (this.overview?.charts.some((chart) => chart.version_id === version)) return true;
    const path = { grow_id: this.id, version_id: version };
    const { data } = await answered(
      api.GET('/api/grows/{grow_id}/chart-versions/{version_id}', { params: { path } }),
    );
    if (!data) return false;
    this.#asked = [...this.#asked, data];
    this.overview?.charts.push(data);
    return true;
  }

  takeWater(water: Water) {
    const known = this.overview?.waters.find((one) => one.id === water.id);
    if (known) Object.assign(known, water);
    else this.overview?.waters.push(water);
  }

  takeUsual(tank: number, usual: Shapes['UsualOut']) {
    const known = this.overview?.tanks.find((one) => one.id === tank);
    if (known) Object.assign(known, usual);
  }

  goToTank(tank: number) {
    go(at(MIX, this.id, { tank }));
  }

  takePreferences(preferences: OrderPreferences) {
    if (this.overview) this.overview.order_preferences = preferences;
  }

  takeBlends(blends: Overview['blends']) {
    if (this.overview) this.overview.blends = blends;
  }

  takeRanges(ranges: Overview['ranges']) {
    if (this.overview) this.overview.ranges = ranges;
  }
}

const STORE = Symbol('grow');

/** Give the views inside the grow that they are about. */
export function provideGrow(store: () => GrowStore) {
  setContext(STORE, store);
}

/** The grow that a view is about. */
export function growHere(): GrowStore {
  return getContext<() => GrowStore>(STORE)();
}
