/**
 * Sends what is kept one after the other: of two quick changes the later one must not arrive first.
 */
export class InTurn {
  #last: Promise<unknown> = Promise.resolve();

  run<Answer>(task: () => Promise<Answer>): Promise<Answer> {
    const mine = this.#last.then(task, task);
    this.#last = mine.catch(() => undefined);
    return mine;
  }

  /** Once everything sent so far has been answered. */
  settled(): Promise<unknown> {
    return this.#last;
  }
}

/** All that this page keeps; a mix that is taken up again waits for it. */
export const keeping = new InTurn();
