import type { IncomingMessage } from 'node:http';

/** So many of those who have signed in are remembered; a school has some hundred devices. */
const MOST_KNOWN = 5000;
const TOKEN = /(?:^|[;\s])(?:__Host-)?oyakata-[\w-]+=([A-Za-z0-9_-]{43})(?=;|$)/g;
const GRANT = /^Bearer ([A-Za-z0-9_-]{43})$/;

/** Who asks, as far as shares go: a person whom the application has recognised by this token, else the address. */
export type Asker = `person ${number}` | `address ${string}`;

/**
 * Whose token is whose, as the application has found it. The door believes no token by itself: one that nobody has
 * recognised is its address's. What is known here gives a share of the places and nothing else.
 */
export class Askers {
  #people = new Map<string, number>();

  /** The application has recognised a token. */
  recognised(token: string, personId: number): void {
    this.#people.delete(token);
    if (this.#people.size >= MOST_KNOWN) this.#people.delete(this.#people.keys().next().value ?? token);
    this.#people.set(token, personId);
  }

  askerOf({ headers }: Pick<IncomingMessage, 'headers'>, address: string): Asker {
    const grant = GRANT.exec(headers.authorization ?? '')?.[1];
    // A browser that is a bench has a cookie for that too.
    const tokens = [...(headers.cookie ?? '').matchAll(TOKEN)].map(([, token]) => token);
    const person = [grant, ...tokens]
      .map((token) => this.#people.get(token ?? ''))
      .find((id) => id !== undefined);
    return person === undefined ? `address ${address}` : `person ${person}`;
  }
}

/** The application is bundled apart from the door: both find the same askers here. */
const shared = globalThis as typeof globalThis & { oyakataAskers?: Askers };

export const sharedAskers = (): Askers => (shared.oyakataAskers ??= new Askers());
