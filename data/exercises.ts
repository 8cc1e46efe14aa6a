import 'server-only';
import type { Transaction } from 'sequelize';
import { nonsenseIn } from '@/core/base/documents/nonsense';
import { UnreadableDocument } from '@/core/base/documents/document';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { draftDocument, EMPTY_PLAN_FORM, formFrom, type PlanForm } from '@/core/exercise/plan/draft';
import { formOfPlan } from '@/core/exercise/plan/form-of-plan';
import { readStoredPlan, type StoredPlan } from '@/core/exercise/plan/plan';
import { predict } from '@/core/exercise/record/state/predict';
import { rowsFromLog } from '@/core/exercise/record/state/rows-from-log';
import { membershipsOf, ownExercise, teachingOf } from './access';
import { database } from './database';
import { visibleAttempt } from './attempts';
import { planOfRevision, sheetOf } from './frozen';
import { conflict, outcomeOf, refuse, refuseFields, type Outcome } from './outcome';
import { REMOVED, type PersonView } from './people';
import { change, insertRow, rowOf, rowsOf } from './query';
import { recordsOf } from './records';
import { lathesOf, planBook } from './shop';
import type { PlanBook } from '@/core/exercise/plan/plan-book';

export interface ExerciseView {
  id: number;
  /** The class that it is made in. */
  classId: number;
  className: string;
  lentFrom: string | null;
  /** The other classes that the viewer teaches. */
  otherClasses: { id: number; name: string }[];
  form: PlanForm;
  draftVersion: number;
  /** Id of the save that made this version. */
  draftSaveId: string | null;
  /** Newest first. */
  revisions: { number: number; issuedAt: string }[];
  /** Students of the class, and at the end the instructor herself. */
  students: { id: number; name: string; openAttempt: boolean; tries: number; self: boolean }[];
  lathes: { id: number; lathe: Lathe }[];
  /** Tools and gauges that are offered. */
  book: PlanBook;
  /** Exercises of the class that were handed out, to begin a new one with. */
  others: { id: number; title: string; thread: string }[];
}

/** Makes an exercise with an empty draft, or with the form given. */
export function createExercise(
  viewer: PersonView,
  form: PlanForm = EMPTY_PLAN_FORM,
  inClass: number | null = null,
): Promise<Outcome<number>> {
  return outcomeOf(async () => {
    const { classId } = await teachingOf(viewer, inClass);
    return makeExercise(classId, form);
  });
}

/** Makes a copy of an exercise in another class of the instructor; it says from which one. */
export function lendExercise(
  viewer: PersonView,
  exerciseId: number,
  inClass: number,
): Promise<Outcome<number>> {
  return outcomeOf(async () => {
    const exercise = await ownExercise(viewer, exerciseId);
    const { classId } = await teachingOf(viewer, inClass);
    if (classId === exercise.classId) return conflict('It is an exercise of this class already.');
    return makeExercise(classId, formFrom(JSON.parse(exercise.draft)), exercise.className);
  });
}

function makeExercise(classId: number, form: PlanForm, lentFrom: string | null = null): Promise<number> {
  const now = new Date();
  return insertRow(
    `INSERT INTO exercises (class_id, draft, title, thread, lent_from, created_at, updated_at)
      VALUES (?, ?, ?, ?, ?, ?, ?)`,
    [classId, JSON.stringify(draftDocument(form)), ...shownAs(form), lentFrom, now, now],
  );
}

const shownAs = (form: PlanForm) => [form.title.slice(0, 120), form.thread.designation.slice(0, 120)];

/** Makes an exercise out of a plan's file, of any version. */
export function importPlan(
  viewer: PersonView,
  stored: unknown,
  lastSeen: number | null = null,
): Promise<Outcome<number>> {
  return outcomeOf(async () => {
    const { classId } = await teachingOf(viewer, null, lastSeen);
    try {
      const marking = (stored as { marking?: { setUp: number; passes: number; result: number } }).marking;
      // Read first: only then it has the shape of a plan, and an end.
      const plan = readStoredPlan(stored);
      const nonsense = nonsenseIn(plan);
      if (nonsense.length > 0) refuseFields(nonsense);
      return await makeExercise(classId, formOfPlan(plan, marking));
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
    const [revisions, students, lathes, book, others, memberships] = await Promise.all([
      rowsOf<{ number: number; issuedAt: Date }>(
        'SELECT number, issued_at AS issuedAt FROM revisions WHERE exercise_id = ? ORDER BY number DESC',
        [exerciseId],
      ),
      rowsOf<{ id: number; name: string; openAttempt: number; tries: number; role: string }>(
        `SELECT p.id, p.name, m.role, EXISTS (SELECT 1 FROM attempt_summaries s WHERE s.exercise_id = ? AND s.student_id = p.id
            AND s.decision IS NULL) AS openAttempt,
            (SELECT COUNT(*) FROM attempt_summaries t WHERE t.exercise_id = ? AND t.student_id = p.id) AS tries
          FROM memberships m JOIN people p ON p.id = m.person_id
          WHERE m.class_id = ? AND m.archived_at IS NULL AND (m.role = 'student' OR m.person_id = ?) AND p.name <> ?
          ORDER BY m.role = 'student' DESC, p.name`,
        [exerciseId, exerciseId, exercise.classId, viewer.id, REMOVED],
      ),
      lathesOf(),
      planBook(),
      rowsOf<{ id: number; title: string; thread: string }>(
        `SELECT id, title, thread FROM exercises WHERE class_id = ? AND id <> ? AND revision IS NOT NULL
          ORDER BY updated_at DESC, id DESC LIMIT 30`,
        [exercise.classId, exerciseId],
      ),
      membershipsOf(viewer),
    ]);
    return {
      others,
      id: exercise.id,
      classId: exercise.classId,
      className: exercise.className,
      lentFrom: exercise.lentFrom,
      otherClasses: memberships
        .filter(({ classId, role }) => role === 'instructor' && classId !== exercise.classId)
        .map(({ classId, className }) => ({ id: classId, name: className })),
      form: formFrom(JSON.parse(exercise.draft)),
      draftVersion: exercise.draftVersion,
      draftSaveId: exercise.draftSaveId,
      revisions: revisions.map(({ number, issuedAt }) => ({ number, issuedAt: issuedAt.toISOString() })),
      students: students.map(({ id, name, openAttempt, tries, role }) => ({
        id,
        name,
        tries,
        openAttempt: openAttempt === 1,
        self: role !== 'student',
      })),
      lathes: lathes.filter(({ archived }) => !archived).map(({ id, document }) => ({ id, lathe: document })),
      book: { tools: offered(book.tools), gauges: offered(book.gauges) },
    };
  });
}

const offered = <D>(items: readonly { id: number; archived: boolean; document: D }[]) =>
  items.filter(({ archived }) => !archived).map(({ id, document }) => ({ id, document }));

/** The plan that was handed out last, as a document. */
export function lastPlan(
  viewer: PersonView,
  exerciseId: number,
): Promise<Outcome<{ number: number; plan: StoredPlan }>> {
  return outcomeOf(async () => {
    await ownExercise(viewer, exerciseId);
    const row = await rowOf<{ number: number; plan: string }>(
      'SELECT number, plan FROM revisions WHERE exercise_id = ? ORDER BY number DESC LIMIT 1',
      [exerciseId],
    );
    if (row === null) return refuse('not-found', 'This exercise has not been handed out yet.');
    const stored = JSON.parse(row.plan) as StoredPlan;
    const plan = readStoredPlan(stored);
    // A file carries the names of a later release as they were written.
    return { number: row.number, plan: stored.version === plan.version ? stored : plan };
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

/** Writes the form as typed; what it builds on was checked before. */
export async function writeDraft(
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
