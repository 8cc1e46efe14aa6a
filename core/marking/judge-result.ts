import {
  isKind,
  isOverCut,
  liveEntries,
  measuredThread,
  PLACES,
  type Entry,
  type EntryOf,
  type MeasuredThread,
} from '../attempt';
import { capital, MEASURING_WORDS } from '../gauging';
import type { DerivedPlan } from '../plan';
import { crestLimits } from '../thread';
import { formatLength, type LengthUnit } from '../units';
import type { Judgement } from './mark-line';

/** Agreement asked of two measurers with the same wires; common practice: half a thousandth, a hundredth. */
const AGREEMENT: Record<LengthUnit, number> = { in: 0.0005, mm: 0.01 };

/** The measured result. The instructor's final measurement counts before the student's. */
export function judgeResult(derived: DerivedPlan, entries: readonly Entry[]): Judgement[] {
  const finals = liveEntries(entries)
    .filter(isKind('measurement'))
    .filter((entry) => entry.content.purpose === 'final');
  const byInstructor = finals.findLast((entry) => entry.author.role === 'instructor');
  const byStudent = finals.findLast((entry) => entry.author.role === 'student');
  const entry = byInstructor ?? byStudent;
  if (entry === undefined) {
    return [
      {
        id: 'result:none',
        title: 'Result',
        weight: 1,
        share: 0,
        reason: 'No final measurement is recorded.',
        evidence: [],
      },
    ];
  }
  const measured = measuredThread(derived, entry.content);
  const lines = [
    pitchDiameter(derived, measured, entry),
    onTarget(derived, measured, entry),
    taper(derived, measured, entry),
    crest(derived, entry),
  ];
  if (byInstructor !== undefined && byStudent !== undefined)
    lines.push(ownMeasuring(derived, byInstructor, byStudent));
  return lines;
}

type Final = EntryOf<'measurement'>;

function pitchDiameter(derived: DerivedPlan, measured: MeasuredThread, entry: Final): Judgement {
  const { min, max } = derived.limits.pitchDiameter;
  const show = shower(derived);
  const line = {
    id: 'result:pitch-diameter',
    title: 'Pitch diameter in limits',
    weight: 20,
    evidence: [entry.id],
  };
  const list = PLACES.map((place) => `${place} ${show(measured.pitchDiameter[place] ?? NaN)}`).join(', ');
  const band = `band ${show(min)} to ${show(max)}`;
  if (isOverCut(derived, measured)) return { ...line, share: 0, reason: `Over-cut: ${list}; ${band}.` };
  const inside = PLACES.filter((place) => {
    const size = measured.pitchDiameter[place];
    return size !== null && size >= min - 1e-9 && size <= max + 1e-9;
  }).length;
  if (inside === 3) return { ...line, share: 1, reason: `${list}; ${band}.` };
  return {
    ...line,
    share: 0.25 + inside / 8,
    reason: `Not finished: ${list}; ${band}. It could still be cut.`,
  };
}

function onTarget(derived: DerivedPlan, measured: MeasuredThread, entry: Final): Judgement {
  const tolerance = derived.limits.tolerance.pitchDiameter;
  const off = Math.abs(measured.mean - derived.target);
  const show = shower(derived);
  return {
    id: 'result:target',
    title: 'Near the target',
    weight: 6,
    share: Math.max(0, Math.min(1, 1.5 - (2 * off) / tolerance)),
    reason: `Mean ${show(measured.mean)} is ${show(off)} from the target ${show(derived.target)}; full points to a quarter of the tolerance, none at three quarters.`,
    evidence: [entry.id],
  };
}

function taper(derived: DerivedPlan, measured: MeasuredThread, entry: Final): Judgement {
  const quarter = derived.limits.tolerance.pitchDiameter / 4;
  const spread = measured.largest - measured.smallest;
  const show = shower(derived);
  return {
    id: 'result:taper',
    title: 'Even along the length',
    weight: 4,
    share: spread <= quarter + 1e-9 ? 1 : spread <= 2 * quarter + 1e-9 ? 0.5 : 0,
    reason: `Spread ${show(spread)}; a quarter of the tolerance is ${show(quarter)}.`,
    evidence: [entry.id],
  };
}

/** Major diameter, or the bore of an internal thread. */
function crest(derived: DerivedPlan, entry: Final): Judgement {
  const { min, max } = crestLimits(derived.limits);
  const external = derived.limits.side === 'external';
  const value = entry.content.crest ?? NaN;
  const show = shower(derived);
  const inside = value >= min - 1e-9 && value <= max + 1e-9;
  const burrs = `burrs, or the ${external ? 'blank was large' : 'bore was small'}`;
  const fault =
    value > max === external ? `${value > max ? 'over' : 'under'}: ${burrs}` : value > max ? 'over' : 'under';
  return {
    id: 'result:crest',
    title: `${capital(MEASURING_WORDS[derived.limits.side].crest)} in limits`,
    weight: 10,
    share: inside ? 1 : 0,
    reason: `${show(value)}${inside ? '' : ` is ${fault}`}; limits ${show(min)} to ${show(max)}.`,
    evidence: [entry.id],
  };
}

/** A student who measures wrongly, but honestly, learns from the difference. */
function ownMeasuring(derived: DerivedPlan, instructor: Final, student: Final): Judgement {
  const limit = AGREEMENT[derived.thread.unit];
  const mean = (entry: Final) => measuredThread(derived, entry.content).mean;
  const difference = Math.abs(mean(instructor) - mean(student));
  const show = shower(derived);
  return {
    id: 'result:measuring',
    title: 'Own measuring agrees',
    weight: 4,
    share: difference <= limit + 1e-9 ? 1 : 0,
    reason: `Student and instructor differ by ${show(difference)}; ${show(limit)} is allowed.`,
    evidence: [student.id, instructor.id],
  };
}

function shower(derived: DerivedPlan): (value: number) => string {
  return (value) => formatLength({ value, unit: derived.thread.unit });
}
