import type { Entry } from '../entry/entry';

/** So many entries lie between two states that are kept. */
const APART = 64;

/** A state that followed from the first so many entries. */
interface Kept<F> {
  length: number;
  fold: F;
}

interface KeptRecord<F> {
  live: readonly Entry[];
  /** What a fold begins with; another beginning is another fold. */
  begun: string;
  every64: Kept<F>[];
  last: Kept<F>;
}

/**
 * Goes through a record entry by entry, and keeps what followed: the next call on the same record goes on from the last
 * state that still holds. An entry more costs one step however long the record is; one that was struck out, or that came
 * late and stands further up, costs those behind it and 64 at most.
 *
 * A record is known by its first entry, for entries never change; what is kept goes when the record does. It is not
 * stored: a process that has just started goes through the whole once.
 */
export class KeptFolds<Over extends object, F> {
  private readonly known = new WeakMap<Entry, WeakMap<Over, KeptRecord<F>>>();

  constructor(private readonly after: (fold: F, live: readonly Entry[], index: number) => F) {}

  /**
   * The state after all entries.
   * @param over what is gone through by, such as the sheet: of each its own states are kept
   * @param begun what `beginning` hangs on, in a word
   */
  over(over: Over, live: readonly Entry[], begun: string, beginning: () => F): F {
    const [first] = live;
    if (first === undefined) return beginning();
    const ofRecord = this.known.get(first) ?? new WeakMap<Over, KeptRecord<F>>();
    this.known.set(first, ofRecord);
    const kept = ofRecord.get(over);
    const holds = kept === undefined || kept.begun !== begun ? 0 : alike(kept.live, live);
    const every64 = kept?.every64.filter(({ length }) => length <= holds) ?? [];
    const from = kept !== undefined && kept.last.length <= holds ? kept.last : every64.at(-1);
    let fold = from?.fold ?? beginning();
    for (let index = from?.length ?? 0; index < live.length; index += 1) {
      fold = this.after(fold, live, index);
      if ((index + 1) % APART === 0) every64.push({ length: index + 1, fold });
    }
    ofRecord.set(over, { live, begun, every64, last: { length: live.length, fold } });
    return fold;
  }
}

/** How many entries at the beginning are the same. */
function alike(one: readonly Entry[], other: readonly Entry[]): number {
  const most = Math.min(one.length, other.length);
  let length = 0;
  while (length < most && one[length] === other[length]) length += 1;
  return length;
}
