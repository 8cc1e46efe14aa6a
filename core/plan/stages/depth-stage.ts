import { compoundFeedFor } from '../../compound';
import { depthCaseOf, radialDepthFor } from '../../depth';
import { sideClearanceDeg } from '../../gauging';
import { leadOf, type Thread } from '../../thread';
import type { Tip } from '../../tool';
import { remember } from '../remember';

export interface DepthStage {
  radialDepth: number | null;
  compoundFeed: number | null;
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
    angleDeg: number | null,
  ): DepthStage => {
    if (blank === null || tip === null || target === null)
      return { radialDepth: null, compoundFeed: null, rootDiameter: null, sideClearance: null };
    const radialDepth = radialDepthFor(depthCaseOf(thread, blank, tip), target);
    const rootDiameter = blank + (thread.side === 'external' ? -2 : 2) * radialDepth;
    return {
      radialDepth,
      rootDiameter,
      sideClearance: sideClearanceDeg(leadOf(thread), Math.min(rootDiameter, blank)),
      compoundFeed: angleDeg === null ? null : compoundFeedFor(radialDepth, angleDeg),
    };
  },
);
