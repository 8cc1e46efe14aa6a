import {
  isKind,
  isOverCut,
  liveEntries,
  measuredThread,
  PLACES,
  type Entry,
  type EntryOf,
  type MeasuredThread,
} from '../record';
import { capital } from '../gauging';
import type { Sheet } from '../sheet';
import { formatLength } from '../units';
import type { Judgement } from './mark-line';
import type { Scheme } from './scheme';

/** The measured result. The instructor's final measurement counts before the student's. */
export function judgeResult(sheet: Sheet, entries: readonly Entry[], scheme: Scheme): Judgement[] {
  const finals = liveEntries(entries)
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
  const measured = measuredThread(sheet, entry.content);
  const lines = [
    pitchDiameter(sheet, measured, entry, scheme),
    onTarget(sheet, measured, entry, scheme),
    taper(sheet, measured, entry, scheme),
    crest(sheet, entry),
  ];
  if (byInstructor !== undefined && byStudent !== undefined)
    lines.push(ownMeasuring(sheet, byInstructor, byStudent, scheme));
  return lines;
}

type Final = EntryOf<'measurement'>;

function pitchDiameter(sheet: Sheet, measured: MeasuredThread, entry: Final, { judging }: Scheme): Judgement {
  const { min, max } = sheet.limits.pitchDiameter;
  const show = shower(sheet);
  const line = { id: 'result:pitch-diameter', title: 'Pitch diameter in limits', evidence: [entry.id] };
  const list = PLACES.map((place) => `${place} ${show(measured.pitchDiameter[place] ?? NaN)}`).join(', ');
  const band = `band ${show(min)} to ${show(max)}`;
  if (isOverCut(sheet, measured)) return { ...line, share: 0, reason: `Over-cut: ${list}; ${band}.` };
  const inside = PLACES.filter((place) => {
    const size = measured.pitchDiameter[place];
    return size !== null && size >= min - 1e-9 && size <= max + 1e-9;
  }).length;
  if (inside === PLACES.length) return { ...line, share: 1, reason: `${list}; ${band}.` };
  return {
    ...line,
    share: judging.unfinished + inside * judging.unfinishedPlace,
    reason: `Not finished: ${list}; ${band}. It could still be cut.`,
  };
}

const FRACTIONS: Record<number, string> = { 0.25: 'a quarter', 0.5: 'half', 0.75: 'three quarters' };
const fraction = (value: number) => FRACTIONS[value] ?? `${value}`;

function onTarget(sheet: Sheet, measured: MeasuredThread, entry: Final, { judging }: Scheme): Judgement {
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

function taper(sheet: Sheet, measured: MeasuredThread, entry: Final, { judging }: Scheme): Judgement {
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
function crest(sheet: Sheet, entry: Final): Judgement {
  const { min, max } = sheet.limits.crest;
  const external = sheet.thread.side === 'external';
  const value = entry.content.crest ?? NaN;
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
    evidence: [entry.id],
  };
}

/** A student who measures wrongly, but honestly, learns from the difference. */
function ownMeasuring(sheet: Sheet, instructor: Final, student: Final, { judging }: Scheme): Judgement {
  const limit = sheet.thread.unit === 'in' ? judging.agreementIn : judging.agreementMm;
  const mean = (entry: Final) => measuredThread(sheet, entry.content).mean;
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
