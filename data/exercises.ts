import 'server-only';
import type { Transaction } from 'sequelize';
import { UnreadableDocument } from '@/core/documents';
import type { Lathe } from '@/core/lathe';
import { usualScheme } from '@/core/marking';
import {
  draftDocument,
  EMPTY_PLAN_FORM,
  formFrom,
  formOfPlan,
  readPlan,
  readStoredPlan,
  type Plan,
  type PlanForm,
} from '@/core/plan';
import { predict, rowsFromLog } from '@/core/record';
import { refusedByLathe, sheetFor } from '@/core/sheet';
import { ownExercise, teachingOf } from './access';
import { database } from './database';
import { visibleAttempt } from './attempts';
import { planOfRevision, sheetOf } from './frozen';
import { conflict, notFound, outcomeOf, refuse, refuseFields, type Outcome } from './outcome';
import { REMOVED, type PersonView } from './people';
import { change, insertRow, places, rowOf, rowsOf } from './query';
import { recordsOf } from './records';
import { gaugesOf, lathesOf, shopOf } from './shop';
import { contentHash, storedJson } from './stored-json';
import { derivedSummary, writeSummary } from './summaries';

export interface ExerciseView {
  id: number;
  form: PlanForm;
  draftVersion: number;
  /** Id of the save that made this version. */
  draftSaveId: string | null;
  /** Newest first. */
  revisions: { number: number; issuedAt: string }[];
  /** Students of the class, and at the end the instructor herself. */
  students: { id: number; name: string; openAttempt: boolean; self: boolean }[];
  lathes: { id: number; lathe: Lathe }[];
  /** Exercises of the class that were handed out, to begin a new one with. */
  others: { id: number; title: string; thread: string }[];
}

/** Makes an exercise with an empty draft, or with the form given. */
export function createExercise(
  viewer: PersonView,
  form: PlanForm = EMPTY_PLAN_FORM,
): Promise<Outcome<number>> {
  return outcomeOf(async () => {
    const { classId } = await teachingOf(viewer);
    return makeExercise(classId, form);
  });
}

function makeExercise(classId: number, form: PlanForm): Promise<number> {
  const now = new Date();
  return insertRow(
    'INSERT INTO exercises (class_id, draft, title, thread, created_at, updated_at) VALUES (?, ?, ?, ?, ?, ?)',
    [classId, JSON.stringify(draftDocument(form)), ...shownAs(form), now, now],
  );
}

const shownAs = (form: PlanForm) => [form.title.slice(0, 120), form.thread.designation.slice(0, 120)];

/** Makes an exercise out of a plan's file, of any version. */
export function importPlan(viewer: PersonView, stored: unknown): Promise<Outcome<number>> {
  return outcomeOf(async () => {
    const { classId } = await teachingOf(viewer);
    try {
      const marking = (stored as { marking?: { setUp: number; passes: number; result: number } }).marking;
      return await makeExercise(classId, formOfPlan(readStoredPlan(stored), marking));
    } catch (error) {
      if (!(error instanceof UnreadableDocument)) throw error;
      return refuseFields([{ field: error.path, message: error.message }]);
    }
  });
}

/** Makes an exercise out of what was really cut in an attempt: its plan, with the log as the table of its schedule. */
export function exerciseFromLog(viewer: PersonView, attemptId: number): Promise<Outcome<number>> {
  return outcomeOf(async () => {
    const row = await visibleAttempt(viewer, attemptId);
    const { classId } = await ownExercise(viewer, row.exerciseId);
    if (row.sheetId === null) return conflict('Nothing was cut yet.');
    const hand = await rowOf<{ revisionId: number }>(
      'SELECT revision_id AS revisionId FROM hand_outs WHERE id = ?',
      [row.handOutId],
    );
    const [plan, sheet, records] = await Promise.all([
      planOfRevision(hand?.revisionId ?? 0),
      sheetOf(row.sheetId),
      recordsOf([attemptId]),
    ]);
    const rows = rowsFromLog(sheet, predict(sheet, records.get(attemptId) ?? []));
    if (rows.length === 0) return conflict('No cut of this attempt has a reading.');
    const form = formOfPlan(plan);
    return makeExercise(classId, { ...form, schedule: { ...form.schedule, school: 'own', rows, stops: [] } });
  });
}

export function loadExercise(viewer: PersonView, exerciseId: number): Promise<Outcome<ExerciseView>> {
  return outcomeOf(async () => {
    const exercise = await ownExercise(viewer, exerciseId);
    const [revisions, students, lathes, others] = await Promise.all([
      rowsOf<{ number: number; issuedAt: Date }>(
        'SELECT number, issued_at AS issuedAt FROM revisions WHERE exercise_id = ? ORDER BY number DESC',
        [exerciseId],
      ),
      rowsOf<{ id: number; name: string; openAttempt: number; role: string }>(
        `SELECT p.id, p.name, m.role, EXISTS (SELECT 1 FROM attempt_summaries s WHERE s.exercise_id = ? AND s.student_id = p.id
            AND s.decision IS NULL) AS openAttempt
          FROM memberships m JOIN people p ON p.id = m.person_id
          WHERE m.class_id = ? AND (m.role = 'student' OR m.person_id = ?) AND p.name <> ?
          ORDER BY m.role = 'student' DESC, p.name`,
        [exerciseId, exercise.classId, viewer.id, REMOVED],
      ),
      lathesOf(),
      rowsOf<{ id: number; title: string; thread: string }>(
        `SELECT id, title, thread FROM exercises WHERE class_id = ? AND id <> ? AND revision IS NOT NULL
          ORDER BY updated_at DESC, id DESC LIMIT 30`,
        [exercise.classId, exerciseId],
      ),
    ]);
    return {
      others,
      id: exercise.id,
      form: formFrom(JSON.parse(exercise.draft)),
      draftVersion: exercise.draftVersion,
      draftSaveId: exercise.draftSaveId,
      revisions: revisions.map(({ number, issuedAt }) => ({ number, issuedAt: issuedAt.toISOString() })),
      students: students.map(({ id, name, openAttempt, role }) => ({
        id,
        name,
        openAttempt: openAttempt === 1,
        self: role !== 'student',
      })),
      lathes: lathes.filter(({ archived }) => !archived).map(({ id, document }) => ({ id, lathe: document })),
    };
  });
}

/** The plan that was handed out last, as a document. */
export function lastPlan(
  viewer: PersonView,
  exerciseId: number,
): Promise<Outcome<{ number: number; plan: Plan }>> {
  return outcomeOf(async () => {
    await ownExercise(viewer, exerciseId);
    const row = await rowOf<{ id: number; number: number }>(
      'SELECT id, number FROM revisions WHERE exercise_id = ? ORDER BY number DESC LIMIT 1',
      [exerciseId],
    );
    if (row === null) return refuse('not-found', 'This exercise has not been handed out yet.');
    return { number: row.number, plan: await planOfRevision(row.id) };
  });
}

/**
 * Saves the form as typed. `saveId` is made by the browser for one save: sent again after a lost answer it changes
 * nothing, and answers as the first time. When another window has saved in between, nothing is written and the version
 * that stands is told.
 */
export function saveDraft(
  viewer: PersonView,
  exerciseId: number,
  form: PlanForm,
  draftVersion: number,
  saveId: string | null = null,
): Promise<Outcome<{ draftVersion: number }>> {
  return outcomeOf(() =>
    database().sequelize.transaction(async (transaction) => {
      const exercise = await ownExercise(viewer, exerciseId, transaction);
      if (saveId !== null && exercise.draftSaveId === saveId) return { draftVersion: exercise.draftVersion };
      if (exercise.draftVersion !== draftVersion)
        return refuse(
          'conflict',
          'This exercise was changed in another window. Both versions are kept: choose.',
          null,
          'draft-changed',
          { current: { form: formFrom(JSON.parse(exercise.draft)), draftVersion: exercise.draftVersion } },
        );
      await writeDraft(exercise, form, saveId, transaction);
      return { draftVersion: exercise.draftVersion + 1 };
    }),
  );
}

async function writeDraft(
  exercise: { id: number; draftVersion: number; revision: number | null },
  form: PlanForm,
  saveId: string | null,
  transaction: Transaction,
): Promise<void> {
  await change(
    'UPDATE exercises SET draft = ?, draft_version = ?, draft_save_id = ?, updated_at = ? WHERE id = ?',
    [JSON.stringify(draftDocument(form)), exercise.draftVersion + 1, saveId, new Date(), exercise.id],
    transaction,
  );
  // What was handed out is shown under the name that it had then.
  if (exercise.revision === null)
    await change(
      'UPDATE exercises SET title = ?, thread = ? WHERE id = ?',
      [...shownAs(form), exercise.id],
      transaction,
    );
}

/** Deletes an exercise that was never handed out. */
export function discardExercise(viewer: PersonView, exerciseId: number): Promise<Outcome<null>> {
  return outcomeOf(() =>
    database().sequelize.transaction(async (transaction) => {
      const { revision } = await ownExercise(viewer, exerciseId, transaction);
      if (revision !== null)
        return conflict('This exercise has been handed out; its revisions and attempts are kept.');
      await change('DELETE FROM exercises WHERE id = ?', [exerciseId], transaction);
      return null;
    }),
  );
}

export interface HandedOut {
  revision: number;
  attempts: { id: number; studentId: number }[];
}

export interface HandOutOrder {
  form: PlanForm;
  draftVersion: number;
  studentIds: readonly number[];
  latheIds: readonly number[];
}

/**
 * Hands a plan out: freezes it as the next revision (or takes the last one, when nothing changed since), freezes its
 * scheme and one sheet for each lathe allowed, and makes one attempt for each chosen student. All or nothing.
 */
export function handOut(
  viewer: PersonView,
  exerciseId: number,
  { form, draftVersion, studentIds, latheIds }: HandOutOrder,
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
      latheRevisionId: item.revisionId,
      document: sheetFor({
        plan,
        lathe: item.document,
        tool: null,
        gauges: gauges.map(({ document }) => document),
        words: shop.words,
      }),
    }));
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
      for (const { latheRevisionId, document } of sheets)
        await freezeSheet(handOutId, revision.id, latheRevisionId, document, now, transaction);
      const attempts: HandedOut['attempts'] = [];
      for (const studentId of chosen) {
        const hand = { exerciseId, handOutId, schemeId, classId: exercise.classId, revisionId: revision.id };
        attempts.push({ studentId, id: await makeAttempt(hand, studentId, now, transaction) });
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
      WHERE m.class_id = ? AND (m.role = 'student' OR m.person_id = ?) AND p.name <> ?
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
