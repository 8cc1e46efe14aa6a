import type { Why } from '@/core/base/explain/why';
import { formOf } from '../standards/systems';
import { pitchOf, type Thread } from '../standards/thread';
import type { InternalLimits } from '../standards/thread-limits';
import { formatLength } from '@/core/base/units/format-length';
import { roundTo } from '@/core/base/units/round';
import type { LengthUnit } from '@/core/base/units/length';
import { percentForBore } from './bore';

/** How far the chamfer reaches over the major diameter; common practice. */
const CHAMFER_OVER_MAJOR: Record<LengthUnit, number> = { in: 0.01, mm: 0.2 };

/** What to do before the thread is cut in a bore. Lengths in the thread's unit. */
export interface BoreAdvice {
  /** Largest drill that leaves the boring bar something to true up; null where the bore is too small to bore. */
  drill: { diameter: number; name: string } | null;
  /** What the drill leaves for the boring bar, on the diameter. */
  leaves: number | null;
  /** Diameter of the chamfer at the mouth. */
  chamfer: number;
  percentOfBasic: number | null;
  percentOfFull: number | null;
}

/** Left for boring, on the diameter; common practice. */
const BORING_ALLOWANCE: Record<LengthUnit, number> = { in: 1 / 32, mm: 0.8 };
/** Steps of the drills that a school has; common practice. */
const DRILL_STEP: Record<LengthUnit, number> = { in: 1 / 64, mm: 0.5 };
/** Smallest hole that a boring bar goes into; common practice. */
const SMALLEST_BORE: Record<LengthUnit, number> = { in: 0.25, mm: 6 };

/** Drill, chamfer and percent of thread for a bore (common practice; percent by geometry, see `percentForBore`). */
export function boreAdvice(thread: Thread, limits: InternalLimits, bore: number): BoreAdvice {
  const { unit, nominalDiameter } = thread;
  const form = formOf(thread);
  const pitch = pitchOf(thread);
  const step = DRILL_STEP[unit];
  const steps = Math.floor((bore - BORING_ALLOWANCE[unit]) / step + 1e-9);
  const diameter = steps * step;
  const drill = diameter < SMALLEST_BORE[unit] ? null : { diameter, name: drillName(steps, unit) };
  return {
    drill,
    leaves: drill === null ? null : bore - diameter,
    chamfer: roundTo(limits.major.min + CHAMFER_OVER_MAJOR[unit], unit === 'in' ? 3 : 2),
    percentOfBasic: percentForBore(form, nominalDiameter, pitch, bore, 'basic'),
    percentOfFull: percentForBore(form, nominalDiameter, pitch, bore, 'full'),
  };
}

/** The reasons behind the advice, for a bore. */
export function explainBoreAdvice(
  thread: Thread,
  limits: InternalLimits,
  bore: number,
): Record<'percent' | 'drill' | 'chamfer', Why> {
  const { unit } = thread;
  const show = (value: number, extra = 0) => formatLength({ value, unit }, unit, extra);
  const advice = boreAdvice(thread, limits, bore);
  const form = formOf(thread);
  const pitch = show(pitchOf(thread), 2);
  const size = show(thread.nominalDiameter);
  const full =
    form.fullDoubleHeight === null
      ? ''
      : `;  of the full height ${form.fullDoubleHeight.toFixed(4)} P: ${advice.percentOfFull?.toFixed(1)} %`;
  return {
    percent: {
      title: 'Percent of thread',
      formula: `100 (D − bore) / (${form.majorToMinor.toFixed(4)} P)`,
      numbers: `100 × (${size} − ${show(bore)}) / (${form.majorToMinor.toFixed(4)} × ${pitch}) = ${advice.percentOfBasic?.toFixed(1)} %${full}`,
      source: `Geometry of the ${form.name} form`,
      assumes: 'Trade tables differ in the height that counts for 100 %: ask which one a table takes.',
    },
    drill: {
      title: 'Drill before boring',
      formula: `bore − ${show(BORING_ALLOWANCE[unit])}, down to the next ${unit === 'in' ? '1/64 in' : '0.5 mm'}`,
      numbers: `${show(bore)} − ${show(BORING_ALLOWANCE[unit])}: ${advice.drill?.name ?? 'smaller than a boring bar goes into'}`,
      source: 'Common practice',
      assumes: 'A drill runs off and cuts large; the bar trues the hole up. Leave more for a long one.',
    },
    chamfer: {
      title: 'Chamfer of the mouth',
      formula: `smallest major diameter + ${show(CHAMFER_OVER_MAJOR[unit])}`,
      numbers: `${show(limits.major.min)} + ${show(CHAMFER_OVER_MAJOR[unit])} = ${show(advice.chamfer)} ${unit}`,
      source: 'Common practice',
      assumes: 'Cut before the thread, at 45° to the axis, so that the first turn is not raised to a burr.',
    },
  };
}

/** Fractions of an inch as drills are marked, or mm. */
function drillName(steps: number, unit: LengthUnit): string {
  if (unit === 'mm') return `${steps * DRILL_STEP.mm} mm`;
  let [over, under] = [steps, 64];
  while (over % 2 === 0 && under > 1) {
    over /= 2;
    under /= 2;
  }
  const whole = Math.floor(over / under);
  const rest = over % under;
  return `${whole > 0 ? `${whole} ` : ''}${rest > 0 ? `${rest}/${under} ` : ''}in`;
}
