import 'server-only';
import { hashOf } from './secrets';
import { refuse } from './outcome';
import { change, rowOf } from './query';

/** Within this time tries are counted. */
const WINDOW_MINUTES = 15;

/**
 * What is tried, and how many wrong tries it bears: one name or student few, so that a PIN of four figures holds for
 * months; one address many, since a whole class may sit behind it.
 */
const MOST = { secret: 10, code: 20, address: 60 } as const;

/** Something at which somebody may try too often. */
export interface TriedAt {
  what: keyof typeof MOST;
  /** The name, person or address. */
  which: string;
}

const keyOf = ({ what, which }: TriedAt) => hashOf(`${what} ${which.toLowerCase()}`);

/** Refuses, before anything is compared, when too many wrong tries were made here. */
export async function refuseTooOften(tried: readonly TriedAt[]): Promise<void> {
  const since = new Date(Date.now() - WINDOW_MINUTES * 60_000);
  for (const each of tried) {
    const row = await rowOf<{ count: number }>(
      'SELECT COUNT(*) AS count FROM failed_tries WHERE at_what = ? AND tried_at > ?',
      [keyOf(each), since],
    );
    if ((row?.count ?? 0) >= MOST[each.what])
      refuse(
        'too-often',
        `Too many wrong tries. Come again in ${WINDOW_MINUTES} minutes, or ask the instructor.`,
        null,
        'too-often',
      );
  }
}

/** Notes a wrong try; those that no longer count go. */
export async function noteFailure(tried: readonly TriedAt[]): Promise<void> {
  const now = new Date();
  for (const each of tried)
    await change('INSERT INTO failed_tries (at_what, tried_at) VALUES (?, ?)', [keyOf(each), now]);
  await change('DELETE FROM failed_tries WHERE tried_at < ? LIMIT 200', [
    new Date(now.getTime() - WINDOW_MINUTES * 60_000),
  ]);
}

/** A right try makes the wrong ones before it good, for the name; not for the address. */
export function forgetFailures(tried: TriedAt): Promise<void> {
  return change('DELETE FROM failed_tries WHERE at_what = ?', [keyOf(tried)]);
}
