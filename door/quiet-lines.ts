/** Lines a minute of one kind from one address, and of all refusals together; the rest is counted. */
const MOST_OF_ONE = 10;
const MOST = 60;
const MINUTE_MS = 60_000;

/**
 * Lines that somebody from outside can cause as often as he likes: so many a minute are written, and how many more there
 * were. Nobody pushes out of the log what others have done.
 */
export class QuietLines {
  #minute = 0;
  #written = 0;
  #of = new Map<string, number>();
  #more = 0;

  constructor(
    readonly write: (line: object) => void,
    readonly now: () => number = Date.now,
  ) {}

  note(kind: string, line: object): void {
    const minute = Math.floor(this.now() / MINUTE_MS);
    if (minute !== this.#minute) {
      if (this.#more > 0) this.write({ what: 'more refusals', count: this.#more });
      this.#minute = minute;
      this.#written = 0;
      this.#more = 0;
      this.#of.clear();
    }
    const own = this.#of.get(kind) ?? 0;
    if (own >= MOST_OF_ONE || this.#written >= MOST) {
      this.#more += 1;
      return;
    }
    this.#of.set(kind, own + 1);
    this.#written += 1;
    this.write(line);
  }
}
