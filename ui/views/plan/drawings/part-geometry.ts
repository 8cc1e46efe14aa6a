import type { PartShape } from '@/core/machine/blank/part-shape';
import type { ReadPlan } from '@/core/exercise/plan/read/read-plan';
import { lengthIn } from '@/core/base/units/length';
import { radians } from '@/core/base/units/angle';

/** What the plan says of the part; null while something is missing. */
export function partShape({ evaluation, inputs }: ReadPlan): PartShape | null {
  const { thread, blank, rootDiameter, relief } = evaluation;
  const { chosen, work, endLength } = inputs;
  if (thread === null || blank === null || rootDiameter === null || relief === null) return null;
  if (chosen === undefined || work === undefined || endLength === undefined) return null;
  const { unit, side } = thread;
  const typed = work.threadLength;
  const threadLength = typed ? lengthIn(typed, unit) : 1.5 * thread.nominalDiameter;
  const chamferTo = work.chamfer.diameter === null ? rootDiameter : lengthIn(work.chamfer.diameter, unit);
  const angle = radians(work.chamfer.angleDeg ?? 45);
  const { register } = work;
  return {
    side,
    diameter: blank,
    root: rootDiameter,
    relief: relief.chosen,
    end: chosen.way.end,
    endLength: lengthIn(endLength, unit),
    threadLength,
    threadLengthKnown: Boolean(typed),
    chamfer: { length: Math.abs(blank - chamferTo) / 2 / Math.tan(angle), diameter: chamferTo },
    register:
      register.diameter === null
        ? null
        : {
            diameter: lengthIn(register.diameter, unit),
            length: register.length === null ? threadLength / 4 : lengthIn(register.length, unit),
          },
  };
}
