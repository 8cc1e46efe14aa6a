import type { InferType } from 'yup';
import { documentReader } from '@/core/base/documents/document';
import { figure, header, listOf, maybeFigure, oneOf, part, whole, words } from '@/core/base/documents/parts';
import type { Profile } from '@/core/thread/geometry/profile';
import { cutAt, profileOver, type CutSetup } from './cut-setup';
import { evidenceOf, type Held } from './evidence-of';
import { FAULT_IDS, faultData, withFaults, type FaultId, type FaultOn } from './faults';

const piece = part({
  kind: oneOf(['line', 'arc'] as const),
  x0: figure(),
  x1: figure(),
  y0: maybeFigure(),
  y1: maybeFigure(),
  cx: maybeFigure(),
  cy: maybeFigure(),
  r: maybeFigure(),
});
const range = () => part({ min: figure(), max: figure() });

/**
 * "Spot the fault": a thread with one fault and what was found on it, as it is given to students and frozen with that. A
 * later release changes nothing of it. Lengths in the unit of the thread.
 */
const faultPuzzleSchema = part({
  ...header('oyakata-fault-puzzle', 1),
  title: words(120).min(1),
  thread: words(120).min(1),
  unit: oneOf(['in', 'mm'] as const),
  side: oneOf(['external', 'internal'] as const),
  /** Drawn from the free end; depths below the surface of the blank. */
  length: figure(0),
  depth: figure(0),
  profile: listOf(piece, 5000),
  evidence: part({
    pitchGauge: oneOf(['agrees', 'shows-light', 'doubled'] as const),
    /** Free end, middle, far end. */
    overWires: listOf(maybeFigure(), 3),
    crestDiameter: figure(),
    rootDiameter: figure(),
    crestFlat: figure(),
    nut: oneOf(['will-not-start', 'jams', 'tight', 'free', 'wobbles'] as const),
    flanks: oneOf(['alike', 'unlike', 'stepped', 'leaning', 'doubled'] as const),
    flankAngles: listOf(maybeFigure(), 2),
    /** The root diameter that follows from the readings in the log. */
    loggedRoot: figure(),
  }),
  held: part({ overWires: range(), crest: range() }),
  fault: oneOf(FAULT_IDS),
  /** Answers that are right: faults that nothing here tells apart from it count too. */
  accepted: listOf(oneOf(FAULT_IDS), 20),
  amount: figure(),
  from: whole(0, 1000),
  points: whole(1, 100),
});

export type FaultPuzzle = InferType<typeof faultPuzzleSchema>;

/** Reads a stored puzzle. @throws UnreadableDocument */
export const readFaultPuzzle = documentReader<FaultPuzzle>({
  format: 'oyakata-fault-puzzle',
  version: 1,
  schema: faultPuzzleSchema,
});

/** What a student is shown before the answer: all but the answer. */
export type ShownPuzzle = Omit<FaultPuzzle, 'fault' | 'accepted' | 'amount' | 'from'>;

export function shownPuzzle({ fault, accepted, amount, from, ...shown }: FaultPuzzle): ShownPuzzle {
  void [fault, accepted, amount, from];
  return shown;
}

/** A second groove tells that something moved, not what. */
const ALIKE: readonly (readonly FaultId[])[] = [['wrong-mark', 'part-moved']];

const PITCHES = 4;

/** The root of a set-up's deepest cut as its log tells it: by what the dials were set to, on the planned blank. */
export function loggedRoot(planned: CutSetup, on: readonly FaultOn[]): number {
  // Where the last cut is short or too deep, the log shows its real reading. For every other fault it shows the planned one.
  const told = on.filter(({ id }) => id === 'under-cut' || id === 'over-cut');
  const thread = cutAt(withFaults(planned, told));
  const depth = Math.max(0, ...thread.poses.map(({ y }) => y));
  return planned.workDiameter + (planned.side === 'external' ? -2 : 2) * depth;
}

/** Freezes a puzzle. */
export function makePuzzle(
  planned: CutSetup,
  held: Held,
  on: FaultOn,
  named: { title: string; thread: string; unit: 'in' | 'mm'; points: number },
): FaultPuzzle {
  const setup = withFaults(planned, [on]);
  const { measured, ...found } = evidenceOf(setup, held);
  const { overWires, crest } = held;
  return {
    format: 'oyakata-fault-puzzle',
    version: 1,
    ...named,
    side: setup.side,
    length: PITCHES * setup.nominalPitch,
    depth: 0.8 * setup.nominalPitch,
    profile: profileOver(setup, PITCHES).map((each) =>
      each.kind === 'line' ? { ...each, cx: null, cy: null, r: null } : { ...each, y0: null, y1: null },
    ),
    evidence: { ...found, rootDiameter: measured.rootDiameter, loggedRoot: loggedRoot(planned, [on]) },
    held: {
      overWires: { min: overWires.min, max: overWires.max },
      crest: { min: crest.min, max: crest.max },
    },
    fault: on.id,
    accepted: [...(ALIKE.find((group) => group.includes(on.id)) ?? [on.id])],
    amount: on.amount,
    from: on.from,
  };
}

/** The frozen profile as pieces again. */
export function profileOfPuzzle({ profile }: Pick<FaultPuzzle, 'profile'>): Profile {
  return profile.map(({ kind, x0, x1, y0, y1, cx, cy, r }) =>
    kind === 'line'
      ? { kind, x0, x1, y0: y0 ?? 0, y1: y1 ?? 0 }
      : { kind, x0, x1, cx: cx ?? 0, cy: cy ?? 0, r: r ?? 0 },
  );
}

export interface PuzzleMark {
  right: boolean;
  points: number;
  /** What it was, in words. */
  says: string;
}

/** A puzzle as one viewer may see it. */
export interface PuzzleSeen {
  id: number;
  puzzle: ShownPuzzle;
  /** The viewer's own answer with its mark. */
  answered: { answer: FaultId; mark: PuzzleMark } | null;
  /** For the instructor: the fault, and who answered what. */
  solution: {
    fault: FaultId;
    says: string;
    answers: { name: string; answer: FaultId; points: number }[];
  } | null;
}

/** Marks an answer: all of the points, or none. */
export function markPuzzle({ accepted, fault, points }: FaultPuzzle, answer: FaultId): PuzzleMark {
  const right = accepted.includes(answer);
  const { name, says } = faultData(fault);
  return { right, points: right ? points : 0, says: `${name}. ${says}` };
}
