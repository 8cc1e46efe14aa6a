import { tipAt, type Feed, type GrooveCase } from '../groove/groove-case';
import type { Side } from '@/core/thread/standards/thread';
import type { CutCase } from './cut-case';
import { cutThread, type CutThread } from './cut-thread';
import { toolShape } from './tool-shape';

/** The blank or bore that is cut. */
export interface CutWork {
  side: Side;
  workDiameter: number;
}

/** The case of a true tool on centre. */
export function cutCaseOf(groove: GrooveCase, { side, workDiameter }: CutWork): CutCase {
  const { pitch, starts, tip, flankAngleDeg, fed } = groove;
  return {
    side,
    workDiameter,
    pitch,
    starts,
    shape: toolShape(tip, flankAngleDeg),
    flankAngleDeg,
    fed,
    offCentre: 0,
  };
}

/** What the slide's feeds cut with a true tool: readings from touch-off, each in its start. */
export function cutFeeds(groove: GrooveCase, work: CutWork, feeds: readonly Feed[]): CutThread {
  return cutThread(
    cutCaseOf(groove, work),
    feeds.map((feed) => tipAt(groove, feed)),
  );
}
