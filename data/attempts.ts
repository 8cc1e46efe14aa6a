import 'server-only';
import { earlierTry, type EarlierTry } from '@/core/exercise/record/shown/earlier-try';
import type { Transaction } from 'sequelize';
import type { Entry, Role } from '@/core/exercise/record/entry/entry';
import { sheetForStudent } from '@/core/exercise/record/shown/shown-to-student';
import { worksheetShown, type WorksheetShown } from '@/core/exercise/record/state/worksheet-progress';
import type { Gauge } from '@/core/measuring/gauging/gauge';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { roleIn } from './access';
import { decisionsOf } from './decisions';
import { latheOfRevision, sheetOf } from './frozen';
import { notFound, outcomeOf, type Outcome } from './outcome';
import type { PersonView } from './people';
import { places, rowOf, rowsOf } from './query';
import { knownRecord } from './known-records';
import { entriesBehind, recordsOf } from './records';
import { gaugesOf } from './shop';
import { sheetIdsOfHandOut } from './summaries';

/** An attempt as its summary row knows it: what every access to it needs. */
export interface AttemptRow {
  attemptId: number;
  classId: number;
  exerciseId: number;
  studentId: number;
  handOutId: number;
  schemeId: number;
  tryNumber: number;
  sheetId: number | null;
  state: string;
  points: string | null;
  passed: number | null;
  decision: number | null;
}

const COLUMNS = `attempt_id AS attemptId, class_id AS classId, exercise_id AS exerciseId, student_id AS studentId,
  hand_out_id AS handOutId, scheme_id AS schemeId, try_number AS tryNumber, sheet_id AS sheetId, state, points, passed, decision`;

/** The row of an attempt; in a transaction under its lock, so that what is read next is no older than the lock. */
export async function attemptRow(attemptId: number, transaction?: Transaction): Promise<AttemptRow> {
  const row = await rowOf<AttemptRow>(
    `SELECT ${COLUMNS} FROM attempt_summaries WHERE attempt_id = ?${transaction === undefined ? '' : ' FOR UPDATE'}`,
    [attemptId],
    transaction,
  );
  return row ?? notFound('attempt');
}

/** The same under its lock, with the viewer's role in its class, in one query: the subquery locks no membership. */
export async function lockedAttempt(
  viewer: PersonView,
  attemptId: number,
  transaction: Transaction,
): Promise<AttemptRow & { role: Role | null }> {
  const row = await rowOf<AttemptRow & { role: Role | null }>(
    `SELECT ${COLUMNS}, (SELECT m.role FROM memberships m WHERE m.class_id = attempt_summaries.class_id AND m.person_id = ? AND m.archived_at IS NULL) AS role
      FROM attempt_summaries WHERE attempt_id = ? FOR UPDATE`,
    [viewer.id, attemptId],
    transaction,
  );
  return row ?? notFound('attempt');
}

/** An attempt that the viewer may see: instructor and helper those of the class, a student his or her own. */
export async function visibleAttempt(
  viewer: PersonView,
  attemptId: number,
): Promise<AttemptRow & { role: Role }> {
  const row = await attemptRow(attemptId);
  const role = await roleIn(viewer, row.classId);
  if (role === null || (role === 'student' && row.studentId !== viewer.id)) return notFound('attempt');
  return { ...row, role };
}

/** A lathe on which an attempt may be made. */
interface LatheChoice {
  sheetId: number;
  name: string;
}

/** An attempt as a page shows it: no more of the plan than the sheet of its lathe. */
export interface AttemptView {
  id: number;
  title: string;
  revision: number;
  tryNumber: number;
  student: { id: number; name: string };
  /** The sheet of the lathe chosen, as far as the viewer may see it; null while none is, or the worksheet is not through. */
  sheet: Sheet | null;
  sheetId: number | null;
  /** Its questions, without what is right; null where nothing is asked. */
  worksheet: WorksheetShown | null;
  /** Micrometers of the shop, by name. */
  instruments: string[];
  /** Something of the sheet is held back until it is found. */
  hides: boolean;
  lathes: LatheChoice[];
  entries: Entry[];
  /** So many entries stand before them that the page knows already. */
  from: number;
  marked: boolean;
  /** What the decision that stands gave. */
  verdict: { total: number; passed: boolean } | null;
  /** What the try before has to say to this one; null for a first try. */
  earlier: EarlierTry | null;
  /** The viewer's role in the class of the attempt. */
  role: Role;
}

/** Kinds of gauges that give a figure. */
const INSTRUMENTS: readonly Gauge['kind'][] = ['micrometer', 'thread-micrometer'];

/**
 * An attempt as its page shows it. A page that knows its first `after` entries is told those behind them, with the place
 * from which on they count: 0 where the whole record had to be told.
 */
export function loadAttempt(viewer: PersonView, attemptId: number, after = 0): Promise<Outcome<AttemptView>> {
  return outcomeOf(async () => {
    const row = await visibleAttempt(viewer, attemptId);
    // What follows from the record is worked out by what this process knows of it; what is shown is read anew.
    const whole = await knownRecord(attemptId);
    const from = after <= whole.length ? after : 0;
    const [entries, lathes, facts, instruments] = await Promise.all([
      // One that came this moment is told with what follows from it, by the next news.
      entriesBehind(attemptId, from, whole.length - from),
      lathesOfHandOut(row.handOutId),
      factsOf(row),
      gaugesOf(),
    ]);
    const handed = row.sheetId === null ? null : await sheetOf(row.sheetId);
    const marked = row.decision !== null;
    // What a student has to find is not sent to the student's device.
    const sheet = handed === null || row.role !== 'student' ? handed : sheetForStudent(handed, whole, marked);
    return {
      id: attemptId,
      title: handed?.title ?? facts.title,
      revision: facts.revision,
      tryNumber: row.tryNumber,
      student: { id: row.studentId, name: facts.student },
      sheet,
      sheetId: row.sheetId,
      lathes,
      instruments: instruments
        .filter(({ archived, document }) => !archived && INSTRUMENTS.includes(document.kind))
        .map(({ document }) => document.name),
      worksheet: handed === null || handed.worksheet.length === 0 ? null : worksheetShown(handed, whole),
      hides: sheet === null || sheet.steps.some(({ heldBack }) => heldBack === true),
      entries,
      from,
      marked,
      verdict:
        row.decision === null || row.points === null
          ? null
          : { total: Number(row.points), passed: row.passed === 1 },
      earlier: sheet === null ? null : await tryBefore(row),
      role: row.role,
    };
  });
}

/** What the last earlier try at the same exercise says, on whichever lathe it was cut. */
async function tryBefore(row: AttemptRow): Promise<EarlierTry | null> {
  if (row.tryNumber < 2) return null;
  const before = await rowOf<{ attemptId: number; tryNumber: number; sheetId: number | null }>(
    `SELECT attempt_id AS attemptId, try_number AS tryNumber, sheet_id AS sheetId FROM attempt_summaries
      WHERE exercise_id = ? AND student_id = ? AND try_number < ? ORDER BY try_number DESC LIMIT 1`,
    [row.exerciseId, row.studentId, row.tryNumber],
  );
  if (before === null || before.sheetId === null) return null;
  const entries = (await recordsOf([before.attemptId])).get(before.attemptId) ?? [];
  const sheet = await sheetOf(before.sheetId);
  return earlierTry(before.tryNumber, sheet, entries, before.sheetId === row.sheetId);
}

export async function factsOf(
  row: AttemptRow,
): Promise<{ student: string; title: string; revision: number }> {
  const facts = await rowOf<{ student: string; title: string; revision: number }>(
    `SELECT p.name AS student, e.title, r.number AS revision FROM hand_outs h JOIN revisions r ON r.id = h.revision_id
      JOIN exercises e ON e.id = h.exercise_id, people p WHERE h.id = ? AND p.id = ?`,
    [row.handOutId, row.studentId],
  );
  return facts ?? notFound('attempt');
}

async function lathesOfHandOut(handOutId: number): Promise<LatheChoice[]> {
  const ids = await sheetIdsOfHandOut(handOutId);
  const rows = await rowsOf<{ sheetId: number; latheRevisionId: number }>(
    `SELECT id AS sheetId, lathe_revision_id AS latheRevisionId FROM sheets WHERE id IN (${places(ids)}) ORDER BY id`,
    ids,
  );
  return Promise.all(
    rows.map(async ({ sheetId, latheRevisionId }) => ({
      sheetId,
      name: (await latheOfRevision(latheRevisionId)).name,
    })),
  );
}

/** What has come into a record since: the entries behind the first `after`, and whether it is marked. */
export interface AttemptNews {
  entries: Entry[];
  marked: boolean;
  /** The sheet that the attempt follows now. */
  sheetId: number | null;
}

/** News of an attempt for a page that knows its first `after` entries. */
export function attemptNews(
  viewer: PersonView,
  attemptId: number,
  after: number,
): Promise<Outcome<AttemptNews>> {
  return outcomeOf(async () => {
    const row = await visibleAttempt(viewer, attemptId);
    return {
      entries: await entriesBehind(attemptId, after),
      marked: row.decision !== null,
      sheetId: row.sheetId,
    };
  });
}

/** Everything that a mark is made of. A student sees the decided mark; proposal and scheme are the instructor's. */
export async function decidedOf(attemptId: number) {
  return (await decisionsOf([attemptId])).get(attemptId) ?? [];
}
