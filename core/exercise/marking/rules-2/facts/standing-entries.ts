import { isKind, strikeOf, type Entry } from '../../../record/entry/entry';

/** The entries that stand: not struck out, not late, and with something to say. */
export function standingEntries(entries: readonly Entry[]): Entry[] {
  const struck = new Set(
    entries
      .filter(isKind('strike'))
      .filter(({ late }) => !late)
      .map(({ content }) => content.entryId),
  );
  return entries.filter(
    (entry) =>
      entry.content.kind !== 'strike' && !struck.has(entry.id) && !entry.late && saysSomething(entry),
  );
}

/** A measurement without a reading says nothing. */
const saysSomething = ({ content }: Entry) =>
  content.kind !== 'measurement' || Object.values(content.overWires).some((reading) => reading !== null);

/** The cuts that stand, and those that were struck out only after the next cut: they are evidence. */
export function withLateStrikes(entries: readonly Entry[]): Entry[] {
  const isPass = isKind('pass');
  const tooLate = new Set(
    entries.filter(isPass).flatMap((entry) => {
      const strike = strikeOf(entries, entry.id);
      if (strike === null) return [];
      const between = entries.slice(entries.indexOf(entry) + 1, entries.indexOf(strike));
      return between.some(isPass) ? [strike.id] : [];
    }),
  );
  return entries.filter(({ id }) => !tooLate.has(id));
}
