import { compoundFeedFor } from '../../compound/compound';
import { depthCaseOf, radialDepthFor } from '../../depth/radial-depth';
import { sideClearanceDeg } from '../../gauging/other-gauges';
import { grooveWidth } from '../../groove/tip-profile';
import { formOf } from '../../thread/systems';
import { leadOf, type Thread } from '../../thread/thread';
import type { Tip } from '../../tool/tip';
import { remember } from '../remember';

export interface DepthStage {
  radialDepth: number | null;
  feed: number | null;
  toolWidth: number | null;
  rootDiameter: number | null;
  sideClearance: { leading: number; trailing: number } | null;
}

/** From the real blank to the target with the tip as ground. Lengths in the thread's unit. */
export const depthStage = remember(
  (
    thread: Thread,
    blank: number | null,
    tip: Tip | null,
    target: number | null,
    feedAngleDeg: number | null,
  ): DepthStage => {
    if (blank === null || tip === null || target === null)
      return { radialDepth: null, feed: null, toolWidth: null, rootDiameter: null, sideClearance: null };
    const radialDepth = radialDepthFor(depthCaseOf(thread, blank, tip), target);
    const rootDiameter = blank + (thread.side === 'external' ? -2 : 2) * radialDepth;
    return {
      radialDepth,
      rootDiameter,
      sideClearance: sideClearanceDeg(leadOf(thread), Math.min(rootDiameter, blank)),
      feed: feedAngleDeg === null ? null : compoundFeedFor(radialDepth, feedAngleDeg),
      toolWidth: grooveWidth(tip, formOf(thread).flankAngleDeg, radialDepth),
    };
  },
);
