/** The most that may wait, of all people and of one person. Who asks beyond that is told to try again later. */
const MOST_WAITING = 24;
const MOST_OF_ONE = 3;

interface Waiting {
  personId: number;
  run: () => Promise<void>;
}

/**
 * Work that takes long, one piece at a time, the people in turn: whoever wants six has one of them before the next
 * person has one, and not six.
 */
export class InTurn {
  #waiting: Waiting[] = [];
  #working = false;
  #last = new Map<number, number>();
  #count = 0;

  /** Waits for the turn and does it; null when there is no room to wait. */
  do<T>(personId: number, work: () => Promise<T>): Promise<T | null> {
    const own = this.#waiting.filter((other) => other.personId === personId).length;
    if (this.#waiting.length >= MOST_WAITING || own >= MOST_OF_ONE) return Promise.resolve(null);
    return new Promise((resolve, reject) => {
      this.#waiting.push({ personId, run: () => work().then(resolve, reject) });
      void this.#work();
    });
  }

  async #work(): Promise<void> {
    if (this.#working) return;
    this.#working = true;
    for (let next = this.#next(); next !== undefined; next = this.#next()) {
      this.#waiting = this.#waiting.filter((other) => other !== next);
      this.#count += 1;
      this.#last.set(next.personId, this.#count);
      await next.run();
    }
    this.#last.clear();
    this.#working = false;
  }

  /** Of those who wait, whoever had a turn longest ago. */
  #next(): Waiting | undefined {
    const turns = this.#waiting.map(({ personId }) => this.#last.get(personId) ?? 0);
    return this.#waiting[turns.indexOf(Math.min(...turns))];
  }
}
