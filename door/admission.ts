export interface Share {
  /** Requests of one asker that are worked on at once. */
  inside: number;
  /** And that may wait for their turn. */
  waiting: number;
}

export interface Room {
  /** Requests worked on at once. */
  mostInside: number;
  /** Requests that may wait for their turn. */
  mostWaiting: number;
  /** How long one may wait. */
  longestWaitMs: number;
  /** What one asker may have of it; all of it where nothing is said. */
  share?: (asker: string) => Share;
}

/** How a request that was let in leaves; once, however often it is called. */
export type Leave = () => void;

/** Why there was no place: the room is full, or the one who asks has all of the own share. */
export type NoPlace = 'full' | 'own-share';

interface Waiting {
  asker: string;
  letIn: (leave: Leave | NoPlace) => void;
  timer: NodeJS.Timeout;
}

/**
 * How many requests are worked on at once. A few more wait for their turn, for a moment, as when a whole class opens a
 * page; whoever comes then is turned away at once, with the time after which to come again. What waits for half a
 * minute is of no use to anybody, and makes all others wait.
 *
 * Nobody has more than a share. Where the room is full, whoever comes takes the place of the last of those who wait most.
 */
export class Admission {
  #inside = 0;
  #insideOf = new Map<string, number>();
  #waiting: Waiting[] = [];
  constructor(readonly room: Room) {}

  /** Whether somebody waits for a turn. */
  get pressed(): boolean {
    return this.#waiting.length > 0;
  }

  /** Waits for a turn; says why when there is none to be had. */
  enter(asker = 'anybody'): Promise<Leave | NoPlace> {
    const share = this.#shareOf(asker);
    if (this.#inside < this.room.mostInside && this.#of(asker) < share.inside)
      return Promise.resolve(this.#letIn(asker));
    const own = this.#waiting.filter((other) => other.asker === asker).length;
    if (own >= share.waiting) return Promise.resolve(this.room.share === undefined ? 'full' : 'own-share');
    if (this.#waiting.length >= this.room.mostWaiting && !this.#makeRoom(own)) return Promise.resolve('full');
    return new Promise((resolve) => {
      const waiting: Waiting = {
        asker,
        letIn: resolve,
        timer: setTimeout(() => this.#turnAway(waiting), this.room.longestWaitMs),
      };
      this.#waiting.push(waiting);
    });
  }

  #shareOf(asker: string): Share {
    return this.room.share?.(asker) ?? { inside: this.room.mostInside, waiting: this.room.mostWaiting };
  }

  #of(asker: string): number {
    return this.#insideOf.get(asker) ?? 0;
  }

  #turnAway(waiting: Waiting): void {
    this.#waiting = this.#waiting.filter((other) => other !== waiting);
    clearTimeout(waiting.timer);
    waiting.letIn('full');
  }

  /** Turns away the last of the asker who has most waiting, when that is more than the one who comes would have. */
  #makeRoom(own: number): boolean {
    const counts = new Map<string, number>();
    for (const { asker } of this.#waiting) counts.set(asker, (counts.get(asker) ?? 0) + 1);
    const [most] = [...counts].sort(([, one], [, other]) => other - one);
    if (most === undefined || most[1] <= own + 1) return false;
    const last = this.#waiting.findLast(({ asker }) => asker === most[0]);
    if (last !== undefined) this.#turnAway(last);
    return true;
  }

  #letIn(asker: string): Leave {
    this.#inside += 1;
    this.#insideOf.set(asker, this.#of(asker) + 1);
    let left = false;
    return () => {
      if (left) return;
      left = true;
      this.#inside -= 1;
      const still = this.#of(asker) - 1;
      if (still > 0) this.#insideOf.set(asker, still);
      else this.#insideOf.delete(asker);
      this.#next();
    };
  }

  /** The first of those who wait and have a share left; of them whoever has least inside. */
  #next(): void {
    const able = this.#waiting.filter(({ asker }) => this.#of(asker) < this.#shareOf(asker).inside);
    const least = Math.min(...able.map(({ asker }) => this.#of(asker)));
    const next = able.find(({ asker }) => this.#of(asker) === least);
    if (next === undefined || this.#inside >= this.room.mostInside) return;
    this.#waiting = this.#waiting.filter((other) => other !== next);
    clearTimeout(next.timer);
    const leave = this.#letIn(next.asker);
    // Between two requests the event loop has its turn, so that others learn whether there is room.
    setImmediate(() => next.letIn(leave));
  }
}
