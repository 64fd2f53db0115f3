import { answered, api, type Problem, type Shapes } from '../api/client';
import { Latest } from '../planning/latest';
import { USUAL_LENGTHS } from '../words/tanks';

export type Joined = Shapes['JoinedDocument'];
export type JoinedVessel = Joined['vessels'][number];
type Measured = Shapes['MeasuredOut'];
type Question = Shapes['JoinedIn'];

/** How long a centimetre's neighbour on the tape is. */
export const CM_IN = { cm: 1, in: 2.54 } as const;

/** One tank as it is drawn: what is on screen, and what is kept of it. */
export class Drawn {
  readonly grow: number;
  readonly tank: number;
  /** What is believed and kept; undefined until it was fetched. */
  kept = $state.raw<Shapes['DrawnOut'] | undefined>();
  /** What is on screen, and what it comes to. */
  joined = $state.raw<Joined | undefined>();
  measured = $state.raw<Measured | undefined>();
  problem = $state.raw<Problem | undefined>();
  #latest: Latest<Question, { data?: Measured | undefined; problem: Problem | undefined }>;

  constructor(grow: number, tank: number) {
    this.grow = grow;
    this.tank = tank;
    this.#latest = new Latest((body, signal) =>
      answered(
        api.POST('/api/grows/{grow_id}/tank-drawing', {
          params: { path: { grow_id: this.grow } },
          body,
          signal,
        }),
      ),
    );
  }

  get #path() {
    return { grow_id: this.grow, tank_id: this.tank };
  }

  /** Whether what is on screen is not what is kept. */
  get changed(): boolean {
    const kept = this.kept?.measured?.joined;
    return this.joined !== undefined && JSON.stringify(this.joined) !== JSON.stringify(kept);
  }

  async load() {
    const { data, problem } = await answered(
      api.GET('/api/grows/{grow_id}/tanks/{tank_id}/drawing', { params: { path: this.#path } }),
    );
    this.problem = problem;
    if (!data) return;
    this.kept = data;
    this.measured = data.measured ?? undefined;
    this.joined = data.measured?.joined;
  }

  /** Draw other vessels; what they come to follows. */
  async draw(joined: Joined, fill?: Question['fill']) {
    this.joined = joined;
    const outcome = await this.#latest.ask({ joined, fill: fill ?? null });
    if (!outcome || !('answer' in outcome)) return;
    this.problem = outcome.answer.problem;
    if (!outcome.answer.data) return;
    this.measured = outcome.answer.data;
    if (fill) this.joined = outcome.answer.data.joined;
  }

  set(at: number, changes: Partial<JoinedVessel>) {
    const joined = this.joined;
    if (!joined) return;
    const vessels = joined.vessels.map((one, n) => (n === at ? { ...one, ...changes } : one));
    void this.draw({ ...joined, vessels });
  }

  /** Another vessel, of a common size; the first is drawn in the unit of who draws it. */
  add(unit: Joined['unit']) {
    const inches = (this.joined?.unit ?? unit) === 'in';
    const [shape, level]: ['box', string] = ['box', inches ? '16' : '40'];
    const lengths = inches ? { length: '32', width: '24', height: '20' } : USUAL_LENGTHS.box;
    const vessels = this.joined?.vessels ?? [];
    const name = vessels.length ? `Vessel ${vessels.length + 1}` : 'Reservoir';
    const one = { name, shape, lengths: { ...lengths }, level, count: 1, film: false, runs: false };
    void this.draw({ unit: this.joined?.unit ?? unit, vessels: [...vessels, one] });
  }

  remove(at: number) {
    const joined = this.joined;
    if (!joined) return;
    const vessels = joined.vessels.filter((_, n) => n !== at);
    if (vessels.length) return void this.draw({ ...joined, vessels });
    this.joined = this.measured = undefined;
  }

  /** Keep what is drawn; the tank holds what it comes to. */
  async keep(): Promise<boolean> {
    if (!this.joined) return false;
    return this.edit({ joined: this.joined });
  }

  leave() {
    this.problem = undefined;
    this.measured = this.kept?.measured ?? undefined;
    this.joined = this.kept?.measured?.joined;
  }

  async edit(body: Partial<Shapes['TankEdit']>): Promise<boolean> {
    const { problem } = await answered(
      api.PATCH('/api/grows/{grow_id}/tanks/{tank_id}', {
        params: { path: this.#path },
        // Only what is named is changed.
        body: body as Shapes['TankEdit'],
      }),
    );
    this.problem = problem;
    if (problem) return false;
    if (body.joined || body.volume) await this.load();
    return true;
  }
}
