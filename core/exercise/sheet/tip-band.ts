import { depthCaseOf, groundHeight, pitchDiameterAt } from '@/core/thread/depth/radial-depth';
import type { Band, ThreadLimits } from '@/core/thread/standards/thread-limits';
import type { Thread } from '@/core/thread/standards/thread';
import { tipLimit } from '@/core/thread/tool/tip-limit';

/**
 * What a depth leaves where the tip was not measured: the pitch diameters from a pointed tip to the bluntest that the
 * root has room for. Null while even the bluntest leaves no pitch diameter.
 */
export function tipBand(
  thread: Thread,
  limits: ThreadLimits,
  workDiameter: number,
  target: number,
): (radialDepth: number) => Band | null {
  const { flat } = tipLimit(thread, limits, target);
  const pointed = depthCaseOf(thread, workDiameter, { kind: 'sharp' });
  const blunt = depthCaseOf(thread, workDiameter, { kind: 'flat', flat });
  return (radialDepth) => {
    if (radialDepth <= groundHeight(pointed)) return null;
    const sizes = [pitchDiameterAt(pointed, radialDepth), pitchDiameterAt(blunt, radialDepth)];
    return { min: Math.min(...sizes), max: Math.max(...sizes) };
  };
}
