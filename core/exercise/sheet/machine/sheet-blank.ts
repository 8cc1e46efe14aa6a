import type { PartShape } from '@/core/machine/blank/part-shape';
import { figure, maybePart, oneOf, part, yesNo, namedOrUnknown } from '@/core/base/documents/parts';
import type { Plan } from '../../plan/plan';
import { WORK_ENDS } from '@/core/machine/technique/choices';
import type { Thread } from '@/core/thread/standards/thread';
import { lengthIn } from '@/core/base/units/length';
import { radians } from '@/core/base/units/angle';

/** The part before the thread; null in sheets made before it was kept. Lengths in the thread's unit. */
export const sheetBlankSchema = maybePart({
  side: oneOf(['external', 'internal'] as const),
  diameter: figure(0),
  root: figure(),
  relief: figure(0),
  end: namedOrUnknown(WORK_ENDS),
  endLength: figure(0),
  threadLength: figure(0),
  threadLengthKnown: yesNo(),
  chamfer: part({ length: figure(0), diameter: figure(0) }),
  register: maybePart({ diameter: figure(0), length: figure(0) }),
});

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
