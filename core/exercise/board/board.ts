import type { AttemptState } from '../record/state/record-state';
import type { Phase } from '../record/advice/advice';
import type { Role } from '../record/entry/entry';

/** Phases that a board tells beside the state: the others follow from it. */
export const BOARD_PHASES = ['past-saving', 'stop', 'zero', 'proven'] as const satisfies readonly Phase[];
type BoardPhase = (typeof BOARD_PHASES)[number];

/** An attempt as the class board shows it; what does not apply is left out, as a page holds hundreds. */
export interface BoardAttempt {
  id: number;
  studentId: number;
  exerciseId: number;
  tryNumber: number;
  state: AttemptState;
  /** Points of the confirmed mark. */
  total?: number;
  passed?: boolean;
  /** Seconds since the last entry when the board was read, until it is marked: no clock of a browser counts. */
  idleS?: number;
  /** While cutting. */
  passesCut?: number;
  /** A phase that its state does not say and that somebody should know of. */
  phase?: BoardPhase;
  /** It waits for a look of the instructor. */
  wantsLook?: true;
}

/** An exercise as the class board shows it. */
export interface BoardExercise {
  id: number;
  title: string;
  thread: string;
  /** Null for a draft that was never handed out. */
  revision: number | null;
  /** The class that it was lent from, as it was called then; left out of what was made here. */
  lentFrom?: string;
}

/** A thread with a fault to spot, in the list of a class. */
export interface BoardPuzzle {
  id: number;
  title: string;
  /** Of a student: what the answer was worth; null: not answered yet. */
  points: number | null;
  /** How many have answered. */
  answers: number;
}

/** The class: students down, exercises of one page across, attempts where they meet. */
export interface ClassBoard {
  classId: number;
  className: string;
  /** The viewer's role in this class. */
  role: Role;
  /** All classes of the viewer. */
  classes: { id: number; name: string }[];
  page: number;
  pages: number;
  /** Attempts of the whole class by state. */
  counts: Partial<Record<AttemptState, number>>;
  exercises: BoardExercise[];
  drafts: BoardExercise[];
  puzzles: BoardPuzzle[];
  /** Those who learn; behind them staff who took an exercise themselves. */
  students: { id: number; name: string; staff?: true }[];
  /** The last try of each student at each exercise shown, or all of them. */
  attempts: BoardAttempt[];
  allTries: boolean;
  /** For instructors: whose secret strangers try; empty mostly. */
  strangers: { name: string; count: number; since: string }[];
}
