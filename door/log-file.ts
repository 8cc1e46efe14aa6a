import { createWriteStream, promises as files, type WriteStream } from 'node:fs';

/** Oldest lines go first: `app.log`, then `app.log.1` to `.4`, five files of five million bytes. */
const MOST_BYTES = 5_000_000;
const KEPT = 4;
/** Waiting lines beyond it are dropped and counted: a log must never hold up the work, nor fill the memory. */
const MOST_WAITING = 1_000_000;
const LONGEST_LINE = 4000;
const AFTER_ERROR_MS = 2000;

export interface LogFileLimits {
  mostBytes?: number;
  kept?: number;
  mostWaiting?: number;
  afterErrorMs?: number;
}

/**
 * A log that can not block: lines wait in memory and are written behind the scenes, one write at a time. When the disk
 * is full the lines are dropped, and counted in the first line that can be written again. Rotated and capped by size.
 */
export class LogFile {
  readonly #path: string;
  readonly #limits: Required<LogFileLimits>;
  #waiting: string[] = [];
  #waitingBytes = 0;
  #dropped = 0;
  #bytes = 0;
  #stream: WriteStream | null = null;
  #busy: Promise<void> | null = null;

  constructor(
    path: string,
    {
      mostBytes = MOST_BYTES,
      kept = KEPT,
      mostWaiting = MOST_WAITING,
      afterErrorMs = AFTER_ERROR_MS,
    }: LogFileLimits = {},
  ) {
    this.#path = path;
    this.#limits = { mostBytes, kept, mostWaiting, afterErrorMs };
  }

  /** Takes a line; never throws, never waits. */
  write(text: string): void {
    const line = `${text.slice(0, LONGEST_LINE).trimEnd()}\n`;
    if (this.#waitingBytes + line.length > this.#limits.mostWaiting) {
      this.#dropped += 1;
      return;
    }
    this.#waiting.push(line);
    this.#waitingBytes += line.length;
    this.#busy ??= this.#empty().finally(() => {
      this.#busy = null;
    });
  }

  /** Waits until what was taken is written or dropped. */
  async settled(): Promise<void> {
    await this.#busy;
  }

  async #empty(): Promise<void> {
    while (this.#waiting.length > 0) {
      const lines = this.#waiting;
      this.#waiting = [];
      this.#waitingBytes = 0;
      if (this.#dropped > 0) lines.unshift(`{"level":40,"msg":"log lines lost","lines":${this.#dropped}}\n`);
      const lost = this.#dropped;
      this.#dropped = 0;
      try {
        await this.#put(lines.join(''));
      } catch {
        this.#dropped = lost + lines.length - (lost > 0 ? 1 : 0);
        this.#stream?.destroy();
        this.#stream = null;
        await new Promise((resolve) => setTimeout(resolve, this.#limits.afterErrorMs).unref());
      }
    }
  }

  async #put(text: string): Promise<void> {
    const length = Buffer.byteLength(text);
    if (this.#stream !== null && this.#bytes + length > this.#limits.mostBytes) {
      const full = this.#stream;
      this.#stream = null;
      await new Promise((resolve) => full.end(resolve));
    }
    if (this.#stream === null) await this.#open(length);
    const stream = this.#stream;
    await new Promise<void>((resolve, reject) => {
      stream?.write(text, (error) => (error ? reject(error) : resolve()));
    });
    this.#bytes += length;
  }

  async #open(next: number): Promise<void> {
    const present = await files.stat(this.#path).catch(() => null);
    this.#bytes = present?.size ?? 0;
    if (this.#bytes + next > this.#limits.mostBytes && this.#bytes > 0) {
      for (let age = this.#limits.kept; age >= 1; age -= 1) {
        const from = age === 1 ? this.#path : `${this.#path}.${age - 1}`;
        await files.rename(from, `${this.#path}.${age}`).catch(() => undefined);
      }
      this.#bytes = 0;
    }
    const stream = createWriteStream(this.#path, { flags: 'a', mode: 0o600 });
    // Failures come back through the callback of each write; without a listener they would end the process.
    stream.on('error', () => undefined);
    this.#stream = stream;
  }
}
