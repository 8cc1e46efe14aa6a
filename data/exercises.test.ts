import { randomUUID } from 'node:crypto';
import { cutOf, planFor } from '@/core/test/record';
import { withLeaf } from '@/core/exercise/plan/draft';
import { appendEntry } from './append-entry';
import { loadAttempt } from './attempts';
import {
  createExercise,
  discardExercise,
  exerciseFromLog,
  importPlan,
  lendExercise,
  loadExercise,
  saveDraft,
} from './exercises';
import { classBoard } from './class-board';
import { database } from './database';
import { migrate } from './migrate';
import { passOn } from './outcome';
import { classDatabase, refused } from './test/class-database';
import { GOOD_FORM, sentEntry } from './test/fresh-database';

const { people, issue } = classDatabase();

test('migrations run once', async () => {
  expect(await migrate()).toEqual([]);
});

describe('a class is a place', () => {
  const inClass = async (id: number) => passOn(await loadExercise(people.instructor, id));
  async function secondClass() {
    const { SchoolClass, Membership, Person } = database().models;
    const evening = await SchoolClass.create({ name: 'Evening' });
    const student = await Person.create({ name: 'Evening One', role: 'student' });
    await Membership.create({ classId: evening.id, personId: people.instructor.id, role: 'instructor' });
    await Membership.create({ classId: evening.id, personId: student.id, role: 'student' });
    return evening.id;
  }

  test('exercises are made in, shown by and handed out to the class on view', async () => {
    const evening = await secondClass();
    const id = passOn(await createExercise(people.instructor, GOOD_FORM, evening));
    const made = await inClass(id);
    expect(made).toMatchObject({ classId: evening, className: 'Evening', lentFrom: null });
    expect(made.students.map(({ name }) => name)).toEqual(['Evening One', people.instructor.name]);
    expect(made.otherClasses).toEqual([{ id: people.classId, name: 'Class' }]);
    const board = async (classId: number | null, lastSeen: number | null) =>
      passOn(await classBoard(people.instructor, { classId, lastSeen, page: 1 }));
    expect((await board(evening, null)).drafts.map((each) => each.id)).toContain(id);
    expect((await board(null, null)).drafts.map((each) => each.id)).not.toContain(id);
    // Where no class is named, the one seen last is shown; somebody else's is not.
    expect((await board(null, evening)).classId).toBe(evening);
    expect((await board(null, 4711)).classId).toBe(people.classId);
    expect(await createExercise(people.instructor, GOOD_FORM, 4711)).toEqual(refused('not-found'));
    expect(await createExercise(people.stranger, GOOD_FORM, evening)).toEqual(refused('not-found'));
  });

  test('an exercise is lent to another class as a copy that says so, and each is changed by itself', async () => {
    const evening = await secondClass();
    const id = passOn(await createExercise(people.instructor, GOOD_FORM));
    const home = (await inClass(id)).className;
    const copy = passOn(await lendExercise(people.instructor, id, evening));
    expect(await inClass(copy)).toMatchObject({ classId: evening, lentFrom: home, form: GOOD_FORM });
    await saveDraft(people.instructor, copy, { ...GOOD_FORM, title: 'Evening screw' }, 0);
    expect((await inClass(id)).form.title).toBe('Clamp screw');
    const board = passOn(await classBoard(people.instructor, { classId: evening, page: 1 }));
    expect(board.drafts.find((each) => each.id === copy)).toMatchObject({ lentFrom: home });
    expect(await lendExercise(people.instructor, id, people.classId)).toEqual(refused('conflict'));
    expect(await lendExercise(people.instructor, id, 4711)).toEqual(refused('not-found'));
    expect(await lendExercise(people.stranger, id, evening)).toEqual(refused('not-found'));
    expect(await lendExercise(people.students[0]!, id, evening)).toEqual(refused('forbidden'));
  });

  test('a student who had it before is told by the tries', async () => {
    const { exerciseId } = await issue([people.students[0]!]);
    const [first, second] = (await inClass(exerciseId)).students;
    expect([first?.tries, second?.tries]).toEqual([1, 0]);
  });
});

describe('drafts', () => {
  test('are saved as typed, right or wrong', async () => {
    const id = passOn(await createExercise(people.instructor));
    const typed = withLeaf(GOOD_FORM, 'work.diameter', '0,7x');
    expect(await saveDraft(people.instructor, id, typed, 0)).toEqual({ done: { draftVersion: 1 } });
    expect(passOn(await loadExercise(people.instructor, id)).form).toEqual(typed);
  });

  test('saved in another window are not overwritten, and what stands there comes back', async () => {
    const id = passOn(await createExercise(people.instructor));
    await saveDraft(people.instructor, id, GOOD_FORM, 0);
    expect(await saveDraft(people.instructor, id, { ...GOOD_FORM, title: 'Other' }, 0)).toMatchObject({
      refused: {
        kind: 'conflict',
        code: 'draft-changed',
        more: { current: { form: GOOD_FORM, draftVersion: 1 } },
      },
    });
    expect(passOn(await loadExercise(people.instructor, id)).form.title).toBe('Clamp screw');
  });

  test('sent again after a lost answer change nothing, and are no conflict', async () => {
    const id = passOn(await createExercise(people.instructor));
    const saveId = randomUUID();
    const save = (draftVersion: number, by = saveId) =>
      saveDraft(people.instructor, id, GOOD_FORM, draftVersion, by);
    expect(await save(0)).toEqual({ done: { draftVersion: 1 } });
    expect(await save(0)).toEqual({ done: { draftVersion: 1 } });
    expect(passOn(await loadExercise(people.instructor, id)).draftSaveId).toBe(saveId);
    expect(await save(1, randomUUID())).toEqual({ done: { draftVersion: 2 } });
    // The id of a save before the last one is nobody's any more.
    expect(await save(0)).toMatchObject({ refused: { more: { current: { draftVersion: 2 } } } });
  });

  test('belong to the instructor of the class', async () => {
    const id = passOn(await createExercise(people.instructor));
    expect(await loadExercise(people.stranger, id)).toEqual(refused('not-found'));
    expect(await loadExercise(people.students[0]!, id)).toEqual(refused('forbidden'));
    expect(await createExercise(people.students[0]!)).toEqual(refused('forbidden'));
  });

  test('can be discarded while they were never handed out', async () => {
    const id = passOn(await createExercise(people.instructor));
    expect(await discardExercise(people.instructor, id)).toEqual({ done: null });
    expect(await loadExercise(people.instructor, id)).toEqual(refused('not-found'));
    const { exerciseId } = await issue();
    expect(await discardExercise(people.instructor, exerciseId)).toEqual(refused('conflict'));
  });
});

describe('an exercise out of a log', () => {
  test('has the readings that were really cut as its rows, and everything else of the plan', async () => {
    const student = people.students[0]!;
    const { attemptId } = await issue([student]);
    const { sheet } = passOn(await loadAttempt(student, attemptId));
    expect(await exerciseFromLog(people.instructor, attemptId)).toEqual(refused('conflict'));
    for (const [index, reading] of [0.004, 0.011, 0.017].entries()) {
      const cut = cutOf(sheet!.passes[index]!, reading);
      passOn(await appendEntry(student, attemptId, sentEntry({ ...cut })));
    }
    expect(await exerciseFromLog(student, attemptId)).toEqual(refused('forbidden'));
    const made = passOn(await exerciseFromLog(people.instructor, attemptId));
    const { form } = passOn(await loadExercise(people.instructor, made));
    expect(form.schedule.school).toBe('own');
    expect(form.schedule.rows.map(({ infeed }) => infeed)).toEqual(['0.004 in', '0.007 in', '0.006 in']);
    expect(form.thread.designation).toBe(GOOD_FORM.thread.designation);
  });
});

test('a plan’s file is read before it is looked through: one nested without end, and a text that shows nothing, are refused', async () => {
  // As deep as the reader of a body lets through.
  let deep: unknown = 1;
  for (let level = 0; level < 2000; level += 1) deep = [deep];
  const plan = planFor();
  expect(await importPlan(people.instructor, { ...plan, title: deep })).toMatchObject({
    refused: { kind: 'invalid' },
  });
  expect(await importPlan(people.instructor, { ...plan, more: deep })).toMatchObject({
    refused: { kind: 'invalid' },
  });
  expect(await importPlan(people.instructor, { ...plan, title: '\u200b' })).toEqual(
    refused('invalid', 'title'),
  );
});
