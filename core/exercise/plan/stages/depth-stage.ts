import { compoundFeedFor } from '@/core/thread/compound/compound';
import { depthCaseOf, radialDepthFor } from '@/core/thread/depth/radial-depth';
import { sideClearanceDeg } from '@/core/measuring/gauging/other-gauges';
import { grooveWidth } from '@/core/cutting/groove/tip-profile';
import { formOf } from '@/core/thread/standards/systems';
import { leadOf, type Thread } from '@/core/thread/standards/thread';
import type { Tip } from '@/core/thread/tool/tip';
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
