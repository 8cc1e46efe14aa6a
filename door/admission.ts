export interface Room {
  /** Requests worked on at once. */
  mostInside: number;
  /** Requests that may wait for their turn. */
  mostWaiting: number;
  /** How long one may wait. */
  longestWaitMs: number;
}

/** How a request that was let in leaves; once, however often it is called. */
export type Leave = () => void;

interface Waiting {
  letIn: (leave: Leave | null) => void;
  timer: NodeJS.Timeout;
}

/**
 * How many requests are worked on at once. A few more wait for their turn, for a moment, as when a whole class opens a
 * page; whoever comes then is turned away at once, with the time after which to come again. What waits for half a
 * minute is of no use to anybody, and makes all others wait.
 */
export class Admission {
  #inside = 0;
  #waiting: Waiting[] = [];

  constructor(readonly room: Room) {}

  /** Waits for a turn; null when there is none to be had. */
  enter(): Promise<Leave | null> {
    if (this.#inside < this.room.mostInside) return Promise.resolve(this.#letIn());
    if (this.#waiting.length >= this.room.mostWaiting) return Promise.resolve(null);
    return new Promise((resolve) => {
      const waiting: Waiting = {
        letIn: resolve,
        timer: setTimeout(() => {
          this.#waiting = this.#waiting.filter((other) => other !== waiting);
          resolve(null);
        }, this.room.longestWaitMs),
      };
      this.#waiting.push(waiting);
    });
  }

  #letIn(): Leave {
    this.#inside += 1;
    let left = false;
    return () => {
      if (left) return;
      left = true;
      this.#inside -= 1;
      const next = this.#waiting.shift();
      if (next === undefined) return;
      clearTimeout(next.timer);
      const nextLeave = this.#letIn();
      // Between two requests the event loop has its turn, so that others learn whether there is room.
      setImmediate(() => next.letIn(nextLeave));
    };
  }
}
