import { answered, api } from '../../api/client';
import { InTurn } from '../../api/inturn';

const UNTOLD = 'brisk-measure.bench-night';

/**
 * Day or night at the bench, as this person has it in this grow: here at once, and on whichever
 * device they take next as soon as the server has heard.
 */
export class Daylight {
  /** What was chosen here and the server has not said since. */
  #chosen = $state<boolean | undefined>();
  /** What the server took last from here, since it may say what was before. */
  #told: boolean | undefined;
  readonly #turn = new InTurn();
  readonly #grow: number;
  readonly #key: string;

  constructor(grow: number, person: string) {
    this.#grow = grow;
    this.#key = `${UNTOLD}.${grow}.${person}`;
    const kept = localStorage.getItem(this.#key);
    this.#chosen = kept === null ? undefined : kept === 'yes';
  }

  isNight(heard = false): boolean {
    return this.#chosen ?? heard;
  }

  choose(night: boolean) {
    this.#chosen = night;
    localStorage.setItem(this.#key, night ? 'yes' : 'no');
  }

  /** Tell the server what was chosen, unless it says so already; whether it then has to be asked. */
  tell(heard: boolean): Promise<boolean> {
    return this.#chosen === undefined ? Promise.resolve(false) : this.#turn.run(() => this.#tell(heard)); // prettier-ignore
  }

  async #tell(heard: boolean): Promise<boolean> {
    const night = this.#chosen;
    if (night === undefined) return false;
    if (night === heard && (this.#told ?? heard) === heard) {
      this.#chosen = this.#told = undefined;
      localStorage.removeItem(this.#key);
      return false;
    }
    const params = { path: { grow_id: this.#grow } };
    const { data } = await answered(
      api.PUT('/api/grows/{grow_id}/pace', { params, body: { night } }),
    );
    if (data) this.#told = night;
    return data !== undefined;
  }
}
