import type { AttemptState } from '../record/state/record-state';
import type { NextAtBench } from '../record/shown/next-at-bench';
import type { Waiting } from '../record/shown/floor-state';

/** A piece that a student has to make, at the student's own bench. */
export interface BenchPiece {
  attemptId: number;
  title: string;
  className: string;
  tryNumber: number;
  lathe: string | null;
  state: AttemptState;
  next: NextAtBench;
  waits: Waiting | null;
}

/** What was said about the last piece that was marked. */
export interface LastPiece {
  attemptId: number;
  title: string;
  total: number;
  of: number;
  passed: boolean;
  by: string;
  comment: string;
  /** The lines that lost most, first. */
  lost: { title: string; awarded: number; max: number; reason: string }[];
}

/** The student's home: what to do next, what was said about the last piece, what is open. */
export interface BenchHome {
  person: { id: number; name: string };
  /** Whether a bench keeps what this person records: a student's. Staff record with their own session. */
  records: boolean;
  /** At work first, then what is not begun, then what waits for its mark. */
  pieces: BenchPiece[];
  last: LastPiece | null;
  /** Faults to spot that are not answered yet. */
  puzzles: { id: number; title: string }[];
}

const ORDER: Record<AttemptState, number> = {
  cutting: 0,
  'set-up': 1,
  measured: 2,
  'not-begun': 3,
  waiting: 4,
  marked: 5,
};

/** In the order in which a student takes them up. */
export function piecesInOrder(pieces: readonly BenchPiece[]): BenchPiece[] {
  return pieces.toSorted((a, b) => ORDER[a.state] - ORDER[b.state] || a.attemptId - b.attemptId);
}
