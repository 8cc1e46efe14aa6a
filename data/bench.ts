import 'server-only';
import {
  piecesInOrder,
  type BenchHome,
  type BenchPiece,
  type LastPiece,
} from '@/core/exercise/board/bench-home';
import { nextAtBench, type NextAtBench } from '@/core/exercise/record/shown/next-at-bench';
import type { Entry } from '@/core/exercise/record/entry/entry';
import { sheetForStudent } from '@/core/exercise/record/shown/shown-to-student';
import { worksheetShown } from '@/core/exercise/record/state/worksheet-progress';
import type { Waiting } from '@/core/exercise/record/shown/floor-state';
import { membershipsOf } from './access';
import { decisionsOf } from './decisions';
import { sheetOf } from './frozen';
import { outcomeOf, type Outcome } from './outcome';
import type { PersonView } from './people';
import { puzzlesOf } from './puzzles';
import { rowOf, rowsOf } from './query';
import { recordsOf } from './records';

/** The most pieces that are shown; the newest come first. */
const MOST_OPEN = 30;
/** The most lines of a mark that the bench shows; the mark's own page shows all. */
const MOST_LINES = 3;

type OpenRow = Omit<BenchPiece, 'next' | 'waits'> & {
  sheetId: number | null;
  floor: string | null;
  next: string | null;
};

/** The viewer's pieces that are not marked yet, each with what is next, and the viewer's last mark. */
export function benchHome(viewer: PersonView): Promise<Outcome<BenchHome>> {
  return outcomeOf(async () => {
    const [rows, last, memberships] = await Promise.all([
      rowsOf<OpenRow>(
        `SELECT s.attempt_id AS attemptId, e.title, c.name AS className, s.try_number AS tryNumber, s.lathe_name AS lathe,
            s.state, s.sheet_id AS sheetId, s.floor, s.next_at_bench AS next
          FROM attempt_summaries s JOIN exercises e ON e.id = s.exercise_id JOIN classes c ON c.id = s.class_id
            JOIN memberships m ON m.class_id = s.class_id AND m.person_id = s.student_id AND m.archived_at IS NULL
          WHERE s.student_id = ? AND s.decision IS NULL AND c.archived_at IS NULL
          ORDER BY s.attempt_id DESC LIMIT ${MOST_OPEN}`,
        [viewer.id],
      ),
      lastPiece(viewer),
      membershipsOf(viewer),
    ]);
    // Only where what is next is told in somebody's words the record is read.
    const records = await recordsOf(
      rows.flatMap(({ attemptId, sheetId, next }) => (next === null && sheetId !== null ? [attemptId] : [])),
    );
    const pieces = await Promise.all(
      rows.map(async ({ sheetId, floor, next, ...row }): Promise<BenchPiece> => {
        const state = floor === null ? null : (JSON.parse(floor) as { waits: Waiting | null });
        return {
          ...row,
          next:
            next === null
              ? await nextOf(sheetId, records.get(row.attemptId) ?? [])
              : (JSON.parse(next) as NextAtBench),
          waits: state?.waits ?? null,
        };
      }),
    );
    const puzzles = await Promise.all(
      memberships
        .filter(({ role }) => role === 'student')
        .map(({ classId, role }) => puzzlesOf(classId, viewer, role)),
    );
    return {
      person: { id: viewer.id, name: viewer.name },
      records: memberships.some(({ role }) => role === 'student'),
      pieces: piecesInOrder(pieces),
      last,
      puzzles: puzzles
        .flat()
        .filter(({ points }) => points === null)
        .map(({ id, title }) => ({ id, title })),
    };
  });
}

async function nextOf(sheetId: number | null, entries: readonly Entry[]): Promise<NextAtBench> {
  const sheet = sheetId === null ? null : await sheetOf(sheetId);
  const worksheet = sheet === null || sheet.worksheet.length === 0 ? null : worksheetShown(sheet, entries);
  return nextAtBench(sheet === null ? null : sheetForStudent(sheet, entries, false), entries, worksheet);
}

async function lastPiece(viewer: PersonView): Promise<LastPiece | null> {
  const row = await rowOf<{ attemptId: number; title: string; passed: number | null }>(
    `SELECT s.attempt_id AS attemptId, e.title, s.passed FROM attempt_summaries s JOIN exercises e ON e.id = s.exercise_id
        JOIN mark_decisions d ON d.attempt_id = s.attempt_id
      WHERE s.student_id = ? AND s.decision IS NOT NULL ORDER BY d.decided_at DESC, d.id DESC LIMIT 1`,
    [viewer.id],
  );
  if (row === null) return null;
  const decision = (await decisionsOf([row.attemptId])).get(row.attemptId)?.at(-1);
  if (decision === undefined) return null;
  const { lines, comment, total } = decision.mark;
  return {
    attemptId: row.attemptId,
    title: row.title,
    total,
    of: lines.reduce((sum, { max }) => sum + max, 0),
    passed: row.passed === 1,
    by: decision.by,
    comment,
    lost: lines
      .filter(({ awarded, max }) => awarded < max)
      .toSorted((a, b) => b.max - b.awarded - (a.max - a.awarded))
      .slice(0, MOST_LINES)
      .map(({ title, awarded, max, reason, overrideReason }) => ({
        title,
        awarded,
        max,
        reason: overrideReason ?? reason,
      })),
  };
}
