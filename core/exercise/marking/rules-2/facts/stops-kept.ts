import { isKind, type Entry, type EntryOf } from '../../../record/entry/entry';
import type { Sheet, SheetProof, SheetStop } from '../../../sheet/sheet';
import { isTrial } from '@/core/machine/stops/stops';
import type { CutMade } from './cuts-made';

type StopEntry = EntryOf<'stop'> | EntryOf<'trial'> | EntryOf<'measurement'> | EntryOf<'finding'>;

/** A stop as these rules look at it. */
export interface StopKept {
  stop: SheetStop;
  entries: StopEntry[];
  state: 'ahead' | 'due' | 'kept' | 'passed-over';
  /** Whether its check has said enough. */
  saysEnough: boolean;
}

export function stopsKept(sheet: Sheet, live: readonly Entry[], cuts: readonly CutMade[]): StopKept[] {
  return sheet.stops.map((stop) => {
    const since = cuts.find(({ row }) => row !== null && row.n >= stop.after)?.entry;
    const from = since === undefined ? -1 : live.indexOf(since);
    const entries = live.filter((entry, index): entry is StopEntry => answers(stop, entry, index > from));
    const last = entries.at(-1);
    const saysEnough = last !== undefined && enough(sheet, stop, last);
    return { stop, entries, saysEnough, state: stateOf(stop, cuts, live, from, entries, saysEnough) };
  });
}

function stateOf(
  stop: SheetStop,
  cuts: readonly CutMade[],
  live: readonly Entry[],
  from: number,
  entries: readonly StopEntry[],
  saysEnough: boolean,
): StopKept['state'] {
  const answered = entries.some(
    ({ content }) => !(content.kind === 'stop' && content.answer === 'passed-over'),
  );
  const last = entries.at(-1);
  if (stop.after > 0 && from < 0) return answered ? 'kept' : 'ahead';
  const cutSince = (index: number) =>
    cuts.some(({ entry, infeed }) => infeed > 1e-9 && live.indexOf(entry) > index);
  if (!answered) {
    if (last !== undefined) return 'passed-over';
    return cutSince(from) && !stop.onward ? 'passed-over' : 'due';
  }
  const lastIndex = last === undefined ? from : live.indexOf(last);
  return stop.onward && !saysEnough && cutSince(lastIndex) ? 'due' : 'kept';
}

function answers(stop: SheetStop, entry: Entry, after: boolean): boolean {
  if (isKind('stop')(entry)) return entry.content.stopId === stop.id;
  if (!after) return false;
  if (stop.check === 'wires') return isKind('measurement')(entry) || isKind('finding')(entry);
  return isTrial(stop.check) && isKind('trial')(entry);
}

function enough(sheet: Sheet, stop: SheetStop, { content }: StopEntry): boolean {
  if (content.kind === 'stop') return content.answer === 'yes' || content.answer === 'done';
  if (content.kind !== 'trial') return stop.check === 'wires';
  return wantedAnswers(sheet.proof.find(({ id }) => id === content.evidenceId)).includes(content.answer);
}

/** The answers that are right; where the plan names none, a nut that runs free. */
export function wantedAnswers(evidence: SheetProof | undefined): readonly string[] {
  return evidence === undefined || evidence.wanted.length === 0 ? ['free', 'little-play'] : evidence.wanted;
}
