/**
 * What follows from a record is asked for by many: it is worked out once for a list of entries. A list may grow, as a story
 * does that is being told; then it is worked out anew.
 */
export function once<E extends object, T>(
  workOut: (entries: readonly E[]) => T,
): (entries: readonly E[]) => T {
  const known = new WeakMap<readonly E[], { length: number; found: T }>();
  return (entries) => {
    const before = known.get(entries);
    if (before?.length === entries.length) return before.found;
    const found = workOut(entries);
    known.set(entries, { length: entries.length, found });
    return found;
  };
}
