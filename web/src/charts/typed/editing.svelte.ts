import {
  answered,
  api,
  type Leaflet,
  type Meaning,
  type Problem,
  type Shapes,
} from '../../api/client';
import { Latest } from '../../planning/latest';
import {
  bottleAt,
  HEADINGS,
  lines,
  movedColumn,
  movedRow,
  newColumn,
  newRow,
  type Place,
  textAt,
  typed,
  withoutColumn,
  withoutRow,
  withRow,
} from './sheet';

/** How long one may go on typing before the server is asked what it means. */
const PAUSE_MS = 120;
const MOST_UNDONE = 400;

/** What a sheet is shown for. */
export interface ShownFor {
  tank: number | null;
  /** A water of the grow; none is that of the tank. */
  water: number | null;
  strength: string;
  feeds: boolean;
}

/** A leaflet while it is typed: the sheet, where the cursor is, what is undone, and what it means. */
export class Editing {
  readonly grow: number;
  sheet = $state.raw<Leaflet>() as Leaflet;
  kept = $state.raw<Leaflet>() as Leaflet;
  cursor = $state.raw<Place>({ line: HEADINGS.length, column: 0 });
  /** The text in the cell that is being typed in; none while one only moves about. */
  text = $state<string | undefined>();
  meaning = $state.raw<Meaning | undefined>();
  problem = $state.raw<Problem | undefined>();
  /** What differs from the version beside it. */
  differs = $state.raw<Shapes['DifferenceOut'][]>([]);
  shownFor = $state.raw<ShownFor>({
    tank: null,
    water: null,
    strength: '100 %',
    feeds: true,
  });
  /** Bottles typed here whose role nobody has chosen yet: it follows their name. */
  #guessed: string[] = [];
  #undone: Leaflet[] = $state.raw([]);
  #done: Leaflet[] = $state.raw([]);
  #waiting: ReturnType<typeof setTimeout> | undefined;
  #latest: Latest<void, Meaning>;

  constructor(grow: number, sheet: Leaflet, kept: Leaflet = sheet) {
    this.grow = grow;
    this.sheet = sheet;
    this.kept = kept;
    if (sheet.rows[0]?.name === '') this.cursor = { line: HEADINGS.length, column: -1 };
    this.#latest = new Latest((_, signal) => this.#ask(signal));
  }

  get changed(): boolean {
    return this.sheet !== this.kept;
  }

  /** The sheet with what is being typed in it now. */
  get asTyped(): Leaflet {
    return this.text === undefined ? this.sheet : typed(this.sheet, this.cursor, this.text);
  }

  get canUndo(): boolean {
    return this.#done.length > 0;
  }

  get canRedo(): boolean {
    return this.#undone.length > 0;
  }

  get bottle(): number | undefined {
    return bottleAt(this.sheet, this.cursor.line);
  }

  /** Change the sheet; it can be undone. */
  change(sheet: Leaflet) {
    if (sheet === this.sheet) return;
    this.#done = [...this.#done.slice(-MOST_UNDONE), this.sheet];
    this.#undone = [];
    this.#show(sheet);
  }

  undo() {
    const before = this.#done.at(-1);
    if (!before) return;
    this.#done = this.#done.slice(0, -1);
    this.#undone = [...this.#undone, this.sheet];
    this.#show(before);
  }

  redo() {
    const after = this.#undone.at(-1);
    if (!after) return;
    this.#undone = this.#undone.slice(0, -1);
    this.#done = [...this.#done, this.sheet];
    this.#show(after);
  }

  #show(sheet: Leaflet) {
    this.sheet = sheet;
    this.move(0, 0);
    this.understand();
  }

  /** Move the cursor, and stay on the sheet. */
  move(down: number, across: number) {
    const line = Math.min(lines(this.sheet) - 1, Math.max(0, this.cursor.line + down));
    const column = Math.min(
      this.sheet.columns.length - 1,
      Math.max(-1, this.cursor.column + across),
    );
    this.goTo({ line, column });
  }

  goTo(place: Place) {
    this.cursor = place;
  }

  /** Type what is in the cell, and leave it. */
  settle() {
    if (this.text === undefined) return;
    const text = this.text;
    this.text = undefined;
    this.type(this.cursor, text);
  }

  type(place: Place, text: string) {
    if (text === textAt(this.sheet, place)) return;
    const bottle = bottleAt(this.sheet, place.line);
    const key = bottle === undefined ? undefined : this.sheet.rows[bottle]?.key;
    if (place.column < 0 && key?.startsWith('bottle-')) this.#guessed = [...this.#guessed, key];
    this.change(typed(this.sheet, place, text));
  }

  sameAsLeft() {
    const { line, column } = this.cursor;
    if (column > 0) this.type(this.cursor, textAt(this.sheet, { line, column: column - 1 }));
  }

  insertRow() {
    const at = (this.bottle ?? this.sheet.rows.length - 1) + 1;
    this.change(newRow(this.sheet, at));
    this.goTo({ line: HEADINGS.length + at, column: -1 });
  }

  insertColumn() {
    const at = this.cursor.column + 1;
    this.change(newColumn(this.sheet, at));
    this.goTo({ line: this.cursor.line, column: at });
  }

  removeRow() {
    if (this.bottle !== undefined) this.change(withoutRow(this.sheet, this.bottle));
  }

  removeColumn() {
    if (this.cursor.column >= 0) this.change(withoutColumn(this.sheet, this.cursor.column));
  }

  moveRow(by: number) {
    const from = this.bottle;
    const to = (from ?? 0) + by;
    if (from === undefined || to < 0 || to >= this.sheet.rows.length) return;
    this.change(movedRow(this.sheet, from, to));
    this.goTo({ line: this.cursor.line + by, column: this.cursor.column });
  }

  moveColumn(by: number) {
    const from = this.cursor.column;
    const to = from + by;
    if (from < 0 || to < 0 || to >= this.sheet.columns.length) return;
    this.change(movedColumn(this.sheet, from, to));
    this.goTo({ line: this.cursor.line, column: to });
  }

  /** A choice made for a bottle stands, whatever its name may suggest. */
  choose(at: number, change: Parameters<typeof withRow>[2]) {
    const key = this.sheet.rows[at]?.key;
    if (key && 'role' in change) this.#guessed = this.#guessed.filter((one) => one !== key);
    this.change(withRow(this.sheet, at, change));
  }

  show(shownFor: Partial<ShownFor>) {
    this.shownFor = { ...this.shownFor, ...shownFor };
    this.understand();
  }

  /** Ask what the sheet means, once one pauses. */
  understand() {
    clearTimeout(this.#waiting);
    this.#waiting = setTimeout(() => void this.#understand(), PAUSE_MS);
  }

  async #understand() {
    const outcome = await this.#latest.ask();
    if (!outcome || !('answer' in outcome)) return;
    this.meaning = outcome.answer;
    this.#takeGuesses(outcome.answer);
  }

  async #ask(signal: AbortSignal): Promise<Meaning> {
    const { data, problem } = await answered(
      api.POST('/api/grows/{grow_id}/leaflet-meaning', {
        params: { path: { grow_id: this.grow } },
        body: { leaflet: this.sheet, ...this.shownFor },
        signal,
      }),
    );
    this.problem = problem;
    if (!data) throw new Error(problem.message);
    return data;
  }

  /** The role of a bottle typed here follows its name, until somebody chooses one. */
  #takeGuesses(meaning: Meaning) {
    let sheet = this.sheet;
    for (const { row, role, group, rank, oxidiser } of meaning.guesses) {
      const one = sheet.rows[row];
      if (!one || !this.#guessed.includes(one.key) || !one.name) continue;
      const same = one.role === role && one.group === group && one.rank === rank;
      if (!same) sheet = withRow(sheet, row, { role, group, rank, oxidiser });
    }
    if (sheet === this.sheet) return;
    this.sheet = sheet; // no step of its own: it is undone with the name
    this.understand();
  }

  /** What was kept is what one goes on from. */
  settleKept() {
    this.kept = this.sheet;
  }
}
