import 'server-only';
import { Op, type Transaction } from 'sequelize';
import { EMPTY_PLAN_FORM, formFrom, readPlan, type Plan, type PlanForm } from '@/core/plan';
import { classOf, ownExercise, requireInstructor } from './access';
import { database } from './database';
import { conflict, notFound } from './errors';
import type { PersonView } from './people';
import { marksOf } from './records';
import { storedJson } from './stored-json';

export interface RevisionView {
  number: number;
  issuedAt: string;
  plan: Plan;
}

export interface ExerciseView {
  id: number;
  form: PlanForm;
  draftVersion: number;
  /** Id of the save that made this version. */
  draftSaveId: string | null;
  /** Newest first. */
  revisions: RevisionView[];
  students: { id: number; name: string; openAttempt: boolean }[];
}

/** Makes an exercise with an empty draft. */
export async function createExercise(viewer: PersonView, form: PlanForm = EMPTY_PLAN_FORM): Promise<number> {
  requireInstructor(viewer);
  const own = await classOf(viewer);
  const now = new Date();
  const exercise = await database().models.Exercise.create({
    classId: own.id,
    draft: JSON.stringify(form),
    createdAt: now,
    updatedAt: now,
  });
  return exercise.id;
}

export async function loadExercise(viewer: PersonView, exerciseId: number): Promise<ExerciseView> {
  const exercise = await ownExercise(viewer, exerciseId);
  const { Revision, Enrolment, Person } = database().models;
  const revisions = await Revision.findAll({ where: { exerciseId }, order: [['number', 'DESC']] });
  const enrolments = await Enrolment.findAll({ where: { classId: exercise.classId } });
  const studentIds = enrolments.map(({ studentId }) => studentId);
  const students = await Person.findAll({ where: { id: { [Op.in]: studentIds } }, order: [['name', 'ASC']] });
  const open = await openAttempts(revisions.map(({ id }) => id));
  return {
    id: exercise.id,
    form: formFrom(JSON.parse(exercise.draft)),
    draftVersion: exercise.draftVersion,
    draftSaveId: exercise.draftSaveId,
    revisions: revisions.map((revision) => ({
      number: revision.number,
      issuedAt: revision.issuedAt.toISOString(),
      plan: JSON.parse(revision.plan) as Plan,
    })),
    students: students.map(({ id, name }) => ({ id, name, openAttempt: open.has(id) })),
  };
}

/** A draft was saved, or another window had saved in between: then nothing is written and both versions are known. */
export type SavedDraft =
  { saved: true; draftVersion: number } | { saved: false; current: { form: PlanForm; draftVersion: number } };

/**
 * Saves the form as typed. `saveId` is made by the browser for one save: sent again after a lost answer it changes
 * nothing, and answers as the first time.
 */
export async function saveDraft(
  viewer: PersonView,
  exerciseId: number,
  form: PlanForm,
  draftVersion: number,
  saveId: string | null = null,
): Promise<SavedDraft> {
  return database().sequelize.transaction(async (transaction) => {
    const exercise = await ownExercise(viewer, exerciseId, transaction);
    if (saveId !== null && exercise.draftSaveId === saveId)
      return { saved: true, draftVersion: exercise.draftVersion };
    if (exercise.draftVersion !== draftVersion)
      return {
        saved: false,
        current: { form: formFrom(JSON.parse(exercise.draft)), draftVersion: exercise.draftVersion },
      };
    exercise.draft = JSON.stringify(form);
    exercise.draftVersion += 1;
    exercise.draftSaveId = saveId;
    exercise.updatedAt = new Date();
    await exercise.save({ transaction });
    return { saved: true, draftVersion: exercise.draftVersion };
  });
}

/** Deletes an exercise that was never handed out. */
export async function discardExercise(viewer: PersonView, exerciseId: number): Promise<void> {
  await database().sequelize.transaction(async (transaction) => {
    const exercise = await ownExercise(viewer, exerciseId, transaction);
    const issued = await database().models.Revision.count({ where: { exerciseId }, transaction });
    if (issued > 0) throw conflict('This exercise has been handed out; its revisions and attempts are kept.');
    await exercise.destroy({ transaction });
  });
}

export interface HandedOut {
  revision: number;
  attempts: { id: number; studentId: number }[];
}

/**
 * Freezes the plan as the next revision (or takes the last one, when nothing changed since) and makes one attempt for
 * each chosen student. All or nothing.
 */
export async function handOut(
  viewer: PersonView,
  exerciseId: number,
  form: PlanForm,
  draftVersion: number,
  studentIds: readonly number[],
): Promise<HandedOut> {
  const { plan } = readPlan(form);
  if (plan === null) throw conflict('The plan is not complete.');
  return database().sequelize.transaction(async (transaction) => {
    const { Enrolment, Attempt, Revision } = database().models;
    const exercise = await ownExercise(viewer, exerciseId, transaction);
    if (exercise.draftVersion !== draftVersion) {
      throw conflict('This exercise was changed in another window. Reload before handing it out.');
    }
    const chosen = [...new Set(studentIds)];
    const enrolled = await Enrolment.count({
      where: { classId: exercise.classId, studentId: { [Op.in]: chosen } },
      transaction,
    });
    if (enrolled !== chosen.length) throw notFound('student in this class');
    const earlier = await Revision.findAll({ where: { exerciseId }, transaction });
    const earlierIds = earlier.map(({ id }) => id);
    const open = await openAttempts(earlierIds, transaction);
    const busy = chosen.find((id) => open.has(id));
    if (busy !== undefined) {
      const person = await database().models.Person.findByPk(busy, { rejectOnEmpty: true, transaction });
      throw conflict(
        `${person.name} still has an open attempt at this exercise. Mark it first.`,
        'studentIds',
      );
    }
    const now = new Date();
    exercise.draft = JSON.stringify(form);
    exercise.draftVersion += 1;
    exercise.draftSaveId = null;
    exercise.updatedAt = now;
    await exercise.save({ transaction });
    const revision = await freeze(viewer, exerciseId, plan, now, transaction);
    const attempts: HandedOut['attempts'] = [];
    for (const studentId of chosen) {
      const tries = await Attempt.count({
        where: { studentId, revisionId: { [Op.in]: [...earlierIds, revision.id] } },
        transaction,
      });
      const attempt = await Attempt.create(
        { revisionId: revision.id, studentId, tryNumber: tries + 1, createdAt: now },
        { transaction },
      );
      attempts.push({ id: attempt.id, studentId });
    }
    return { revision: revision.number, attempts };
  });
}

async function freeze(
  viewer: PersonView,
  exerciseId: number,
  plan: Plan,
  now: Date,
  transaction: Transaction,
) {
  const { Revision } = database().models;
  const text = storedJson(plan);
  const last = await Revision.findOne({ where: { exerciseId }, order: [['number', 'DESC']], transaction });
  if (last?.plan === text) return last;
  return Revision.create(
    { exerciseId, number: (last?.number ?? 0) + 1, plan: text, issuedById: viewer.id, issuedAt: now },
    { transaction },
  );
}

/** Students with an attempt that is not marked yet. */
async function openAttempts(revisionIds: number[], transaction?: Transaction): Promise<Set<number>> {
  const { Attempt } = database().models;
  const attempts = await Attempt.findAll({ where: { revisionId: { [Op.in]: revisionIds } }, transaction });
  const marks = await marksOf(
    attempts.map(({ id }) => id),
    transaction,
  );
  return new Set(attempts.filter(({ id }) => !marks.has(id)).map(({ studentId }) => studentId));
}
