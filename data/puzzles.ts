import 'server-only';
import type { Transaction } from 'sequelize';
import { faultData, faultsFor, type FaultId, type FaultOn } from '@/core/cutting/fault/faults';
import {
  makePuzzle,
  markPuzzle,
  readFaultPuzzle,
  shownPuzzle,
  type PuzzleMark,
  type PuzzleSeen,
} from '@/core/cutting/fault/puzzle';
import { formFrom } from '@/core/exercise/plan/draft';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import { setupOfPlan } from '@/core/exercise/plan/setup-of-plan';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import type { BoardPuzzle } from '@/core/exercise/board/board';
import type { Role } from '@/core/exercise/record/entry/entry';
import { ownExercise, roleIn } from './access';
import { database } from './database';
import { isDuplicate } from './errors';
import { conflict, forbidden, notFound, outcomeOf, refuse, type Outcome } from './outcome';
import type { PersonView } from './people';
import { insertRow, rowOf, rowsOf } from './query';
import { storedJson } from './stored-json';

/** Points of a puzzle: one question of a lesson; common practice. */
const POINTS = 10;

/** Freezes a thread with one fault out of an exercise, as it is saved, for the class of the exercise. */
export function makeFaultPuzzle(
  viewer: PersonView,
  exerciseId: number,
  on: FaultOn,
): Promise<Outcome<{ id: number }>> {
  return outcomeOf(async () => {
    const exercise = await ownExercise(viewer, exerciseId);
    const form = formFrom(JSON.parse(exercise.draft));
    const unit = readPlan(form).evaluation.thread?.unit ?? 'in';
    const read = readPlan(form, usualLathe(unit));
    const planned = setupOfPlan(read);
    const { thread } = read.evaluation;
    if (planned === null || thread === null) return conflict('The plan can not be worked out yet.');
    const fault = faultData(on.id);
    if (!faultsFor(planned.setup).includes(fault))
      return refuse('invalid', 'This way of cutting can not have that fault.', 'fault', 'invalid');
    const most = fault.amount?.most(planned.setup) ?? 0;
    if (on.amount < 0 || on.amount > most * (1 + 1e-9))
      return refuse('invalid', `From 0 to ${most.toFixed(4)}.`, 'amount', 'invalid');
    if (fault.begins && (on.from < 1 || on.from > planned.setup.cuts.length))
      return refuse('invalid', `From pass 1 to ${planned.setup.cuts.length}.`, 'from', 'invalid');
    const title = read.inputs.title ?? 'A thread';
    const puzzle = makePuzzle(planned.setup, planned.held, on, {
      title,
      thread: form.thread.designation,
      unit,
      points: POINTS,
    });
    const id = await insertRow(
      'INSERT INTO fault_puzzles (class_id, title, document, made_by_id, made_at) VALUES (?, ?, ?, ?, ?)',
      [exercise.classId, title, storedJson(puzzle), viewer.id, new Date()],
    );
    return { id };
  });
}

/** The puzzles of a class, the newest first; of a student with what the own answer was worth. */
export function puzzlesOf(classId: number, viewer: PersonView, role: Role): Promise<BoardPuzzle[]> {
  const own = role === 'student' ? ' AND a.student_id = ?' : '';
  return rowsOf<BoardPuzzle>(
    `SELECT p.id, p.title, ${own === '' ? 'NULL' : 'MAX(a.points)'} AS points, COUNT(a.id) AS answers
      FROM fault_puzzles p LEFT JOIN fault_answers a ON a.puzzle_id = p.id${own}
      WHERE p.class_id = ? GROUP BY p.id ORDER BY p.id DESC LIMIT 50`,
    [...(own === '' ? [] : [viewer.id]), classId],
  );
}

export function loadPuzzle(viewer: PersonView, id: number): Promise<Outcome<PuzzleSeen & { role: Role }>> {
  return outcomeOf(async () => {
    const { document, role } = await puzzleFor(viewer, id);
    const puzzle = readFaultPuzzle(document);
    const answers = await rowsOf<{ name: string; answer: FaultId; points: number; studentId: number }>(
      `SELECT p.name, a.answer, a.points, a.student_id AS studentId
        FROM fault_answers a JOIN people p ON p.id = a.student_id WHERE a.puzzle_id = ? ORDER BY p.name`,
      [id],
    );
    const own = answers.find(({ studentId }) => studentId === viewer.id);
    return {
      id,
      role,
      puzzle: shownPuzzle(puzzle),
      answered:
        own === undefined
          ? null
          : { answer: own.answer, mark: { ...markPuzzle(puzzle, own.answer), points: own.points } },
      solution:
        role === 'student'
          ? null
          : {
              fault: puzzle.fault,
              says: markPuzzle(puzzle, puzzle.fault).says,
              answers: answers.map(({ name, answer, points }) => ({ name, answer, points })),
            },
    };
  });
}

/** A student's answer: one, marked at once. The same answer sent again is known again. */
export function answerPuzzle(viewer: PersonView, id: number, answer: FaultId): Promise<Outcome<PuzzleMark>> {
  return outcomeOf(async () => {
    const { document, role } = await puzzleFor(viewer, id);
    if (role !== 'student') return forbidden('Students answer; an instructor sees the answers.');
    const puzzle = readFaultPuzzle(document);
    const mark = markPuzzle(puzzle, answer);
    const store = async (transaction: Transaction) => {
      // Two answers at one moment wait for each other here: a row that is not there yet can not be locked.
      await rowOf('SELECT id FROM fault_puzzles WHERE id = ? FOR UPDATE', [id], transaction);
      const before = await rowOf<{ answer: FaultId }>(
        'SELECT answer FROM fault_answers WHERE puzzle_id = ? AND student_id = ?',
        [id, viewer.id],
        transaction,
      );
      if (before !== null)
        return before.answer === answer ? mark : conflict('You have answered this already.', 'answer');
      await insertRow(
        'INSERT INTO fault_answers (puzzle_id, student_id, answer, points, answered_at) VALUES (?, ?, ?, ?, ?)',
        [id, viewer.id, answer, mark.points, new Date()],
        transaction,
      );
      return mark;
    };
    try {
      return await database().sequelize.transaction(store);
    } catch (error) {
      // Another server of the same database was quicker: its answer is found now.
      if (!isDuplicate(error)) throw error;
      return database().sequelize.transaction(store);
    }
  });
}

async function puzzleFor(viewer: PersonView, id: number): Promise<{ document: unknown; role: Role }> {
  const found = await rowOf<{ classId: number; document: string }>(
    'SELECT class_id AS classId, document FROM fault_puzzles WHERE id = ?',
    [id],
  );
  const role = found === null ? null : await roleIn(viewer, found.classId);
  if (found === null || role === null) return notFound('thread to look at');
  return { document: JSON.parse(found.document) as unknown, role };
}
