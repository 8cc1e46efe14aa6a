import type { Thread } from './thread';

/** A thread as it was read from a designation. */
export interface ReadThread {
  thread: Thread;
  /** What the text left out and was taken for granted, in words: `class 2A`. */
  assumed: string[];
}
