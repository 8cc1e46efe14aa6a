import 'server-only';
import type { Transaction } from 'sequelize';
import type { Role } from '@/core/exercise/record/entry/entry';
import { forbidden, notFound } from './outcome';
import type { PersonView } from './people';
import { rowOf, rowsOf } from './query';

export interface Membership {
  classId: number;
  className: string;
  role: Role;
}

/** The classes of a person that are not archived, each with the role in it, in the order in which they were made. */
export function membershipsOf(viewer: PersonView, transaction?: Transaction): Promise<Membership[]> {
  return rowsOf<Membership>(
    `SELECT m.class_id AS classId, c.name AS className, m.role FROM memberships m JOIN classes c ON c.id = m.class_id
      WHERE m.person_id = ? AND m.archived_at IS NULL AND c.archived_at IS NULL ORDER BY c.id`,
    [viewer.id],
    transaction,
  );
}

/** The class that a view is about: the one named, or the one seen last where it is one of the viewer's, or the first. */
export async function classFor(
  viewer: PersonView,
  classId: number | null = null,
  lastSeen: number | null = null,
): Promise<Membership> {
  const all = await membershipsOf(viewer);
  const by = (id: number) => all.find((membership) => membership.classId === id);
  const found = classId === null ? ((lastSeen === null ? undefined : by(lastSeen)) ?? all[0]) : by(classId);
  return found ?? notFound('class of yours');
}

/** The role of a person in a class, or null. */
export async function roleIn(
  viewer: PersonView,
  classId: number,
  transaction?: Transaction,
): Promise<Role | null> {
  const found = await rowOf<{ role: Role }>(
    'SELECT role FROM memberships WHERE class_id = ? AND person_id = ? AND archived_at IS NULL',
    [classId, viewer.id],
    transaction,
  );
  return found?.role ?? null;
}

/**
 * What only instructors may do, in the class named; whoever does not teach it is refused. Where none is named, in the one
 * seen last, or the first that they teach.
 */
export async function teachingOf(
  viewer: PersonView,
  classId: number | null = null,
  lastSeen: number | null = null,
): Promise<Membership> {
  const taught = (await membershipsOf(viewer)).filter(({ role }) => role === 'instructor');
  if (taught.length === 0) return forbidden('Only the instructor can do this.');
  const by = (id: number | null) => taught.find((each) => each.classId === id);
  const found = classId === null ? (by(lastSeen) ?? taught[0]) : by(classId);
  return found ?? notFound('class of yours');
}

export interface OwnExercise {
  id: number;
  classId: number;
  draft: string;
  draftVersion: number;
  draftSaveId: string | null;
  revision: number | null;
  className: string;
  /** Where it was lent from, as that class was called then. */
  lentFrom: string | null;
}

/**
 * An exercise of a class that the viewer teaches; another's is reported as absent. In a transaction the row is locked
 * before anything else is read, so that what is read next is no older than the lock.
 */
export async function ownExercise(
  viewer: PersonView,
  exerciseId: number,
  transaction?: Transaction,
): Promise<OwnExercise> {
  const exercise = await rowOf<OwnExercise>(
    `SELECT id, class_id AS classId, draft, draft_version AS draftVersion, draft_save_id AS draftSaveId, revision,
        lent_from AS lentFrom, (SELECT name FROM classes WHERE classes.id = class_id) AS className
      FROM exercises WHERE id = ?${transaction === undefined ? '' : ' FOR UPDATE'}`,
    [exerciseId],
    transaction,
  );
  const role = exercise === null ? null : await roleIn(viewer, exercise.classId, transaction);
  if (exercise === null || role === null || role === 'student') {
    if (role === 'student') forbidden('Only the instructor can do this.');
    if ((await membershipsOf(viewer, transaction)).every((each) => each.role !== 'instructor'))
      forbidden('Only the instructor can do this.');
    return notFound('exercise');
  }
  return role === 'instructor' ? exercise : forbidden('Only the instructor can do this.');
}
