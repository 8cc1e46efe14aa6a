import type { ServerResponse } from 'node:http';

/** Streams of live news that may be open at once: several for each of a school's devices. */
const MOST = 500;
/** Of one asker: a person has some devices, and an address is a class that nobody has recognised yet. */
const MOST_OF_ONE = { person: 12, address: 100 } as const;

/**
 * The answers that stay open. They take no place among the requests that are worked on, have limits of their own, and
 * are ended when the server stops, or it would wait for them.
 */
export class Streams {
  /** Each with who asks for it, which may be known better a moment later. */
  #open = new Map<ServerResponse, () => string>();

  constructor(readonly most = MOST) {}

  /** Whether a path is answered by a stream. */
  static isStream(path: string): boolean {
    return path === '/api/events';
  }

  /** Takes note of an answer that will stay open; says why not, when there are too many. */
  add(response: ServerResponse, askerOf: () => string): 'added' | 'full' | 'own-share' {
    if (this.#open.size >= this.most) return 'full';
    const asker = askerOf();
    const own = [...this.#open.values()].filter((of) => of() === asker).length;
    if (own >= MOST_OF_ONE[asker.startsWith('person ') ? 'person' : 'address']) return 'own-share';
    this.#open.set(response, askerOf);
    response.once('close', () => this.#open.delete(response));
    return 'added';
  }

  endAll(): void {
    for (const response of this.#open.keys()) response.destroy();
  }
}
