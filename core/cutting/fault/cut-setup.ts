import { axialProfile } from '../cut/off-centre';
import { cutThread, layerAfter, type CutThread } from '../cut/cut-thread';
import { groundOver } from '../cut/ground-over';
import { toolShape } from '../cut/tool-shape';
import type { CutCase } from '../cut/cut-case';
import { poseOf, type Pose } from '@/core/thread/geometry/pose';
import type { Profile } from '@/core/thread/geometry/profile';
import type { Side } from '@/core/thread/standards/thread';
import type { ThreadForm } from '@/core/thread/standards/thread-form';
import type { Tip } from '@/core/thread/tool/tip';

/** One cut as the slides really made it. */
export interface SetupCut {
  reading: number;
  /** What the cross slide fed beyond its zero. */
  crossSlide: number;
  /** Shift of the carriage against the groove. */
  carriage: number;
  start: number;
}

/** A set-up with its cuts, right or wrong: what a fault changes. Lengths in the thread's unit. */
export interface CutSetup {
  side: Side;
  form: ThreadForm;
  nominalDiameter: number;
  /** As planned; what the gears really make is `pitch`. */
  nominalPitch: number;
  pitch: number;
  starts: number;
  workDiameter: number;
  tip: Tip;
  tiltDeg: number;
  includedDeg: number;
  offCentre: number;
  compoundAngleDeg: number;
  fed: 1 | -1;
  cuts: readonly SetupCut[];
  /** How far the part stands off the tool at a share of its length, 0 at the chuck and 1 at the free end or the centre. */
  gives: (share: number) => number;
}

export const RIGID = () => 0;

/** The case of a set-up. */
function caseOf(setup: CutSetup): CutCase {
  const { side, workDiameter, pitch, starts, tip, form, tiltDeg, includedDeg, offCentre, fed } = setup;
  return {
    side,
    workDiameter,
    pitch,
    starts,
    shape: toolShape(tip, form.flankAngleDeg, { tiltDeg, includedDeg }),
    flankAngleDeg: form.flankAngleDeg,
    fed,
    offCentre,
  };
}

/** The thread that a set-up cuts at a share of the part's length. */
export function cutAt(setup: CutSetup, share = 0): CutThread {
  const off = setup.gives(share);
  const poses = setup.cuts.map(({ reading, crossSlide, carriage, start }): Pose => {
    const pose = poseOf({
      compound: reading,
      compoundAngleDeg: setup.compoundAngleDeg,
      fed: setup.fed,
      crossSlide: crossSlide - off,
      carriage: carriage + start * setup.pitch,
      start,
    });
    return pose;
  });
  return cutThread(caseOf(setup), poses);
}

/**
 * The profile over a number of pitches from the free end (x = 0) toward the headstock, in the section through the axis:
 * pitch by pitch, each as the part gave there.
 */
export function profileOver(setup: CutSetup, pitches: number): Profile {
  const whole = (share: number) => {
    const thread = cutAt(setup, share);
    return { thread, profile: axialProfile(thread.cutCase, layerAfter(thread)) };
  };
  if (setup.gives === RIGID) {
    const { thread, profile } = whole(0);
    return groundOver(profile, thread.lead, { from: 0, to: pitches * setup.nominalPitch });
  }
  return Array.from({ length: pitches }, (_, index) => {
    const { thread, profile } = whole(1 - (index + 0.5) / pitches);
    const from = index * setup.nominalPitch;
    return groundOver(profile, thread.lead, { from, to: from + setup.nominalPitch });
  }).flat();
}

/** Whether the part gives nowhere. */
export const isRigidSetup = ({ gives }: CutSetup): boolean => gives === RIGID;
