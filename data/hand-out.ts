import 'server-only';
import { randomUUID } from 'node:crypto';
import type { Transaction } from 'sequelize';
import { usualScheme } from '@/core/marking';
import { readPlan, type Plan, type PlanForm } from '@/core/plan';
import { ENTRY_KINDS, type LatheContent } from '@/core/record';
import { refusedByLathe, sheetFor } from '@/core/sheet';
import { ownExercise } from './access';
import { database } from './database';
import { writeDraft } from './exercises';
import { conflict, notFound, outcomeOf, type Outcome } from './outcome';
import { REMOVED, type PersonView } from './people';
import { change, insertRow, places, rowOf, rowsOf } from './query';
import { gaugesOf, lathesOf, shopOf } from './shop';
import { contentHash, storedJson } from './stored-json';
import { derivedSummary, writeSummary } from './summaries';

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
    const scheme = usualScheme(inputs.marking, plan);
    const [shop, gauges, all] = await Promise.all([shopOf(), gaugesOf(), lathesOf()]);
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
        tool: null,
        gauges: gauges.map(({ document }) => document),
        words: shop.words,
      }),
    }));
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
      const attempts: HandedOut['attempts'] = [];
      for (const studentId of chosen) {
        const hand = { exerciseId, handOutId, schemeId, classId: exercise.classId, revisionId: revision.id };
        const id = await makeAttempt(hand, studentId, now, transaction);
        const given = frozen.get(latheOf.find((each) => each.studentId === studentId)?.latheId ?? 0);
        if (given !== undefined && sheets.length > 1)
          await giveLathe(viewer, id, handOutId, given, now, transaction);
        attempts.push({ studentId, id });
      }
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
  const row = await rowOf<{ id: number }>(
    'SELECT id FROM schemes WHERE content_hash = ?',
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
async function giveLathe(
  viewer: PersonView,
  attemptId: number,
  handOutId: number,
  lathe: LatheContent,
  now: Date,
  transaction: Transaction,
): Promise<void> {
  await change(
    `INSERT INTO entries (client_id, attempt_id, author_id, author_role, after_id, format, content, device_time, server_time)
      VALUES (?, ?, ?, 'instructor', NULL, ?, ?, ?, ?)`,
    [randomUUID(), attemptId, viewer.id, ENTRY_KINDS.lathe.format, storedJson(lathe), now, now],
    transaction,
  );
  const { summary, sheetId } = await derivedSummary(attemptId, handOutId, transaction);
  await writeSummary(attemptId, summary, sheetId, transaction);
}

interface Hand {
  exerciseId: number;
  handOutId: number;
  schemeId: number;
  classId: number;
  revisionId: number;
}

/** One try of one student, with its summary. */
export async function makeAttempt(
  hand: Hand,
  studentId: number,
  now: Date,
  transaction: Transaction,
): Promise<number> {
  const before = await rowOf<{ tries: number }>(
    'SELECT COALESCE(MAX(try_number), 0) AS tries FROM attempt_summaries WHERE exercise_id = ? AND student_id = ?',
    [hand.exerciseId, studentId],
    transaction,
  );
  const tryNumber = (before?.tries ?? 0) + 1;
  const id = await insertRow(
    'INSERT INTO attempts (revision_id, student_id, try_number, created_at, hand_out_id) VALUES (?, ?, ?, ?, ?)',
    [hand.revisionId, studentId, tryNumber, now, hand.handOutId],
    transaction,
  );
  await insertRow(
    `INSERT INTO attempt_summaries (attempt_id, deriver, class_id, exercise_id, student_id, hand_out_id, scheme_id, try_number,
      state, passes_cut, entries) VALUES (?, 0, ?, ?, ?, ?, ?, ?, 'not-begun', 0, 0)`,
    [id, hand.classId, hand.exerciseId, studentId, hand.handOutId, hand.schemeId, tryNumber],
    transaction,
  );
  const { summary, sheetId } = await derivedSummary(id, hand.handOutId, transaction);
  await writeSummary(id, summary, sheetId, transaction);
  return id;
}
