import { latheFormOf } from '@/core/machine/lathe/form/lathe-form-of';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import type { PlanForm } from '@/core/exercise/plan/draft';
import { loadAttempt } from '../attempts';
import { closeDatabase } from '../database';
import { createExercise } from '../exercises';
import { handOut } from '../hand-out';
import { passOn } from '../outcome';
import type { PersonView } from '../people';
import { freshDatabase, GOOD_FORM, sentEntry, testClass, type TestClass } from './fresh-database';

/** For tests: a database of their own with a class, made before the first test of a file and closed after the last. */
export function classDatabase() {
  const people = {} as TestClass;

  beforeAll(async () => {
    await freshDatabase('oyakata_unit');
    Object.assign(people, await testClass());
  });

  afterAll(closeDatabase);

  /** The body of handing out on the first lathe. */
  const order = (draftVersion: number, students: PersonView[], form: PlanForm = GOOD_FORM) => ({
    form,
    draftVersion,
    studentIds: students.map(({ id }) => id),
    latheIds: [people.lathes[0]!],
  });

  /** An exercise handed out, with the first of its attempts. */
  async function issue(
    students = [people.students[0]!],
    latheIds = [people.lathes[0]!],
    form: PlanForm = GOOD_FORM,
  ) {
    const id = passOn(await createExercise(people.instructor, form));
    const done = passOn(await handOut(people.instructor, id, { ...order(0, students, form), latheIds }));
    return { exerciseId: id, attemptId: done.attempts[0]!.id, done };
  }

  return { people, order, issue };
}

/** For tests: an outcome that was refused, by its kind and the field it names. */
export const refused = (kind: string, field?: string) => ({
  refused: expect.objectContaining({
    kind,
    ...(field === undefined ? {} : { fields: [expect.objectContaining({ field })] }),
  }) as object,
});

/** For tests: a mark that changes nothing of the proposal. */
export const NO_MARKS = { lines: [], capReason: '', comment: '' };

export const note = (text = 'hello') => sentEntry({ kind: 'note', text });

export const contentsOf = async (viewer: PersonView, attemptId: number) =>
  passOn(await loadAttempt(viewer, attemptId)).entries.map(({ content }) => content);

/** For tests: the form of an inch lathe, filled. */
export const latheForm = () => latheFormOf(usualLathe('in', 'Lathe 1'));
