import 'server-only';
import { randomUUID } from 'node:crypto';
import { addDays, setHours, setMinutes, startOfDay, subMinutes } from 'date-fns';
import { confirmMark, proposeMark } from '@/core/marking';
import { derivePlan, readPlan, type DerivedPlan } from '@/core/plan';
import { database } from '@/data/database';
import type { Entry } from '@/core/attempt';
import { CLASS_NAME, EXERCISES, INSTRUCTOR, STUDENTS, type DemoExercise } from './shop';
import { tellStory } from './story';

/** Loads the demo shop into an empty database; leaves any other alone. Returns whether it did. */
export async function loadDemoShop(now: Date): Promise<boolean> {
  const { sequelize, models } = database();
  if ((await models.Person.count()) > 0) return false;
  await sequelize.transaction(async (transaction) => {
    const instructor = await models.Person.create({ name: INSTRUCTOR, role: 'instructor' }, { transaction });
    const school = await models.SchoolClass.create(
      { name: CLASS_NAME, instructorId: instructor.id },
      { transaction },
    );
    const authors = new Map<string, Entry['author']>();
    for (const name of STUDENTS) {
      const student = await models.Person.create({ name, role: 'student' }, { transaction });
      await models.Enrolment.create({ classId: school.id, studentId: student.id }, { transaction });
      authors.set(name, { id: student.id, name, role: 'student' });
    }
    const instructorAuthor: Entry['author'] = { id: instructor.id, name: INSTRUCTOR, role: 'instructor' };

    for (const demo of EXERCISES) {
      const derived = planOf(demo);
      const issuedAt = morning(now, demo.issuedDaysAgo);
      const exercise = await models.Exercise.create(
        { classId: school.id, draft: JSON.stringify(demo.form), createdAt: issuedAt, updatedAt: issuedAt },
        { transaction },
      );
      const revision = await models.Revision.create(
        {
          exerciseId: exercise.id,
          number: 1,
          plan: JSON.stringify(derived.plan),
          issuedById: instructor.id,
          issuedAt,
        },
        { transaction },
      );
      const tries = new Map<string, number>();
      for (const [index, { student, daysAgo, story }] of demo.attempts.entries()) {
        const author = authors.get(student);
        if (author === undefined) throw new Error(`${student} is not in the class`);
        const tryNumber = (tries.get(student) ?? 0) + 1;
        tries.set(student, tryNumber);
        const attempt = await models.Attempt.create(
          { revisionId: revision.id, studentId: author.id, tryNumber, createdAt: issuedAt },
          { transaction },
        );
        const begin = daysAgo === 0 ? subMinutes(now, 170) : morning(now, daysAgo);
        const spread = ((index * 37) % 19) / 9 - 1;
        const entries = tellStory(
          derived,
          story,
          { student: author, instructor: instructorAuthor },
          begin,
          spread,
          randomUUID,
        );
        await models.EntryRow.bulkCreate(
          entries.map((entry) => ({
            clientId: entry.id,
            attemptId: attempt.id,
            authorId: entry.author.id,
            content: JSON.stringify(entry.content),
            deviceTime: new Date(entry.deviceTime),
            serverTime: new Date(entry.serverTime),
          })),
          { transaction },
        );
        if (story.until !== 'marked') continue;
        const confirmed = confirmMark(proposeMark(derived, entries), {
          lines: [],
          capReason: '',
          comment: story.comment ?? '',
        });
        if (!confirmed.ok) throw new Error(confirmed.issues[0]?.message);
        await models.MarkRow.create(
          {
            attemptId: attempt.id,
            mark: JSON.stringify(confirmed.value),
            total: confirmed.value.total.toFixed(1),
            markedById: instructor.id,
            markedAt: addDays(begin, 1),
          },
          { transaction },
        );
      }
    }
  });
  return true;
}

function planOf(demo: DemoExercise): DerivedPlan {
  const { plan, issues } = readPlan(demo.form);
  if (plan === null) throw new Error(`${demo.form.title}: ${issues[0]?.message ?? ''}`);
  return derivePlan(plan);
}

/** Half past eight in the morning, some days ago. */
function morning(now: Date, daysAgo: number): Date {
  return setMinutes(setHours(startOfDay(addDays(now, -daysAgo)), 8), 30);
}
