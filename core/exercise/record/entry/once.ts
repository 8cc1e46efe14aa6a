/** So many lists are remembered: a record, what of it stands, and the same of another one. */
const REMEMBERED = 4;

/**
 * What follows from a record is asked for by many: it is worked out once for a list of entries. A list may grow, as a story
 * does that is being told; then it is worked out anew. Only the last lists are remembered: each entry makes new ones, and
 * what hangs on all of them would have to be cleared away.
 */
export function once<E extends object, T>(
  workOut: (entries: readonly E[]) => T,
): (entries: readonly E[]) => T {
  let known: { entries: readonly E[]; length: number; found: T }[] = [];
  return (entries) => {
    const before = known.find((each) => each.entries === entries && each.length === entries.length);
    if (before !== undefined) return before.found;
    const found = workOut(entries);
    known = [{ entries, length: entries.length, found }, ...known.slice(0, REMEMBERED - 1)];
    return found;
  };
}
