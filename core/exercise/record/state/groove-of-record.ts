import { grooveAfter } from '@/core/cutting/cut/measure-thread';
import { layerAfter, type CutThread } from '@/core/cutting/cut/cut-thread';
import { moveProfile, type Profile } from '@/core/thread/geometry/profile';
import type { Pose } from '@/core/thread/geometry/pose';
import type { Sheet } from '../../sheet/sheet';
import { isKind, type Entry } from '../entry/entry';
import { inOrderOfWork } from './leading';
import { cutsOf } from './cuts';

/** The groove that the cuts of a record have really made, by the dial and this tip, in the section through the tool's edge. */
export interface GrooveOfRecord {
  thread: CutThread;
  profile: Profile;
  /** The profile over two more turns on both sides, so that a drawing shows neighbours wherever the tool stands. */
  turns: Profile;
  /** Flat that is left on the crest; the whole pitch before the first chip. */
  crestFlat: number;
  /** Whether tip and zero were known for every cut: what is drawn is only the likely groove otherwise. */
  sure: boolean;
  /** A look found one flank a staircase, which nothing that was recorded of the set-up explains. */
  staircase: boolean;
  pitchDiameter: number | null;
  /** Where the tool stood last; null before the first cut whose depth is known. */
  tool: Pose | null;
}

export function grooveOfRecord(sheet: Sheet, entries: readonly Entry[]): GrooveOfRecord {
  const live = inOrderOfWork(entries);
  const { cuts, segment, dial, asSet, ...cut } = cutsOf(sheet, live);
  const thread = cut.thread();
  const known = cuts.every(({ depth }) => depth !== null) && segment.foretells;
  const profile = layerAfter(thread);
  const tool = thread.poses.at(-1) ?? null;
  const size =
    tool === null
      ? { crestFlat: sheet.thread.pitch, pitchDiameter: null }
      : grooveAfter(thread, thread.poses.length, tool);
  return {
    thread,
    profile,
    turns: [-2, -1, 0, 1, 2].flatMap((turn) => moveProfile(profile, turn * thread.lead, 0)),
    ...size,
    sure: known && dial.tipKnown && segment.uncertainty === 0,
    staircase: asSet === sheet && saidStaircase(sheet, live),
    tool,
  };
}

/** By the last look at the form: one that was mended, or not so, is none. */
function saidStaircase(sheet: Sheet, live: readonly Entry[]): boolean {
  const forms = new Set(sheet.stops.filter(({ check }) => check === 'form').map(({ id }) => id));
  const last = live
    .filter(isKind('stop'))
    .findLast(
      ({ content: { stopId, answer } }) => forms.has(stopId) && (answer === 'yes' || answer === 'no'),
    );
  return last?.content.answer === 'no';
}
