import { lengthIn } from '@/core/base/units/length';
import { deepestPose } from '@/core/cutting/cut/cut-thread';
import { rescueOf } from '@/core/cutting/cut/rescue';
import { radialDepthFor, type DepthCase } from '@/core/thread/depth/radial-depth';
import { depthOf } from '@/core/thread/geometry/frame';
import type { Pose } from '@/core/thread/geometry/pose';
import { threadLimits } from '@/core/thread/standards/limits';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { standardThreads } from '@/core/thread/standards/suggest';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import { crestLimits } from '@/core/thread/standards/thread-limits';
import type { Sheet } from '../../sheet/sheet';

/** Another thread that the work still gives. */
export interface StillGives {
  thread: string;
  /** To which diameter the work is turned, or bored, first, in the thread's unit. */
  turnTo: number;
  /** Whether it is cut on in the same groove; else the groove is turned away. */
  sameGroove: boolean;
}

const MOST_THREADS = 3;

/** How a left-hand thread is called, by ISO 965-1 and by ASME B1.1. */
const LEFT = { mm: '-LH', in: ' LH' } as const;

/** Threads of the same form and pitch that contain the groove when the work is turned down, or bored out, to them. */
export function stillGives(
  sheet: Sheet,
  poses: readonly Pose[],
  { figuredFor, depthCase }: { figuredFor: number; depthCase: DepthCase },
): StillGives[] {
  const { side, unit, pitch, flankAngleDeg } = sheet.thread;
  const root = deepestPose(poses).y;
  const seen = new Set<number>();
  const known = standardThreads(side).flatMap((designation) => {
    const read = parseDesignation(designation);
    return read.ok && formOf(read.value.thread).flankAngleDeg === flankAngleDeg
      ? [{ designation, thread: read.value.thread }]
      : [];
  });
  const inUnit = (thread: Thread, value: number) => lengthIn({ value, unit: thread.unit }, unit);
  const sized = known
    .map(({ designation, thread }) => ({
      designation,
      thread,
      nominal: inUnit(thread, thread.nominalDiameter),
    }))
    .filter(({ nominal }) => (side === 'external' ? nominal < figuredFor : nominal > figuredFor))
    .sort((a, b) => (side === 'external' ? b.nominal - a.nominal : a.nominal - b.nominal));
  // The groove keeps its starts and its hand.
  const { starts, hand } = sheet.thread;
  const more = `${starts > 1 ? ` (${starts} starts)` : ''}${hand === 'left' ? LEFT[unit] : ''}`;
  const middle = ({ min, max }: { min: number; max: number }) => (min + max) / 2;
  const same = sized.flatMap(({ designation, thread, nominal }): StillGives[] => {
    if (seen.has(nominal) || Math.abs(inUnit(thread, pitchOf(thread)) - pitch) > 1e-6) return [];
    const limits = threadLimits(thread);
    const turnTo = inUnit(thread, middle(crestLimits(limits)));
    const removed = depthOf(side, figuredFor, turnTo);
    // Turned below its root the groove is gone.
    if (removed < 0 || removed >= root) return [];
    const target = inUnit(thread, middle(limits.pitchDiameter));
    const depth = removed + radialDepthFor({ ...depthCase, workDiameter: turnTo }, target);
    if (!rescueOf(poses, depth, flankAngleDeg).saveable) return [];
    seen.add(nominal);
    return [{ thread: `${designation}${more}`, turnTo, sameGroove: true }];
  });
  const away = sized.find(
    ({ thread }) =>
      thread.unit === unit &&
      depthOf(side, figuredFor, inUnit(thread, middle(crestLimits(threadLimits(thread))))) > root,
  );
  return [
    ...same.slice(0, MOST_THREADS),
    ...(away === undefined
      ? []
      : [
          {
            thread: away.designation,
            turnTo: inUnit(away.thread, middle(crestLimits(threadLimits(away.thread)))),
            sameGroove: false,
          },
        ]),
  ];
}
