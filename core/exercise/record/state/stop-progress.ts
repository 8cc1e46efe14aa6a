import type { Sheet, SheetPass, SheetProof, SheetStop } from '../../sheet/sheet';
import { isTrial } from '@/core/machine/stops/stops';
import type { Cut } from './cut-fold';
import { isDeeper } from './feed';
import { isKind, type Entry, type EntryOf } from '../entry/entry';
import { placedOf } from '../entry/of-kind';
import { once } from '../entry/once';

type StopEntry = EntryOf<'stop'> | EntryOf<'trial'> | EntryOf<'measurement'> | EntryOf<'finding'>;

/** A stop of the schedule with what was recorded for it. */
export interface StopProgress {
  stop: SheetStop;
  /** All that answers it, in the order of the record. */
  entries: StopEntry[];
  /** Not yet reached, due now, kept, or passed over. */
  state: 'ahead' | 'due' | 'kept' | 'passed-over';
  /** Whether its check has said enough: the nut goes as wanted, the dye is gone. */
  saysEnough: boolean;
}

/**
 * The stops against the record. A stop is due once its cut is made, until it is answered; one that goes on is due again
 * after every later cut, until it says enough. It is passed over when it is said so, or when a deeper cut came first.
 */
export function stopProgress(
  sheet: Sheet,
  live: readonly Entry[],
  cuts: readonly Cut[],
  passes: readonly SheetPass[],
): StopProgress[] {
  return sheet.stops.map((stop) => {
    const after = passes.find(({ n }) => n === stop.after) ?? passes.findLast(({ n }) => n < stop.after);
    const reached = cuts.findIndex((cut) => after !== undefined && reaches(sheet, cut, after));
    const from = reached < 0 ? -1 : (cuts[reached]?.at ?? -1);
    const found = answering(live).filter(({ entry, at }) => answers(stop, entry, at > from));
    const entries = found.map(({ entry }) => entry);
    const last = entries.at(-1);
    const saysEnough = last !== undefined && enough(sheet, stop, last);
    return { stop, entries, saysEnough, state: stateOf(stop, cuts, from, found, saysEnough) };
  });
}

/** Whether a cut has come to a row: it was that row or a later one, or it went as deep by itself. */
function reaches(sheet: Sheet, { row, planReading, usesRow, entry }: Cut, after: SheetPass): boolean {
  const asDeep = ({ dialReading }: SheetPass) => !isDeeper(sheet, dialReading.value, planReading);
  if (row !== null && usesRow && (row.n > after.n || (row.n === after.n && asDeep(row)))) return true;
  return after.kind !== 'spring' && entry.content.start === after.start && asDeep(after);
}

interface Answering {
  entry: StopEntry;
  /** Its place among the standing entries. */
  at: number;
}

/** All that can answer a stop. */
const answering = once((live: readonly Entry[]): readonly Answering[] =>
  ANSWERS.flatMap((kind) => {
    const { entries, places } = placedOf(live, kind);
    return entries.map((entry, index): Answering => ({ entry, at: places[index] ?? -1 }));
  }).toSorted((one, other) => one.at - other.at),
);

const ANSWERS = ['stop', 'trial', 'measurement', 'finding'] as const;

function stateOf(
  stop: SheetStop,
  cuts: readonly Cut[],
  from: number,
  found: readonly Answering[],
  saysEnough: boolean,
): StopProgress['state'] {
  const answered = found.filter(
    ({ entry: { content } }) => !(content.kind === 'stop' && content.answer === 'passed-over'),
  );
  const last = found.at(-1);
  if (stop.after > 0 && from < 0) return answered.length > 0 ? 'kept' : 'ahead';
  const cutSince = (after: Answering | undefined) => {
    const since = after?.at ?? from;
    return cuts.some(({ at, infeed }) => infeed > 1e-9 && at > since);
  };
  if (answered.length === 0) {
    if (last !== undefined) return 'passed-over';
    return cutSince(undefined) && !stop.onward ? 'passed-over' : 'due';
  }
  // One that goes on is asked again after the next cut, until it says enough.
  if (stop.onward && !saysEnough && cutSince(last)) return 'due';
  return 'kept';
}

/** What answers a stop: an entry that names it, or the measurement or trial that it asks for. */
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

/** The answers that are right; where the plan names none, one that runs free. */
export function wantedAnswers(evidence: SheetProof | undefined): readonly string[] {
  return evidence === undefined || evidence.wanted.length === 0 ? ['free', 'little-play'] : evidence.wanted;
}
