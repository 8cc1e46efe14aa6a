import 'server-only';
import type { Floor, FloorNext, FloorPiece } from '@/core/exercise/board/floor';
import type { FloorState } from '@/core/exercise/record/shown/floor-state';
import { classFor, membershipsOf } from './access';
import { forbidden, outcomeOf, type Outcome } from './outcome';
import type { PersonView } from './people';
import { rowsOf } from './query';
import { lathesOf } from './shop';

/** The floor of a class, from summaries alone; for its instructors and helpers. */
export function loadFloor(
  viewer: PersonView,
  classId: number | null = null,
  lastSeen: number | null = null,
): Promise<Outcome<Floor>> {
  return outcomeOf(async () => {
    const { role, ...school } = await classFor(viewer, classId, lastSeen);
    if (role === 'student') return forbidden('The floor is for instructors and helpers.');
    const [pieces, waiting, lathes, classes] = await Promise.all([
      rowsOf<
        Omit<FloorPiece, 'floor' | 'bench'> & { floor: string; held: number | null; heardAt: Date | null }
      >(
        `SELECT s.attempt_id AS attemptId, p.name AS student, e.title AS exercise, s.lathe_name AS lathe, s.state, s.floor,
            (SELECT SUM(b.held) FROM bench_devices b WHERE b.attempt_id = s.attempt_id) AS held,
            (SELECT MAX(b.heard_at) FROM bench_devices b WHERE b.attempt_id = s.attempt_id) AS heardAt
          FROM attempt_summaries s JOIN people p ON p.id = s.student_id JOIN exercises e ON e.id = s.exercise_id
            JOIN memberships m ON m.class_id = s.class_id AND m.person_id = s.student_id AND m.archived_at IS NULL
          WHERE s.class_id = ? AND s.decision IS NULL AND s.floor IS NOT NULL AND s.entries > 0 ORDER BY s.attempt_id`,
        [school.classId],
      ),
      rowsOf<{ attemptId: number; student: string; exercise: string; sheetId: number; name: string }>(
        `SELECT s.attempt_id AS attemptId, p.name AS student, e.title AS exercise, h.id AS sheetId,
            JSON_VALUE(r.document, '$.name') AS name
          FROM attempt_summaries s JOIN people p ON p.id = s.student_id JOIN exercises e ON e.id = s.exercise_id
            JOIN hand_out_sheets o ON o.hand_out_id = s.hand_out_id JOIN sheets h ON h.id = o.sheet_id
            JOIN shop_revisions r ON r.id = h.lathe_revision_id
            JOIN memberships m ON m.class_id = s.class_id AND m.person_id = s.student_id AND m.archived_at IS NULL
          WHERE s.class_id = ? AND s.decision IS NULL AND s.entries = 0 ORDER BY p.name, s.attempt_id, h.id`,
        [school.classId],
      ),
      lathesOf(),
      membershipsOf(viewer),
    ]);
    return {
      ...school,
      role,
      classes: classes
        .filter((each) => each.role !== 'student')
        .map((each) => ({ id: each.classId, name: each.className })),
      pieces: pieces.map(({ floor, held, heardAt, ...piece }) => ({
        ...piece,
        floor: JSON.parse(floor) as FloorState,
        bench: heardAt === null ? null : { held: Number(held), heardAt: heardAt.toISOString() },
      })),
      next: nextOf(waiting),
      lathes: lathes.filter(({ archived }) => !archived).map(({ document }) => document.name),
      now: new Date().toISOString(),
    };
  });
}

/** One row for each lathe allowed, brought together by attempt. */
function nextOf(
  rows: readonly { attemptId: number; student: string; exercise: string; sheetId: number; name: string }[],
): FloorNext[] {
  const next = new Map<number, FloorNext>();
  for (const { attemptId, student, exercise, sheetId, name } of rows) {
    const known = next.get(attemptId) ?? { attemptId, student, exercise, lathes: [] };
    known.lathes.push({ sheetId, name });
    next.set(attemptId, known);
  }
  return [...next.values()];
}
