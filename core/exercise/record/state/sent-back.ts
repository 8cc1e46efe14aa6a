import { isKind, type Entry, type EntryOf } from '../entry/entry';
import { allOf, lastOf } from '../entry/of-kind';
import { kindOfEntry } from '../entry/read-stored-entry';

/** A piece that was sent back, until it is handed in again. */
export interface PieceSentBack {
  entry: EntryOf<'sent-back'>;
  /** Whether whoever cuts it has seen so, or has worked on since. */
  seen: boolean;
}

/** The last time that the piece itself was sent back, as long as it was not handed in after that; null otherwise. */
export function pieceSentBack(live: readonly Entry[]): PieceSentBack | null {
  const entry = allOf(live, 'sent-back').findLast(({ content }) => content.stepId === null);
  if (entry === undefined) return null;
  const handedIn = lastOf(live, 'hand-in');
  if (handedIn !== undefined && live.indexOf(handedIn) > live.indexOf(entry)) return null;
  const said = live.some((each) => isKind('looked-over')(each) && each.content.entryId === entry.id);
  const worked = live
    .slice(live.indexOf(entry) + 1)
    .some((each) => each.author.id !== entry.author.id && kindOfEntry(each)?.ofWork === true);
  return { entry, seen: said || worked };
}

/** The hand-in by which the try has ended; null while it goes on, or goes on again because it was sent back. */
export function handInOf(live: readonly Entry[]): EntryOf<'hand-in'> | null {
  return pieceSentBack(live) === null ? (lastOf(live, 'hand-in') ?? null) : null;
}
