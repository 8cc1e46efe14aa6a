import { fitTable, type MemberTable } from '@/core/measuring/tables/thread-table';
import { fitOf, type Fit } from '@/core/thread/standards/fit';
import { parseDesignation } from '@/core/thread/standards/parse-designation';

/** For tests: a thread with its mate. */
export function fitFor(text: string): Fit {
  const read = parseDesignation(text);
  if (!read.ok) throw new Error(`${text}: ${read.issues[0]?.message}`);
  return fitOf(read.value.thread);
}

/** For tests: the table of the member that the text names. */
export function memberFor(text: string): MemberTable {
  const fit = fitFor(text);
  const [external, internal] = fitTable(fit);
  return external.designation === text ? external : internal;
}
