import { isKind, type Entry, type EntryOf } from '../../record/entry/entry';
import { PLACES, type Place } from '../../record/entry/kinds/measurement';
import { capital } from '@/core/measuring/gauging/measuring-words';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import type { Sheet } from '../../sheet/sheet';
import { formatLength } from '@/core/base/units/format-length';
import { judgeProof } from './judge-proof';
import type { Judgement } from '../mark-line';
import type { OlderScheme as Scheme } from '../older/older-scheme';
import { isOverCut, measuredOf, type Measured } from './facts/measured';
import { standingEntries } from './facts/standing-entries';

/** The result by the proof that the plan asks for. What the instructor found counts before the student's. */
export function judgeResult(sheet: Sheet, entries: readonly Entry[], scheme: Scheme): Judgement[] {
  const measures = sheet.proof.some(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'measurement');
  const proven = judgeProof(sheet, entries, scheme);
  const measured = measures ? judgeMeasured(sheet, entries, scheme) : [];
  const crestOnly = measures ? [] : crestAlone(sheet, entries);
  const lines = [...measured, ...proven, ...crestOnly];
  return lines.length > 0
    ? lines
    : [{ id: 'result:none', title: 'Result', share: 0, reason: 'The plan asks for no proof.', evidence: [] }];
}

/** The lines of a thread that is measured. */
export function judgeMeasured(sheet: Sheet, entries: readonly Entry[], scheme: Scheme): Judgement[] {
  const finals = standingEntries(entries)
    .filter(isKind('measurement'))
    .filter((entry) => entry.content.purpose === 'final');
  const byInstructor = finals.findLast((entry) => entry.author.role !== 'student');
  const byStudent = finals.findLast((entry) => entry.author.role === 'student');
  const entry = byInstructor ?? byStudent;
  if (entry === undefined)
    return [
      {
        id: 'result:none',
        title: 'Result',
        share: 0,
        reason: 'No final measurement is recorded.',
        evidence: [],
      },
    ];
  const measured = measuredOf(sheet, entry.content);
  const places = placesOf(sheet, entry);
  const lines = [
    pitchDiameter(sheet, measured, entry, places, scheme),
    onTarget(sheet, measured, entry, scheme),
    ...(places.length > 1 ? [taper(sheet, measured, entry, scheme)] : []),
    crest(sheet, entry.content.crest ?? NaN, entry.id),
  ];
  if (byInstructor !== undefined && byStudent !== undefined)
    lines.push(ownMeasuring(sheet, byInstructor, byStudent, scheme));
  return lines;
}

/** The places that the proof asks for; a short thread has room for one. */
export function placesOf({ proof }: Sheet, { content }: Final): readonly Place[] {
  const asked =
    proof.find(({ id }) => id === content.evidenceId) ??
    proof.find(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'measurement');
  return asked === undefined || asked.places.length === 0 ? PLACES : asked.places;
}

/** Where nothing is measured on the pitch diameter, the crest still may have been, with nut or plug. */
function crestAlone(sheet: Sheet, entries: readonly Entry[]): Judgement[] {
  const measured = standingEntries(entries).findLast(
    (entry): entry is EntryOf<'trial'> => isKind('trial')(entry) && entry.content.crest !== null,
  );
  return measured === undefined ? [] : [crest(sheet, measured.content.crest ?? NaN, measured.id)];
}

type Final = EntryOf<'measurement'>;

function pitchDiameter(
  sheet: Sheet,
  measured: Measured,
  entry: Final,
  places: readonly Place[],
  { judging }: Scheme,
): Judgement {
  const { min, max } = sheet.limits.pitchDiameter;
  const show = shower(sheet);
  const line = { id: 'result:pitch-diameter', title: 'Pitch diameter in limits', evidence: [entry.id] };
  const list = places.map((place) => `${place} ${show(measured.pitchDiameter[place] ?? NaN)}`).join(', ');
  const band = `band ${show(min)} to ${show(max)}`;
  if (isOverCut(sheet, measured)) return { ...line, share: 0, reason: `Over-cut: ${list}; ${band}.` };
  const inside = places.filter((place) => {
    const size = measured.pitchDiameter[place];
    return size !== null && size >= min - 1e-9 && size <= max + 1e-9;
  }).length;
  if (inside === places.length) return { ...line, share: 1, reason: `${list}; ${band}.` };
  return {
    ...line,
    share: judging.unfinished + inside * judging.unfinishedPlace,
    reason: `Not finished: ${list}; ${band}. It could still be cut.`,
  };
}

const FRACTIONS: Record<number, string> = { 0.25: 'a quarter', 0.5: 'half', 0.75: 'three quarters' };
const fraction = (value: number) => FRACTIONS[value] ?? `${value}`;

function onTarget(sheet: Sheet, measured: Measured, entry: Final, { judging }: Scheme): Judgement {
  const off = Math.abs(measured.mean - sheet.targetPitchDiameter) / sheet.limits.pitchDiameterTolerance;
  const show = shower(sheet);
  const { targetFull, targetNone } = judging;
  return {
    id: 'result:target',
    title: 'Near the target',
    share: Math.max(0, Math.min(1, (targetNone - off) / (targetNone - targetFull))),
    reason: `Mean ${show(measured.mean)} is ${show(Math.abs(measured.mean - sheet.targetPitchDiameter))} from the target ${show(sheet.targetPitchDiameter)}; full points to ${fraction(targetFull)} of the tolerance, none at ${fraction(targetNone)}.`,
    evidence: [entry.id],
  };
}

function taper(sheet: Sheet, measured: Measured, entry: Final, { judging }: Scheme): Judgement {
  const tolerance = sheet.limits.pitchDiameterTolerance;
  const spread = measured.largest - measured.smallest;
  const show = shower(sheet);
  const within = (limit: number) => spread <= limit * tolerance + 1e-9;
  return {
    id: 'result:taper',
    title: 'Even along the length',
    share: within(judging.taperFull) ? 1 : within(judging.taperHalf) ? 0.5 : 0,
    reason: `Spread ${show(spread)}; ${fraction(judging.taperFull)} of the tolerance is ${show(judging.taperFull * tolerance)}.`,
    evidence: [entry.id],
  };
}

/** Major diameter, or the bore of an internal thread. */
function crest(sheet: Sheet, value: number, entryId: string): Judgement {
  const { min, max } = sheet.limits.crest;
  const external = sheet.thread.side === 'external';
  const show = shower(sheet);
  const inside = value >= min - 1e-9 && value <= max + 1e-9;
  const burrs = `burrs, or the ${external ? 'blank was large' : 'bore was small'}`;
  const fault =
    value > max === external ? `${value > max ? 'over' : 'under'}: ${burrs}` : value > max ? 'over' : 'under';
  return {
    id: 'result:crest',
    title: `${capital(sheet.words.crest)} in limits`,
    share: inside ? 1 : 0,
    reason: `${show(value)}${inside ? '' : ` is ${fault}`}; limits ${show(min)} to ${show(max)}.`,
    evidence: [entryId],
  };
}

/** A student who measures wrongly, but honestly, learns from the difference. */
function ownMeasuring(sheet: Sheet, instructor: Final, student: Final, { judging }: Scheme): Judgement {
  const limit = sheet.thread.unit === 'in' ? judging.agreementIn : judging.agreementMm;
  const mean = (entry: Final) => measuredOf(sheet, entry.content).mean;
  const difference = Math.abs(mean(instructor) - mean(student));
  const show = shower(sheet);
  return {
    id: 'result:measuring',
    title: 'Own measuring agrees',
    share: difference <= limit + 1e-9 ? 1 : 0,
    reason: `Student and instructor differ by ${show(difference)}; ${show(limit)} is allowed.`,
    evidence: [student.id, instructor.id],
  };
}

function shower(sheet: Sheet): (value: number) => string {
  return (value) => formatLength({ value, unit: sheet.thread.unit });
}
