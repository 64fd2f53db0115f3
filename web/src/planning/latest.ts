/** What became of a question: an answer, or `undefined` if a newer question took its place. */
export type Outcome<Answer> = { answer: Answer } | { failure: unknown } | undefined;

/**
 * Lets only the newest of several overlapping questions answer. An older one is cut off, and should
 * its answer arrive all the same, it is not heard.
 */
export class Latest<Question, Answer> {
  #ask: (question: Question, signal: AbortSignal) => Promise<Answer>;
  #running: AbortController | undefined;

  constructor(ask: (question: Question, signal: AbortSignal) => Promise<Answer>) {
    this.#ask = ask;
  }

  async ask(question: Question): Promise<Outcome<Answer>> {
    this.#running?.abort();
    const mine = (this.#running = new AbortController());
    try {
      const answer = await this.#ask(question, mine.signal);
      return this.#running === mine ? { answer } : undefined;
    } catch (failure) {
      return this.#running === mine ? { failure } : undefined;
    }
  }
}
