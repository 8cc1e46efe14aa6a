import 'server-only';
import { Op } from 'sequelize';
import { attemptState, isKind, liveEntries } from '@/core/attempt';
import type { ClassBoard } from '@/core/board';
import { formFrom, type Plan } from '@/core/plan';
import { classOf } from './access';
import { database } from './database';
import type { PersonView } from './people';
import { marksOf, recordsOf } from './records';

/** The class with the state of every attempt; a student sees his or her own only. */
export async function classBoard(viewer: PersonView): Promise<ClassBoard> {
  const { Exercise, Revision, Attempt, Enrolment, Person } = database().models;
  const own = await classOf(viewer);
  const exercises = await Exercise.findAll({ where: { classId: own.id }, order: [['id', 'ASC']] });
  const revisions = await Revision.findAll({
    where: { exerciseId: { [Op.in]: exercises.map(({ id }) => id) } },
    order: [['number', 'ASC']],
  });
  const everyone = (await Enrolment.findAll({ where: { classId: own.id } })).map(
    ({ studentId }) => studentId,
  );
  const shown = viewer.role === 'instructor' ? everyone : [viewer.id];
  const students = await Person.findAll({ where: { id: { [Op.in]: shown } }, order: [['name', 'ASC']] });
  const attempts = await Attempt.findAll({
    where: { revisionId: { [Op.in]: revisions.map(({ id }) => id) }, studentId: { [Op.in]: shown } },
    order: [['tryNumber', 'ASC']],
  });
  const ids = attempts.map(({ id }) => id);
  const [records, marks] = await Promise.all([recordsOf(ids), marksOf(ids)]);
  const exerciseOf = new Map(revisions.map((revision) => [revision.id, revision.exerciseId]));
  const visible =
    viewer.role === 'instructor'
      ? exercises
      : exercises.filter(({ id }) => attempts.some((a) => exerciseOf.get(a.revisionId) === id));
  return {
    className: own.name,
    asOf: new Date().toISOString(),
    exercises: visible.map((exercise) => {
      const last = revisions.findLast(({ exerciseId }) => exerciseId === exercise.id);
      const draft = formFrom(JSON.parse(exercise.draft));
      const plan = last === undefined ? null : (JSON.parse(last.plan) as Plan);
      return {
        id: exercise.id,
        title: plan?.title ?? draft.title,
        thread: plan?.thread ?? draft.thread,
        revision: last?.number ?? null,
      };
    }),
    students: students.map(({ id, name }) => ({ id, name })),
    attempts: attempts.map((attempt) => {
      const entries = records.get(attempt.id) ?? [];
      const mark = marks.get(attempt.id);
      return {
        id: attempt.id,
        studentId: attempt.studentId,
        exerciseId: exerciseOf.get(attempt.revisionId) ?? 0,
        tryNumber: attempt.tryNumber,
        state: attemptState(entries, mark !== undefined),
        total: mark?.mark.total ?? null,
        lastEntryAt: entries.at(-1)?.serverTime ?? null,
        passesCut: liveEntries(entries).filter(isKind('pass')).length,
      };
    }),
  };
}
