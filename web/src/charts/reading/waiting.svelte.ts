import type { Answers } from './answers';

/** Where a leaflet is read from: a file, or text that was pasted. */
export interface Source {
  text: string;
  file: File | undefined;
}

/** Tables of one leaflet that were taken together, and are kept one after the other. */
class Waiting {
  source = $state.raw<Source | undefined>();
  answers = $state.raw<Answers>({});
  /** Those that are still to come, by number and by what they are called. */
  tables = $state.raw<{ index: number; words: string }[]>([]);

  /** The ones after the first wait until that one is kept. */
  put(source: Source, answers: Answers, tables: { index: number; words: string }[]) {
    this.source = source;
    this.answers = answers;
    this.tables = tables;
  }

  /** The next one, with what was said of all of them; from then on it no longer waits. */
  next(): { source: Source; answers: Answers } | undefined {
    const [first, ...rest] = this.tables;
    if (!first || !this.source) return undefined;
    this.tables = rest;
    return { source: this.source, answers: { ...this.answers, table: first.index } };
  }

  /** Nobody wants the rest. */
  drop() {
    this.tables = [];
    this.source = undefined;
  }
}

export const waiting = new Waiting();
