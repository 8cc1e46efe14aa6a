import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { threadLimits } from '@/core/thread/standards/limits';
import type { Thread } from '@/core/thread/standards/thread';
import type { ThreadLimits } from '@/core/thread/standards/thread-limits';

/** For tests: the thread of a designation. */
export function threadOf(text: string): Thread {
  const read = parseDesignation(text);
  if (!read.ok) throw new Error(`${text}: ${read.issues[0]?.message}`);
  return read.value.thread;
}

/** For tests: its limits. */
export function limitsOf(text: string): ThreadLimits {
  return threadLimits(threadOf(text));
}
