import type { AttemptState, Role } from '../record';

/** An attempt as the class board shows it. */
export interface BoardAttempt {
  id: number;
  studentId: number;
  exerciseId: number;
  tryNumber: number;
  state: AttemptState;
  /** Points of the confirmed mark. */
  total: number | null;
  passed: boolean | null;
  /** Server time of the last entry. */
  lastEntryAt: string | null;
  passesCut: number;
  /** Whom it waits for. */
  waitsFor: 'instructor' | 'mark' | null;
}

/** An exercise as the class board shows it. */
export interface BoardExercise {
  id: number;
  title: string;
  thread: string;
  /** Null for a draft that was never handed out. */
  revision: number | null;
}

/** The class: students down, exercises of one page across, attempts where they meet. */
export interface ClassBoard {
  classId: number;
  className: string;
  /** The viewer's role in this class. */
  role: Role;
  /** All classes of the viewer. */
  classes: { id: number; name: string }[];
  /** Server time at which the board was read: ages count from it, so that server and browser print the same. */
  asOf: string;
  page: number;
  pages: number;
  /** Attempts of the whole class by state. */
  counts: Partial<Record<AttemptState, number>>;
  exercises: BoardExercise[];
  drafts: BoardExercise[];
  students: { id: number; name: string }[];
  attempts: BoardAttempt[];
}
