import 'server-only';
import type { Transaction } from 'sequelize';
import { database } from './database';
import { forbidden, notFound } from './errors';
import type { Attempt, Exercise, Revision, SchoolClass } from './models';
import type { PersonView } from './people';

/** The class that a person teaches or attends. One class for each, so far. */
export async function classOf(viewer: PersonView, transaction?: Transaction): Promise<SchoolClass> {
  const { SchoolClass, Enrolment } = database().models;
  if (viewer.role === 'instructor') {
    const own = await SchoolClass.findOne({ where: { instructorId: viewer.id }, transaction });
    if (own === null) throw notFound('class of yours');
    return own;
  }
  const enrolment = await Enrolment.findOne({ where: { studentId: viewer.id }, transaction });
  const attended = enrolment === null ? null : await SchoolClass.findByPk(enrolment.classId, { transaction });
  if (attended === null) throw notFound('class of yours');
  return attended;
}

export function requireInstructor(viewer: PersonView): void {
  if (viewer.role !== 'instructor') throw forbidden('Only the instructor can do this.');
}

/** An exercise of the instructor's own class. Another's is reported as absent. */
export async function ownExercise(
  viewer: PersonView,
  exerciseId: number,
  transaction?: Transaction,
): Promise<Exercise> {
  requireInstructor(viewer);
  const { Exercise } = database().models;
  const exercise = await Exercise.findByPk(exerciseId, lock(transaction));
  const own = await classOf(viewer, transaction);
  if (exercise === null || exercise.classId !== own.id) throw notFound('exercise');
  return exercise;
}

/** An attempt that the viewer may see: the instructor those of the class, a student his or her own. */
export async function visibleAttempt(
  viewer: PersonView,
  attemptId: number,
  transaction?: Transaction,
): Promise<{ attempt: Attempt; revision: Revision }> {
  const { Attempt, Revision, Exercise } = database().models;
  const attempt = await Attempt.findByPk(attemptId, lock(transaction));
  if (attempt === null) throw notFound('attempt');
  const revision = await Revision.findByPk(attempt.revisionId, { rejectOnEmpty: true, transaction });
  const exercise = await Exercise.findByPk(revision.exerciseId, { rejectOnEmpty: true, transaction });
  const own = await classOf(viewer, transaction);
  const mine = viewer.role === 'instructor' ? exercise.classId === own.id : attempt.studentId === viewer.id;
  if (!mine) throw notFound('attempt');
  return { attempt, revision };
}

/**
 * The row is locked before anything else is read, so that what is read next is no older than the lock. Everything read
 * on the way goes through the same transaction: one that waits for a second connection can starve the others.
 */
function lock(transaction: Transaction | undefined) {
  return transaction === undefined ? {} : { transaction, lock: transaction.LOCK.UPDATE };
}
