import type { AttemptState } from '../attempt';

/** An attempt as the class board shows it. */
export interface BoardAttempt {
  id: number;
  studentId: number;
  exerciseId: number;
  tryNumber: number;
  state: AttemptState;
  /** Points of the confirmed mark. */
  total: number | null;
  /** Server time of the last entry. */
  lastEntryAt: string | null;
  passesCut: number;
}

/** An exercise as the class board shows it. */
export interface BoardExercise {
  id: number;
  title: string;
  thread: string;
  /** Null for a draft that was never handed out. */
  revision: number | null;
}

/** The class: students down, exercises across, attempts where they meet. */
export interface ClassBoard {
  className: string;
  /** Server time at which the board was read: ages count from it, so that server and browser print the same. */
  asOf: string;
  exercises: BoardExercise[];
  students: { id: number; name: string }[];
  attempts: BoardAttempt[];
}
