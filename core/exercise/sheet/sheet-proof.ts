import { nutOfClass, nutOfSize } from '@/core/measuring/nut/nut-size';
import type { Plan, PlanEvidence } from '../plan/plan';
import { gaugeSays, recordOf, type PlanBook } from '../plan/plan-book';
import { STRENGTH_WORDS } from '@/core/measuring/proof/evidence/evidence-data';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { takesOutOfClass } from '@/core/measuring/proof/nut-strength';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import type { Band, ThreadLimits } from '@/core/thread/standards/thread-limits';
import { formatLength } from '@/core/base/units/format-length';
import { lengthIn, type Length } from '@/core/base/units/length';
import { radians } from '@/core/base/units/angle';
import type { Sheet } from './sheet';

/** What is allowed of a run-out where the plan says nothing; common practice: 0.005 in. */
const USUAL_RUN_OUT = { in: 0.005, mm: 0.12 } as const;

/** The evidence of the proof with its figures and its strength in words. */
export function sheetProof(
  plan: Plan,
  thread: Thread,
  limits: ThreadLimits,
  workDiameter: number,
  book: PlanBook,
): Sheet['proof'] {
  const { unit } = thread;
  const inUnit = (length: Length | null) => (length === null ? null : lengthIn(length, unit));
  return plan.proof.evidence.map((each) => {
    const nut = nutBand(each, thread);
    return {
      id: each.id,
      kind: each.kind,
      title: EVIDENCE_DATA[each.kind].name(thread.side),
      strength: strengthWords(each, thread, limits, nut),
      places: each.places,
      decides: each.decides,
      weight: each.weight,
      wanted: each.answersWanted,
      nut,
      gauge: gaugeOf(each, book),
      bothEnds: each.bothEnds,
      toShoulder: each.toShoulder,
      ...valueLimits(each, thread, limits, workDiameter),
      fromReading: inUnit(each.fromReading),
    };
  });
}

/** The gauge to take up: of the shop's book in its words, or as it was typed. */
function gaugeOf({ record, gauge }: PlanEvidence, { gauges }: PlanBook): string | null {
  const found = recordOf(gauges, record);
  return found === null ? gauge : gaugeSays(found).slice(0, 120);
}

function nutBand(each: PlanEvidence, thread: Thread): Band | null {
  if (EVIDENCE_DATA[each.kind].recordedAs !== 'trial' || !each.gaugeKnown) return null;
  const { unit } = thread;
  if (each.gaugeSize !== null)
    return nutOfSize(
      lengthIn(each.gaugeSize, unit),
      each.gaugeUncertainty === null ? 0 : lengthIn(each.gaugeUncertainty, unit),
    );
  const read = nutOfClass(thread, each.gaugeClass ?? '');
  return read.ok ? read.value : null;
}

/** How strong it is, in a word; a nut says which threads out of class it takes. */
function strengthWords(each: PlanEvidence, thread: Thread, limits: ThreadLimits, nut: Band | null): string {
  const data = EVIDENCE_DATA[each.kind];
  const base = STRENGTH_WORDS[data.strength];
  if (data.recordedAs !== 'trial') return base;
  if (nut === null) return `${base}: it fits this one, and says nothing of the class`;
  const out = takesOutOfClass(limits, nut);
  if (out === null) return base;
  const show = (value: number) => formatLength({ value, unit: thread.unit });
  const what = each.kind === 'nut' ? (thread.side === 'external' ? 'a nut' : 'a bolt') : 'it';
  return `${base}: ${what} takes threads that are out of class, here from ${show(out.min)} to ${show(out.max)} ${thread.unit}`;
}

type Limits = { least: number | null; most: number | null };

/** Limits of a value: as the plan says, or as they follow from the class. */
function valueLimits(each: PlanEvidence, thread: Thread, limits: ThreadLimits, workDiameter: number): Limits {
  const { unit } = thread;
  const inUnit = (length: Length | null) => (length === null ? null : lengthIn(length, unit));
  const own: Limits = { least: inUnit(each.least), most: inUnit(each.most) };
  if (own.least !== null || own.most !== null) return own;
  if (each.kind === 'run-out') return { least: null, most: USUAL_RUN_OUT[unit] };
  if (each.kind !== 'crest-flat') return own;
  const slope = Math.tan(radians(formOf(thread).flankAngleDeg));
  const flats = [limits.pitchDiameter.min, limits.pitchDiameter.max].map(
    (size) => pitchOf(thread) / 2 - Math.abs(workDiameter - size) * slope,
  );
  return { least: Math.max(0, Math.min(...flats)), most: Math.max(...flats) };
}
