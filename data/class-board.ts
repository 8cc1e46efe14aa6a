import 'server-only';
import { strangersTries } from './tries';
import { differenceInSeconds } from 'date-fns/differenceInSeconds';
import type { AttemptState } from '@/core/exercise/record/state/record-state';
import {
  BOARD_PHASES,
  type BoardAttempt,
  type BoardExercise,
  type ClassBoard,
} from '@/core/exercise/board/board';
import { classFor, membershipsOf } from './access';
import { outcomeOf, type Outcome } from './outcome';
import type { PersonView } from './people';
import { puzzlesOf } from './puzzles';
import { places, rowsOf } from './query';

const LAST_TRY = ` AND s.try_number = (SELECT MAX(l.try_number) FROM attempt_summaries l
  WHERE l.exercise_id = s.exercise_id AND l.student_id = s.student_id)`;

/** Attempts of students who are archived stay in the records; the board is about those who are here. */
const ACTIVE = ` AND EXISTS (SELECT 1 FROM memberships m WHERE m.class_id = s.class_id AND m.person_id = s.student_id
  AND m.archived_at IS NULL)`;

/** Exercises that one page of the board shows side by side. */
const PAGE = 5;

export interface BoardOrder {
  classId: number | null;
  /** The class that was seen last: where none is named. */
  lastSeen?: number | null;
  /** From 1; exercises with open attempts come first. */
  page: number;
  /** All tries side by side, or the last of each alone. */
  allTries?: boolean;
}

/**
 * The class with the state of every attempt at the exercises of one page, from summaries alone; a student sees his or
 * her own only. Of several tries the board shows the last, or all of them on demand.
 */
export function classBoard(
  viewer: PersonView,
  order: BoardOrder = { classId: null, page: 1 },
): Promise<Outcome<ClassBoard>> {
  return outcomeOf(async () => {
    const { classId, className, role } = await classFor(viewer, order.classId, order.lastSeen);
    const own = role === 'student';
    const mine = own ? ' AND s.student_id = ?' : '';
    const mineValue = own ? [viewer.id] : [];
    const [exercises, students, counts, classes] = await Promise.all([
      rowsOf<{
        id: number;
        title: string;
        thread: string;
        revision: number | null;
        lentFrom: string | null;
        tried: number;
      }>(
        `SELECT e.id, e.title, e.thread, e.revision, e.lent_from AS lentFrom,
            COUNT(s.attempt_id) AS tried
          FROM exercises e LEFT JOIN attempt_summaries s ON s.exercise_id = e.id${mine}
          WHERE e.class_id = ? GROUP BY e.id ORDER BY SUM(s.attempt_id IS NOT NULL AND s.decision IS NULL) > 0 DESC, e.id DESC`,
        [...mineValue, classId],
      ),
      rowsOf<{ id: number; name: string; staff: number }>(
        `SELECT p.id, p.name, m.role <> 'student' AS staff FROM memberships m JOIN people p ON p.id = m.person_id
          WHERE m.class_id = ? AND m.archived_at IS NULL${own ? ' AND p.id = ?' : ''} AND (m.role = 'student'
            OR EXISTS (SELECT 1 FROM attempt_summaries s WHERE s.class_id = m.class_id AND s.student_id = m.person_id))
          ORDER BY staff, p.name`,
        [classId, ...mineValue],
      ),
      rowsOf<{ state: AttemptState; count: number }>(
        `SELECT s.state, COUNT(*) AS count FROM attempt_summaries s WHERE s.class_id = ?${mine}${ACTIVE} GROUP BY s.state`,
        [classId, ...mineValue],
      ),
      membershipsOf(viewer),
    ]);
    const tries =
      role === 'instructor'
        ? await strangersTries(students.flatMap(({ id, staff }) => (staff === 1 ? [] : [id])))
        : [];
    const issued = exercises.filter(({ revision, tried }) => revision !== null && (!own || tried > 0));
    const pages = Math.max(1, Math.ceil(issued.length / PAGE));
    const page = Math.min(Math.max(1, order.page), pages);
    // Within a page the order is that of the making, so that columns do not jump as attempts are marked.
    const shown = issued.slice((page - 1) * PAGE, page * PAGE).sort((a, b) => a.id - b.id);
    const attempts = await rowsOf<AttemptOnBoard>(
      `SELECT s.attempt_id AS id, s.student_id AS studentId, s.exercise_id AS exerciseId, s.try_number AS tryNumber, s.state,
          s.points AS total, s.passed, s.last_entry_at AS lastEntryAt, s.passes_cut AS passesCut, s.waits_for AS waitsFor, s.phase
        FROM attempt_summaries s WHERE s.class_id = ? AND s.exercise_id IN (${places(shown)})${mine}${order.allTries === true ? '' : LAST_TRY}
        ORDER BY s.try_number`,
      [classId, ...shown.map(({ id }) => id), ...mineValue],
    );
    return {
      strangers: tries.map(({ personId, ...told }) => ({
        name: students.find(({ id }) => id === personId)?.name ?? '',
        ...told,
      })),
      classId,
      className,
      role,
      classes: classes.map((each) => ({ id: each.classId, name: each.className })),
      page,
      pages,
      allTries: order.allTries === true,
      counts: Object.fromEntries(counts.map(({ state, count }) => [state, count])),
      exercises: shown.map(boardExercise),
      drafts: own ? [] : exercises.filter(({ revision }) => revision === null).map(boardExercise),
      puzzles: await puzzlesOf(classId, viewer, role),
      students: students.map(({ id, name, staff }) => ({ id, name, ...(staff === 1 && { staff: true }) })),
      attempts: attempts.map(boardAttempt),
    };
  });
}

function boardExercise({
  id,
  title,
  thread,
  revision,
  lentFrom,
}: Omit<BoardExercise, 'lentFrom'> & { lentFrom: string | null }): BoardExercise {
  return { id, title, thread, revision, ...(lentFrom !== null && { lentFrom }) };
}

interface AttemptOnBoard {
  id: number;
  studentId: number;
  exerciseId: number;
  tryNumber: number;
  state: AttemptState;
  total: string | null;
  passed: number | null;
  lastEntryAt: Date | null;
  passesCut: number;
  waitsFor: 'instructor' | 'mark' | null;
  phase: string | null;
}

function boardAttempt(row: AttemptOnBoard): BoardAttempt {
  const { id, studentId, exerciseId, tryNumber, state, total, passed, lastEntryAt, passesCut, waitsFor } =
    row;
  const phase = BOARD_PHASES.find((each) => each === row.phase);
  return {
    id,
    studentId,
    exerciseId,
    tryNumber,
    state,
    ...(total !== null && { total: Number(total), passed: passed === 1 }),
    ...(lastEntryAt !== null &&
      state !== 'marked' && { idleS: Math.max(0, differenceInSeconds(new Date(), lastEntryAt)) }),
    ...(state === 'cutting' && { passesCut }),
    ...(phase !== undefined && { phase }),
    ...(waitsFor === 'instructor' && { wantsLook: true }),
  };
}
