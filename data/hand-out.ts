import 'server-only';
import { randomUUID } from 'node:crypto';
import type { Transaction } from 'sequelize';
import { nonsenseIn } from '@/core/base/documents/nonsense';
import { schemeFor, wrongInScheme } from '@/core/exercise/marking/scheme-of-plan';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import type { Plan } from '@/core/exercise/plan/plan';
import type { PlanForm } from '@/core/exercise/plan/draft';
import { ENTRY_KINDS } from '@/core/exercise/record/entry/kinds';
import { summaryOf } from '@/core/exercise/record/shown/summary';
import type { Entry } from '@/core/exercise/record/entry/entry';
import type { LatheContent } from '@/core/exercise/record/entry/kinds/lathe';
import { refusedByLathe } from '@/core/exercise/sheet/refused-by-lathe';
import { sheetFor } from '@/core/exercise/sheet/sheet-for';
import { ownExercise } from './access';
import { database } from './database';
import { writeDraft } from './exercises';
import { sheetOf } from './frozen';
import { conflict, notFound, outcomeOf, refuseFields, type Outcome } from './outcome';
import { REMOVED, type PersonView } from './people';
import { change, insertRow, insertRows, places, rowOf, rowsOf } from './query';
import { planBook, lathesOf, shopOf } from './shop';
import { contentHash, storedJson } from './stored-json';
import { SUMMARY_COLUMNS, sheetIdOf, sheetIdsOfHandOut, summaryValues } from './summaries';

export interface HandedOut {
  revision: number;
  attempts: { id: number; studentId: number }[];
}

export interface HandOutOrder {
  form: PlanForm;
  draftVersion: number;
  studentIds: readonly number[];
  latheIds: readonly number[];
  /** The lathe that a student is given; who has none picks it at the bench. */
  latheOf?: readonly { studentId: number; latheId: number }[];
}

/**
 * Hands a plan out: freezes it as the next revision (or takes the last one, when nothing changed since), freezes its
 * scheme and one sheet for each lathe allowed, and makes one attempt for each chosen student. All or nothing.
 */
export function handOut(
  viewer: PersonView,
  exerciseId: number,
  { form, draftVersion, studentIds, latheIds, latheOf = [] }: HandOutOrder,
): Promise<Outcome<HandedOut>> {
  return outcomeOf(async () => {
    const { plan, inputs } = readPlan(form);
    if (plan === null || inputs.marking === undefined) return conflict('The plan is not complete.');
    const nonsense = nonsenseIn(plan);
    if (nonsense.length > 0) return refuseFields(nonsense);
    const [shop, book, all] = await Promise.all([shopOf(), planBook(), lathesOf()]);
    const lathes = all.filter(({ id, archived }) => latheIds.includes(id) && !archived);
    if (lathes.length !== new Set(latheIds).size) return notFound('lathe in this shop');
    const refused = lathes.flatMap(({ document }) => refusedByLathe(plan, document));
    if (refused[0] !== undefined) return conflict(refused[0], 'latheIds');
    const sheets = lathes.map((item) => ({
      latheId: item.id,
      name: item.document.name,
      latheRevisionId: item.revisionId,
      document: sheetFor({
        plan,
        lathe: item.document,
        book,
        words: shop.words,
      }),
    }));
    const scheme = schemeFor(inputs.marking, plan);
    const unfit = sheets.flatMap(({ document }) => wrongInScheme(scheme, document) ?? [])[0];
    if (unfit !== undefined) return conflict(unfit, 'marking.scheme');
    if (latheOf.some(({ latheId }) => !latheIds.includes(latheId)))
      return conflict('A student’s lathe is not one of those allowed.', 'latheOf');
    return database().sequelize.transaction(async (transaction) => {
      const exercise = await ownExercise(viewer, exerciseId, transaction);
      if (exercise.draftVersion !== draftVersion)
        return conflict('This exercise was changed in another window. Reload before handing it out.');
      const chosen = [...new Set(studentIds)];
      await refuseStudents(viewer, exercise.classId, exerciseId, chosen, transaction);
      const now = new Date();
      await writeDraft(exercise, form, null, transaction);
      const revision = await freeze(viewer, exerciseId, plan, now, transaction);
      await change(
        'UPDATE exercises SET title = ?, thread = ?, revision = ? WHERE id = ?',
        [plan.title, plan.thread.designation, revision.number, exerciseId],
        transaction,
      );
      const schemeId = await freezeScheme(scheme, transaction);
      const handOutId = await insertRow(
        'INSERT INTO hand_outs (exercise_id, revision_id, class_id, scheme_id, handed_by_id, handed_at) VALUES (?, ?, ?, ?, ?, ?)',
        [exerciseId, revision.id, exercise.classId, schemeId, viewer.id, now],
        transaction,
      );
      const frozen = new Map<number, LatheContent>();
      for (const { latheId, name, latheRevisionId, document } of sheets) {
        const sheetId = await freezeSheet(
          handOutId,
          revision.id,
          latheRevisionId,
          document,
          now,
          transaction,
        );
        frozen.set(latheId, { kind: 'lathe', sheetId, name });
      }
      const hand = { exerciseId, handOutId, schemeId, classId: exercise.classId, revisionId: revision.id };
      const several = sheets.length > 1;
      const tries = chosen.map((studentId) => {
        const latheId = latheOf.find((each) => each.studentId === studentId)?.latheId ?? 0;
        const lathe = several ? (frozen.get(latheId) ?? null) : null;
        return { studentId, gives: lathe === null ? null : givenLathe(viewer, lathe, now) };
      });
      const attempts = await makeAttempts(hand, tries, now, transaction);
      return { revision: revision.number, attempts };
    });
  });
}

/** Students of the class, and the instructor herself who tries it. */
async function refuseStudents(
  viewer: PersonView,
  classId: number,
  exerciseId: number,
  chosen: readonly number[],
  transaction: Transaction,
): Promise<void> {
  const members = await rowsOf<{ id: number }>(
    `SELECT m.person_id AS id FROM memberships m JOIN people p ON p.id = m.person_id
      WHERE m.class_id = ? AND m.archived_at IS NULL AND (m.role = 'student' OR m.person_id = ?) AND p.name <> ?
        AND m.person_id IN (${places(chosen)})`,
    [classId, viewer.id, REMOVED, ...chosen],
    transaction,
  );
  if (members.length !== chosen.length) notFound('student in this class');
  const busy = await rowOf<{ name: string }>(
    `SELECT p.name FROM attempt_summaries s JOIN people p ON p.id = s.student_id
      WHERE s.exercise_id = ? AND s.decision IS NULL AND s.student_id IN (${places(chosen)}) ORDER BY p.name LIMIT 1`,
    [exerciseId, ...chosen],
    transaction,
  );
  if (busy !== null)
    conflict(`${busy.name} still has an open attempt at this exercise. Mark it first.`, 'studentIds');
}

async function freeze(
  viewer: PersonView,
  exerciseId: number,
  plan: Plan,
  now: Date,
  transaction: Transaction,
): Promise<{ id: number; number: number }> {
  const text = storedJson(plan);
  const last = await rowOf<{ id: number; number: number; plan: string }>(
    'SELECT id, number, plan FROM revisions WHERE exercise_id = ? ORDER BY number DESC LIMIT 1',
    [exerciseId],
    transaction,
  );
  if (last?.plan === text) return last;
  const number = (last?.number ?? 0) + 1;
  const id = await insertRow(
    'INSERT INTO revisions (exercise_id, number, plan, issued_by_id, issued_at) VALUES (?, ?, ?, ?, ?)',
    [exerciseId, number, text, viewer.id, now],
    transaction,
  );
  return { id, number };
}

/** Schemes that say the same are one row. */
export async function freezeScheme(scheme: object, transaction: Transaction): Promise<number> {
  const text = storedJson(scheme);
  const hash = contentHash(text);
  await change(
    'INSERT IGNORE INTO schemes (content_hash, document) VALUES (?, ?)',
    [hash, text],
    transaction,
  );
  // Read with a lock: the snapshot of this transaction may be older than the row that another has just stored.
  const row = await rowOf<{ id: number }>(
    'SELECT id FROM schemes WHERE content_hash = ? LOCK IN SHARE MODE',
    [hash],
    transaction,
  );
  if (row === null) throw new Error('The scheme was not stored.');
  return row.id;
}

/** The sheet of a revision on a lathe; hand-outs of the same share it. */
export async function freezeSheet(
  handOutId: number,
  revisionId: number,
  latheRevisionId: number,
  document: object,
  now: Date,
  transaction: Transaction,
): Promise<number> {
  const text = storedJson(document);
  const key = [revisionId, latheRevisionId, contentHash(text)];
  const known = await rowOf<{ id: number }>(
    'SELECT id FROM sheets WHERE revision_id = ? AND lathe_revision_id = ? AND content_hash = ?',
    key,
    transaction,
  );
  const id =
    known?.id ??
    (await insertRow(
      'INSERT INTO sheets (revision_id, lathe_revision_id, content_hash, document, made_at) VALUES (?, ?, ?, ?, ?)',
      [...key, text, now],
      transaction,
    ));
  await change(
    'INSERT INTO hand_out_sheets (hand_out_id, sheet_id) VALUES (?, ?)',
    [handOutId, id],
    transaction,
  );
  return id;
}

/** The lathe that the instructor gives is an entry like any other: until the first cut another can be taken. */
function givenLathe({ id, name }: PersonView, lathe: LatheContent, now: Date): Entry {
  return {
    id: randomUUID(),
    device: null,
    sequence: null,
    after: null,
    author: { id, name, role: 'instructor' },
    deviceTime: now.toISOString(),
    serverTime: now.toISOString(),
    late: false,
    content: lathe,
  };
}

interface Hand {
  exerciseId: number;
  handOutId: number;
  schemeId: number;
  classId: number;
  revisionId: number;
}

/** One try of one student, with the entry that it begins with. */
interface NewTry {
  studentId: number;
  gives: Entry | null;
}

/** One try for each student, with its summary. The number of queries does not grow with the number of students. */
async function makeAttempts(
  { exerciseId, handOutId, schemeId, classId, revisionId }: Hand,
  tries: readonly NewTry[],
  now: Date,
  transaction: Transaction,
): Promise<HandedOut['attempts']> {
  if (tries.length === 0) return [];
  const ids = tries.map(({ studentId }) => studentId);
  const before = await rowsOf<{ studentId: number; tries: number }>(
    `SELECT student_id AS studentId, MAX(try_number) AS tries FROM attempt_summaries
      WHERE exercise_id = ? AND student_id IN (${places(ids)}) GROUP BY student_id`,
    [exerciseId, ...ids],
    transaction,
  );
  const tryOf = (id: number) => Number(before.find(({ studentId }) => studentId === id)?.tries ?? 0) + 1;
  await insertRows(
    'attempts (revision_id, student_id, try_number, created_at, hand_out_id)',
    ids.map((id) => [revisionId, id, tryOf(id), now, handOutId]),
    transaction,
  );
  // The ids are read back and not counted up from the first one: the database may leave gaps between them.
  const made = await rowsOf<{ id: number; studentId: number }>(
    `SELECT id, student_id AS studentId FROM attempts WHERE hand_out_id = ? AND student_id IN (${places(ids)}) ORDER BY id`,
    [handOutId, ...ids],
    transaction,
  );
  const attempts = ids.map((studentId) => ({
    studentId,
    id: made.findLast((row) => row.studentId === studentId)?.id ?? 0,
  }));
  const attemptOf = (id: number) => attempts.find(({ studentId }) => studentId === id)?.id ?? 0;
  const given = tries.flatMap(({ studentId, gives }) => (gives === null ? [] : [{ studentId, gives }]));
  await insertRows(
    'entries (client_id, attempt_id, author_id, author_role, after_id, format, content, device_time, server_time)',
    given.map(({ studentId, gives: { id, author, content } }) => [
      ...[id, attemptOf(studentId), author.id, author.role, null, ENTRY_KINDS.lathe.format],
      ...[storedJson(content), now, now],
    ]),
    transaction,
  );
  const allowed = await sheetIdsOfHandOut(handOutId, transaction);
  const rows: unknown[][] = [];
  for (const { studentId, gives } of tries) {
    const entries = gives === null ? [] : [gives];
    const sheetId = sheetIdOf(entries, allowed);
    const sheet = sheetId === null ? null : await sheetOf(sheetId, transaction);
    rows.push([
      ...[attemptOf(studentId), classId, exerciseId, studentId, handOutId, schemeId, tryOf(studentId)],
      ...summaryValues(summaryOf(sheet, entries, null), sheetId),
    ]);
  }
  await insertRows(
    `attempt_summaries (attempt_id, class_id, exercise_id, student_id, hand_out_id, scheme_id, try_number, ${SUMMARY_COLUMNS.join(', ')})`,
    rows,
    transaction,
  );
  return attempts;
}

/** One try of one student. */
export async function makeAttempt(
  hand: Hand,
  studentId: number,
  now: Date,
  transaction: Transaction,
): Promise<number> {
  const [made] = await makeAttempts(hand, [{ studentId, gives: null }], now, transaction);
  return made?.id ?? 0;
}
