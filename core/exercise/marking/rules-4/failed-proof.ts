import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { NUT_ANSWER_WORDS } from '@/core/measuring/nut/nut-answer';
import { isKind, type Entry } from '../../record/entry/entry';
import { GAUGE_WORDS } from '../../record/entry/kinds/finding';
import type { Sheet, SheetProof } from '../../sheet/sheet';
import { formatLength } from '@/core/base/units/format-length';
import { isInside, measuredOf } from '../rules-2/facts/measured';
import { standingEntries } from '../rules-2/facts/standing-entries';
import { wantedAnswers } from '../rules-2/facts/stops-kept';

/**
 * Why the proof that decides has failed, in words; null where it is right, or was not made. What whoever is not the student
 * found counts before the student's own.
 */
export function failedProof(sheet: Sheet, entries: readonly Entry[]): string | null {
  const evidence = sheet.proof.find(({ decides }) => decides);
  if (evidence === undefined) return null;
  const finals = standingEntries(entries).filter((entry) => answersFinally(evidence, entry));
  const last = finals.findLast(({ author }) => author.role !== 'student') ?? finals.at(-1);
  return last === undefined ? null : failedBy(sheet, evidence, last);
}

function answersFinally({ id, kind }: SheetProof, entry: Entry): boolean {
  if (isKind('measurement')(entry))
    return (
      entry.content.purpose === 'final' &&
      EVIDENCE_DATA[kind].recordedAs === 'measurement' &&
      (entry.content.evidenceId ?? id) === id
    );
  return (
    (isKind('trial')(entry) || isKind('finding')(entry)) &&
    entry.content.purpose === 'final' &&
    entry.content.evidenceId === id
  );
}

function failedBy(sheet: Sheet, evidence: SheetProof, entry: Entry): string | null {
  if (isKind('measurement')(entry)) {
    const found = measuredOf(sheet, entry.content);
    if (isInside(sheet, found)) return null;
    const { min, max } = sheet.limits.pitchDiameter;
    const show = (value: number) => formatLength({ value, unit: sheet.thread.unit });
    return `The pitch diameter, ${show(found.smallest)} to ${show(found.largest)}, is not inside ${show(min)} to ${show(max)}.`;
  }
  if (isKind('trial')(entry)) {
    const { answer } = entry.content;
    return wantedAnswers(evidence).includes(answer)
      ? null
      : `${evidence.title}: ${NUT_ANSWER_WORDS[answer]}, which is not what the plan wants.`;
  }
  if (!isKind('finding')(entry)) return null;
  const { answer, value } = entry.content;
  if (answer !== null)
    return ['right', 'yes'].includes(answer) ? null : `${evidence.title}: ${GAUGE_WORDS[answer]}.`;
  const { least, most } = evidence;
  const inside =
    value === null || ((least === null || value >= least - 1e-9) && (most === null || value <= most + 1e-9));
  return inside ? null : `${evidence.title}: ${value} ${sheet.thread.unit} is outside its limits.`;
}
