import { grooveAfter } from '@/core/cutting/cut/measure-thread';
import { layerAfter, type CutThread } from '@/core/cutting/cut/cut-thread';
import { moveProfile, type Profile } from '@/core/thread/geometry/profile';
import type { Pose } from '@/core/thread/geometry/pose';
import type { Sheet } from '../../sheet/sheet';
import { liveEntries, type Entry } from '../entry/entry';
import { cutsOf } from './cuts';

/** The groove that the cuts of a record have really made, by the dial and this tip, in the section through the tool's edge. */
export interface GrooveOfRecord {
  thread: CutThread;
  profile: Profile;
  /** The profile over one more turn on both sides, so that a drawing shows neighbours. */
  turns: Profile;
  /** Flat that is left on the crest; the whole pitch before the first chip. */
  crestFlat: number;
  pitchDiameter: number | null;
  /** Where the tool stood last; null before the first cut whose depth is known. */
  tool: Pose | null;
}

export function grooveOfRecord(sheet: Sheet, entries: readonly Entry[]): GrooveOfRecord {
  const { thread } = cutsOf(sheet, liveEntries(entries));
  const profile = layerAfter(thread);
  const tool = thread.poses.at(-1) ?? null;
  const size =
    tool === null
      ? { crestFlat: sheet.thread.pitch, pitchDiameter: null }
      : grooveAfter(thread, thread.poses.length, tool);
  return {
    thread,
    profile,
    turns: [...moveProfile(profile, -thread.lead, 0), ...profile, ...moveProfile(profile, thread.lead, 0)],
    ...size,
    tool,
  };
}
