import { cutCaseOf } from '../cut/cut-feeds';
import { cutThread } from '../cut/cut-thread';
import { grooveAfter } from '../cut/measure-thread';
import { diameterPerDepth } from '@/core/thread/geometry/frame';
import { poseOf } from '@/core/thread/geometry/pose';
import { wireSlope } from '@/core/measuring/gauging/three-wires';
import type { Tip } from '@/core/thread/tool/tip';
import { radians } from '@/core/base/units/angle';
import type { FairCase, SourceId } from './fair-case';

/** The errors of one try: how far each source is off, in its own unit. */
export type Departures = Readonly<Partial<Record<SourceId, number>>>;

/** A student measures, feeds the rest, and measures again; common practice: twice or three times is enough. */
const MOST_ROUNDS = 6;

/** A nut is said to run on free with this little play, in pitches. */
const FREE_PLAY = 0.005;

/**
 * The pitch diameter that one try leaves: the groove is cut with what departed, to the planned reading by dial, or to where
 * wires or a nut say enough. Null where not even a groove with a pitch diameter came of it.
 */
export function oneTry(fair: FairCase, off: Departures): number | null {
  const { groove, side, readings, proof, target, graduation, finishingInfeed } = fair;
  const angleDeg = groove.compoundAngleDeg + (off.angle ?? 0);
  const perFeed = Math.cos(radians(angleDeg));
  const perDepth = diameterPerDepth(side);
  const last = readings.at(-1) ?? 0;
  // By dial alone all is fed; where something decides, the last is left for it to say.
  const left = proof === 'dial' ? 0 : Math.min(last, leftToDecide(fair));
  const work = fair.workDiameter + (off.blank ?? 0);
  const cutCase = cutCaseOf(
    { ...groove, tip: departed(groove.tip, off.tip ?? 0) },
    { side, workDiameter: work },
  );
  const poses = readings
    .filter((reading) => reading < last - left - 1e-12)
    .concat(last - left)
    .map((reading, index, all) =>
      poseOf({
        compound: reading + (index === all.length - 1 ? (off.dial ?? 0) : 0),
        compoundAngleDeg: angleDeg,
        fed: groove.fed,
        crossSlide: -(off.zero ?? 0) - (off.bending ?? 0),
      }),
    );
  const thread = cutThread(cutCase, poses);
  const deepest = thread.poses.reduce((most, pose) => (pose.y > most.y ? pose : most), {
    x: 0,
    y: 0,
    start: 0,
  });
  let size = grooveAfter(thread, thread.poses.length, deepest).pitchDiameter;
  if (size === null || proof === 'dial') return size;
  const outward = perDepth < 0 ? 1 : -1;
  const feed = (infeed: number) => (size = (size ?? 0) + perDepth * infeed * perFeed);
  if (proof === 'wires') {
    const error = (off.micrometer ?? 0) + wireSlope(groove.flankAngleDeg, side) * (off.wire ?? 0);
    for (let round = 0; round < MOST_ROUNDS; round += 1) {
      const tooLarge = outward * (size + error - target);
      const graduations = Math.round(tooLarge / 2 / perFeed / graduation);
      if (graduations < 1) break;
      feed(graduations * graduation);
    }
    return size;
  }
  const passes = fair.nut + (off.nut ?? 0) - outward * FREE_PLAY * groove.pitch;
  const most = Math.ceil((2 * groove.pitch) / finishingInfeed);
  for (let round = 0; round < most && outward * (size - passes) > 0; round += 1) feed(finishingInfeed);
  return size;
}

/** Feed that is left to wires or a nut: some finishing cuts, and from where the largest of the nuts could go on. */
function leftToDecide({
  proof,
  nut,
  spreads,
  target,
  groove,
  finishingInfeed,
  graduation,
}: FairCase): number {
  const some = 4 * Math.max(finishingInfeed, graduation);
  if (proof !== 'nut') return some;
  return some + (Math.abs(nut - target) + spreads.nut) / 2 / Math.cos(radians(groove.compoundAngleDeg));
}

function departed(tip: Tip, by: number): Tip {
  if (tip.kind === 'flat') return { kind: 'flat', flat: Math.max(1e-9, tip.flat + by) };
  if (tip.kind === 'radius') return { kind: 'radius', radius: Math.max(1e-9, tip.radius + by) };
  return by > 0 ? { kind: 'flat', flat: by } : tip;
}
