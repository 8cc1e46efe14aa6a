/** What is said of the application's health: the status of the answer, and its words. */
export interface HealthSaid {
  status: 'ok' | 'failing';
}

/** So long what was found counts as fresh. */
const FRESH_MS = 1000;

/**
 * How the application is, found at most once a second, however many ask. Nobody who asks for it takes anything from
 * those who work.
 */
export class HealthState {
  #found: { said: HealthSaid; at: number } | null = null;
  #looking: Promise<HealthSaid> | null = null;

  /** @param look finds it; never rejects for long-known troubles such as a database that is away */
  constructor(readonly look: () => Promise<HealthSaid>) {}

  async now(): Promise<HealthSaid> {
    if (this.#found !== null && performance.now() - this.#found.at < FRESH_MS) return this.#found.said;
    this.#looking ??= this.look().finally(() => (this.#looking = null));
    const said = await this.#looking;
    this.#found = { said, at: performance.now() };
    return said;
  }
}

/** The application is bundled apart from the door, and leaves here how it finds its health. */
export const sharedHealth = globalThis as typeof globalThis & { oyakataHealth?: () => Promise<HealthSaid> };
