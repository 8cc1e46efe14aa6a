import { idealForm } from '../cut/ideal-form';
import { measuredOverWires, measureThread, type MeasuredThread } from '../cut/measure-thread';
import type { Profile } from '@/core/thread/geometry/profile';
import type { WireCase } from '@/core/measuring/gauging/three-wires';
import { cutAt, isRigidSetup, profileOver, type CutSetup } from './cut-setup';
import { foulBy } from './nut-over';

/** What a thread is compared with. Lengths in the thread's unit. */
export interface Held {
  wires: WireCase;
  /** Over wires at the target, and within which it is right. */
  overWires: { min: number; target: number; max: number };
  crest: { min: number; max: number };
  pitchDiameter: { min: number; max: number };
  /** Pitch diameter of the nut or plug that is tried, and the largest play that two good parts can have. */
  mate: { pitchDiameter: number; mostPlay: number };
}

export type NutFinding = 'will-not-start' | 'jams' | 'tight' | 'free' | 'wobbles';

/** What the means of proof find on a thread. */
export interface Evidence {
  pitchGauge: 'agrees' | 'shows-light' | 'doubled';
  /** From the free end, the middle and the far end: over wires, or null where the wire finds no groove. */
  overWires: (number | null)[];
  crestDiameter: number;
  nut: NutFinding;
  /** The flanks as the eye sees them. */
  flanks: 'alike' | 'unlike' | 'stepped' | 'leaning' | 'doubled';
  /** Half angles of the fed flank and the other, degrees; null where it was not cut. */
  flankAngles: [number | null, number | null];
  /** Flat on the crest; 0: a point, or wiped away. */
  crestFlat: number;
  measured: MeasuredThread;
}

/** Pitches over which gauge and nut are held: a nut of usual height on a usual thread has some eight. */
const ENGAGED_PITCHES = 6;

/** A gauge on a few pitches shows an error of a hundredth of the pitch as light; common practice. */
const GAUGE_SEES = 0.01;

/** Half angles that differ by more look unlike to the eye; common practice. */
const EYE_SEES_DEG = 2;

/** A step on a flank that the eye finds, in pitches; common practice. */
const EYE_SEES_STEP = 0.01;

/** Play on the diameter under which a nut goes on tight, in pitches. */
const TIGHT = 0.005;

/** What pitch gauge, wires, nut and eye would find on the thread of a set-up. */
export function evidenceOf(setup: CutSetup, held: Held): Evidence {
  const places = isRigidSetup(setup) ? [0] : [1, 0.5, 0];
  const measured = places.map((share) => measuredAt(setup, share, held.wires));
  const first = measured[0] ?? measuredAt(setup, 0, held.wires);
  // If every turn of the thread is alike, one engaged pitch shows as much interference with the mate as many.
  const profile = profileOver(setup, sameAllAlong(setup) ? setup.starts : ENGAGED_PITCHES);
  const doubled = isDoubled(setup);
  const { fed, other, crestFlat, crestDiameter } = first.thread;
  return {
    pitchGauge: doubled
      ? 'doubled'
      : Math.abs(setup.pitch / setup.nominalPitch - 1) > GAUGE_SEES / ENGAGED_PITCHES
        ? 'shows-light'
        : 'agrees',
    overWires:
      measured.length === 1 ? [first.over, first.over, first.over] : measured.map(({ over }) => over),
    crestDiameter,
    nut: nutOn(setup, profile, held),
    flanks: doubled ? 'doubled' : flanksOf(setup, first.thread),
    flankAngles: [fed?.angleDeg ?? null, other?.angleDeg ?? null],
    crestFlat,
    measured: first.thread,
  };
}

function measuredAt(setup: CutSetup, share: number, wires: WireCase) {
  const thread = cutAt(setup, share);
  return { thread: measureThread(thread), over: measuredOverWires(thread, wires) };
}

const sameAllAlong = (setup: CutSetup) => isRigidSetup(setup) && setup.pitch === setup.nominalPitch;

/** Cuts beside the groove leave a second one. */
function isDoubled({ cuts, pitch }: CutSetup): boolean {
  const beside = new Set(cuts.map(({ carriage }) => Math.round((carriage / pitch) * 1000) % 1000));
  return beside.size > 1;
}

function flanksOf(
  { form, nominalPitch, tiltDeg }: CutSetup,
  { fed, other }: MeasuredThread,
): Evidence['flanks'] {
  if (fed === null || other === null) return 'alike';
  const unlike = Math.abs(fed.angleDeg - other.angleDeg) > EYE_SEES_DEG;
  if (
    unlike &&
    Math.abs(tiltDeg) > 0 &&
    Math.abs(fed.angleDeg + other.angleDeg - 2 * form.flankAngleDeg) < EYE_SEES_DEG
  )
    return 'leaning';
  if (unlike) return 'unlike';
  return Math.max(fed.formError, other.formError) > EYE_SEES_STEP * nominalPitch ? 'stepped' : 'alike';
}

/** Tries a mate of a true form and pitch. */
function nutOn(setup: CutSetup, profile: Profile, { mate }: Held): NutFinding {
  const { form, nominalPitch, nominalDiameter, side, workDiameter } = setup;
  const basic = nominalDiameter - form.majorToPitch * nominalPitch;
  const slack = (TIGHT * nominalPitch) / 2;
  const ideal = idealForm({
    form,
    pitch: nominalPitch,
    nominalDiameter: nominalDiameter + (mate.pitchDiameter - basic),
    side,
    workDiameter,
  });
  const foul = foulBy(profile, ideal, nominalPitch);
  if (foul > slack) {
    const startsAlone = foulBy(profileOver(setup, 2), ideal, nominalPitch) <= slack;
    return startsAlone && !sameAllAlong(setup) ? 'jams' : 'will-not-start';
  }
  // On crest and root a good pair has room: what is felt as play is that of the flanks.
  const flanks = ideal.filter((piece) => piece.kind === 'line' && piece.y0 !== piece.y1);
  const play = -2 * foulBy(profile, flanks, nominalPitch);
  if (play < TIGHT * nominalPitch || foul > -slack) return 'tight';
  return play > mate.mostPlay * (1 + 1e-9) ? 'wobbles' : 'free';
}
