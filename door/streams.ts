import type { ServerResponse } from 'node:http';

/** Streams of live news that may be open at once: several for each of a school's devices. */
const MOST = 500;

/**
 * The answers that stay open. They take no place among the requests that are worked on, have a limit of their own, and
 * are ended when the server stops, or it would wait for them.
 */
export class Streams {
  #open = new Set<ServerResponse>();

  constructor(readonly most = MOST) {}

  /** Whether a path is answered by a stream. */
  static isStream(path: string): boolean {
    return path === '/api/events';
  }

  /** Takes note of an answer that will stay open; false when there are too many. */
  add(response: ServerResponse): boolean {
    if (this.#open.size >= this.most) return false;
    this.#open.add(response);
    response.once('close', () => this.#open.delete(response));
    return true;
  }

  endAll(): void {
    for (const response of this.#open) response.destroy();
  }
}
