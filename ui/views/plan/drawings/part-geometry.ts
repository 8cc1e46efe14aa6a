import { partOf, type PartShape } from '@/core/machine/blank/part-shape';
import type { ReadPlan } from '@/core/exercise/plan/read/read-plan';
import { lengthIn, type Length } from '@/core/base/units/length';

/** What the plan says of the part; null while something is missing. */
export function partShape({ evaluation, inputs }: ReadPlan): PartShape | null {
  const { thread, blank, rootDiameter, relief } = evaluation;
  const { chosen, work, endLength } = inputs;
  if (thread === null || blank === null || rootDiameter === null || relief === null) return null;
  if (chosen === undefined || work === undefined || endLength === undefined) return null;
  const { unit, side, nominalDiameter } = thread;
  const inUnit = (length: Length | null | undefined) => (length == null ? null : lengthIn(length, unit));
  const { chamfer, register } = work;
  return partOf({
    side,
    nominalDiameter,
    diameter: blank,
    root: rootDiameter,
    relief: relief.chosen,
    end: chosen.way.end,
    endLength: lengthIn(endLength, unit),
    threadLength: inUnit(work.threadLength),
    chamfer: { angleDeg: chamfer.angleDeg, diameter: inUnit(chamfer.diameter) },
    register: { ...register, diameter: inUnit(register.diameter), length: inUnit(register.length) },
  });
}
