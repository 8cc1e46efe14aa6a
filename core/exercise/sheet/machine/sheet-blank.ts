import type { PartShape } from '@/core/machine/blank/part-shape';

import type { Plan } from '../../plan/plan';

import type { Thread } from '@/core/thread/standards/thread';
import { lengthIn } from '@/core/base/units/length';
import { radians } from '@/core/base/units/angle';

/** A length and a half of the diameter, where the plan does not say how long the thread is; common practice. */
const USUAL_LENGTHS = 1.5;

/** The part that a plan asks for. */
export function sheetBlank(
  { work }: Plan,
  { unit, side, nominalDiameter }: Thread,
  figures: { workDiameter: number; root: number; relief: number; endLength: number },
): PartShape {
  const { workDiameter, root, relief, endLength } = figures;
  const threadLength =
    work.threadLength === null ? USUAL_LENGTHS * nominalDiameter : lengthIn(work.threadLength, unit);
  const chamferTo = Math.max(
    0,
    work.chamfer?.diameter == null ? root : lengthIn(work.chamfer.diameter, unit),
  );
  const register = work.register;
  return {
    side,
    diameter: workDiameter,
    root,
    relief: Math.max(0, relief),
    end: work.end.kind,
    endLength,
    threadLength,
    threadLengthKnown: work.threadLength !== null,
    chamfer: {
      length: Math.abs(workDiameter - chamferTo) / 2 / Math.tan(radians(work.chamfer?.angleDeg ?? 45)),
      diameter: chamferTo,
    },
    register:
      register?.diameter == null
        ? null
        : {
            diameter: lengthIn(register.diameter, unit),
            length: register.length === null ? threadLength / 4 : lengthIn(register.length, unit),
          },
  };
}
