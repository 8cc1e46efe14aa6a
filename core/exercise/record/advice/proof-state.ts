import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { runsFree } from '@/core/measuring/nut/nut-answer';
import type { Sheet, SheetProof } from '../../sheet/sheet';
import { isKind, type Entry, type EntryOf } from '../entry/entry';
import { lastPlaceOf, placedOf } from '../entry/of-kind';
import { GAUGE_ANSWERS } from '../entry/kinds/finding';
import type { TrialContent } from '../entry/kinds/trial';
import { isOfGauge } from '../state/after-entry';
import { wantedAnswers } from '../state/stop-progress';
import { isInside, isOverCut, measuredThread } from '../state/measured-thread';
import type { Expects } from './advice';

/** What answers for the thread's size, and how it was answered since the last cut: for good, or on the way. */
type Answer =
  | { kind: 'measurement'; entry: EntryOf<'measurement'> }
  | { kind: 'trial'; entry: EntryOf<'trial'> }
  | { kind: 'gauge'; entry: EntryOf<'finding'> };

/** What was last found of the size, and how many cuts were made since; null: nothing yet. */
export function lastAnswer(sheet: Sheet, live: readonly Entry[]): (Answer & { cutsSince: number }) | null {
  const gauges = placedOf(live, 'finding');
  const ofGauge = gauges.entries.findLastIndex((entry) => isOfGauge(sheet, entry));
  const place = Math.max(
    lastPlaceOf(live, 'measurement'),
    lastPlaceOf(live, 'trial'),
    gauges.places[ofGauge] ?? -1,
  );
  const entry = live[place];
  if (entry === undefined) return null;
  const cuts = placedOf(live, 'pass').places;
  const cutsSince = cuts.length - 1 - cuts.findLastIndex((at) => at < place);
  if (isKind('measurement')(entry)) return { kind: 'measurement', entry, cutsSince };
  if (isKind('trial')(entry)) return { kind: 'trial', entry, cutsSince };
  return isKind('finding')(entry) ? { kind: 'gauge', entry, cutsSince } : null;
}

/** Whether a trial went as the plan wants it: as free as asked, to the shoulder and from both ends where it asks it. */
export function goesAsWanted(
  evidence: SheetProof | undefined,
  { answer, end, toShoulder }: TrialContent,
): boolean {
  if (evidence === undefined) return runsFree(answer);
  return (
    wantedAnswers(evidence).includes(answer) &&
    (!evidence.bothEnds || end === 'both') &&
    (!evidence.toShoulder || toShoulder === true)
  );
}

/** Evidence that only somebody else judges, or that proves nothing, waits for nobody at the lathe. */
const isAnsweredHere = ({ kind }: SheetProof) => {
  const { recordedAs } = EVIDENCE_DATA[kind];
  return recordedAs !== 'look' && recordedAs !== 'nothing';
};

/**
 * Evidence of the proof that has no final answer since the last cut, evidence whose final answer is not right, and whether
 * one of them says for sure that metal is missing.
 */
export function proofState(
  sheet: Sheet,
  live: readonly Entry[],
): { open: SheetProof[]; notRight: SheetProof[]; past: boolean } {
  const since = live.slice(lastPlaceOf(live, 'pass') + 1);
  const open: SheetProof[] = [];
  const notRight: SheetProof[] = [];
  let past = false;
  for (const evidence of sheet.proof.filter(isAnsweredHere)) {
    const final = since.findLast((entry) => answersFinally(evidence, entry));
    if (final === undefined) open.push(evidence);
    else if (!isRight(sheet, evidence, final)) {
      notRight.push(evidence);
      past ||= isPast(final);
    }
  }
  return { open, notRight, past };
}

/** Only a NO-GO gauge that goes in says so for sure: a nut or a piece that wobbles may be a large one. */
const isPast = (entry: Entry) => isKind('finding')(entry) && entry.content.answer === 'no-go-enters';

function answersFinally(evidence: SheetProof, entry: Entry): boolean {
  if (isKind('measurement')(entry))
    return (
      entry.content.purpose === 'final' &&
      EVIDENCE_DATA[evidence.kind].recordedAs === 'measurement' &&
      (entry.content.evidenceId ?? evidence.id) === evidence.id
    );
  return (
    (isKind('trial')(entry) || isKind('finding')(entry)) &&
    entry.content.purpose === 'final' &&
    entry.content.evidenceId === evidence.id
  );
}

function isRight(sheet: Sheet, evidence: SheetProof, entry: Entry): boolean {
  if (isKind('measurement')(entry)) return isInside(sheet, measuredThread(sheet, entry.content));
  if (isKind('trial')(entry)) return goesAsWanted(evidence, entry.content);
  return (
    !isKind('finding')(entry) ||
    entry.content.answer === null ||
    ['right', 'yes'].includes(entry.content.answer)
  );
}

/** Whether what was found says that nothing brings the piece back. */
export function isPastSaving(sheet: Sheet, answer: Answer): boolean {
  if (answer.kind === 'measurement') return isOverCut(sheet, measuredThread(sheet, answer.entry.content));
  return answer.kind === 'gauge' && answer.entry.content.answer === 'no-go-enters';
}

/** What is to be recorded for an evidence. */
export function expectsFor(
  sheet: Sheet,
  evidence: SheetProof,
  final: boolean,
  stop: string | null = null,
  crest = final,
): Expects {
  const { id } = evidence;
  switch (EVIDENCE_DATA[evidence.kind].recordedAs) {
    case 'measurement':
      return {
        do: 'measure',
        evidence: id,
        quantity: evidence.kind === 'thread-micrometer' ? 'pitch-diameter' : 'over-wires',
        places: [...evidence.places],
        wire: evidence.kind === 'thread-micrometer' ? null : sheet.wires.diameter,
        crest,
        final,
      };
    case 'trial': {
      const { bothEnds, toShoulder } = evidence;
      return { do: 'try', evidence: id, stop, bothEnds, toShoulder, crest, final };
    }
    case 'gauge':
      return { do: 'find', evidence: id, answers: GAUGE_ANSWERS, unit: null, final };
    case 'value':
      return { do: 'find', evidence: id, answers: null, unit: sheet.thread.unit, final };
    default:
      return { do: 'find', evidence: id, answers: ['yes', 'no'], unit: null, final };
  }
}

/** The evidence by which the size can be told on the way: a measurement before a gauge before a nut. */
export function tellsSize({ proof }: Sheet): SheetProof | null {
  for (const as of ['measurement', 'gauge', 'trial'] as const) {
    const found = proof.find(({ kind }) => EVIDENCE_DATA[kind].recordedAs === as);
    if (found !== undefined) return found;
  }
  return null;
}
