import { partOf, type PartShape } from '@/core/machine/blank/part-shape';
import type { Plan } from '../../plan/plan';
import type { Thread } from '@/core/thread/standards/thread';
import { lengthIn, type Length } from '@/core/base/units/length';

/** The part that a plan asks for. */
export function sheetBlank(
  { work }: Plan,
  { unit, side, nominalDiameter }: Thread,
  figures: { workDiameter: number; root: number; relief: number; endLength: number },
): PartShape {
  const { workDiameter, root, relief, endLength } = figures;
  const inUnit = (length: Length | null | undefined) => (length == null ? null : lengthIn(length, unit));
  const { chamfer, register } = work;
  return partOf({
    side,
    nominalDiameter,
    diameter: workDiameter,
    root,
    relief,
    end: work.end.kind,
    endLength,
    threadLength: inUnit(work.threadLength),
    chamfer: { angleDeg: chamfer?.angleDeg ?? null, diameter: inUnit(chamfer?.diameter) },
    register: {
      diameter: inUnit(register?.diameter),
      length: inUnit(register?.length),
      at: register?.at ?? 'behind',
      made: register?.made ?? 'before',
    },
  });
}
