import { randomUUID } from 'node:crypto';
import { cutOf } from '@/core/test/record';
import { withLeaf } from '@/core/plan';
import { appendEntry } from './append-entry';
import { loadAttempt } from './attempts';
import {
  createExercise,
  discardExercise,
  exerciseFromLog,
  handOut,
  lastPlan,
  loadExercise,
  saveDraft,
} from './exercises';
import { migrate } from './migrate';
import { passOn } from './outcome';
import type { PersonView } from './people';
import { rowsOf } from './query';
import { lathesOf, saveLathe } from './shop';
import { classDatabase, latheForm, refused } from './test/class-database';
import { GOOD_FORM, sentEntry } from './test/fresh-database';

const { people, issue, order } = classDatabase();

test('migrations run once', async () => {
  expect(await migrate()).toEqual([]);
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

describe('handing out', () => {
  test('freezes revision 1 and makes one attempt for each student', async () => {
    const { exerciseId, done } = await issue(people.students);
    expect(done.revision).toBe(1);
    expect(done.attempts.map(({ studentId }) => studentId)).toEqual(people.students.map(({ id }) => id));
    const { plan } = passOn(await lastPlan(people.instructor, exerciseId));
    expect(plan.proof.targetPitchDiameter).toEqual({ value: 0.7054, unit: 'in' });
  });

  test('freezes one sheet for each lathe allowed; the student chooses until the first cut', async () => {
    const { attemptId } = await issue([people.students[1]!], people.lathes);
    const [student] = [people.students[1]!];
    const open = passOn(await loadAttempt(student, attemptId));
    expect([open.sheet, open.lathes.map(({ name }) => name)]).toEqual([null, ['Lathe 1', 'Lathe 2']]);
    const second = open.lathes[1]!;
    passOn(await appendEntry(student, attemptId, sentEntry({ kind: 'lathe', ...second })));
    const chosen = passOn(await loadAttempt(student, attemptId));
    expect(chosen.sheet?.compound.markDeg).toBe(60.5);
    const foreign = sentEntry({ kind: 'lathe', sheetId: 999_999, name: 'Lathe 9' });
    expect(await appendEntry(student, attemptId, foreign)).toEqual(refused('conflict', 'content.sheetId'));
    passOn(await appendEntry(student, attemptId, sentEntry({ ...cutOf(chosen.sheet!.passes[0]!) })));
    // A choice that comes after the first cut is in the record, and changes nothing.
    passOn(await appendEntry(student, attemptId, sentEntry({ kind: 'lathe', ...open.lathes[0]! })));
    expect(passOn(await loadAttempt(student, attemptId)).sheet?.compound.markDeg).toBe(60.5);
  });

  test('a lathe that is changed afterwards changes no sheet that was handed out', async () => {
    const form = { ...latheForm(), graduation: '0.002' };
    const { attemptId } = await issue([people.students[2]!]);
    const before = passOn(await loadAttempt(people.instructor, attemptId)).sheet;
    passOn(await saveLathe(people.instructor, people.lathes[0]!, form));
    expect(passOn(await loadAttempt(people.instructor, attemptId)).sheet).toEqual(before);
    expect((await lathesOf())[0]).toMatchObject({ number: 2 });
    passOn(await saveLathe(people.instructor, people.lathes[0]!, { ...form, graduation: '0.001' }));
  });

  test('again unchanged keeps the revision, changed makes the next', async () => {
    const id = passOn(await createExercise(people.instructor, GOOD_FORM));
    const [one, two, three] = people.students as [PersonView, PersonView, PersonView];
    const changed = withLeaf(GOOD_FORM, 'schedule.spring', '3');
    expect(passOn(await handOut(people.instructor, id, order(0, [one]))).revision).toBe(1);
    expect(passOn(await handOut(people.instructor, id, order(1, [two]))).revision).toBe(1);
    expect(passOn(await handOut(people.instructor, id, order(2, [three], changed))).revision).toBe(2);
  });

  test('refuses a second open attempt, a student of no class, an old draft, a lathe of nowhere; and stores nothing then', async () => {
    const { exerciseId } = await issue();
    const [one, two] = people.students as [PersonView, PersonView];
    const give = (of: ReturnType<typeof order>) => handOut(people.instructor, exerciseId, of);
    expect(await give(order(1, [two, one]))).toEqual(refused('conflict', 'studentIds'));
    expect(await give(order(1, [people.stranger]))).toEqual(refused('not-found'));
    expect(await give(order(0, [two]))).toEqual(refused('conflict'));
    expect(await give({ ...order(1, [two]), latheIds: [4711] })).toEqual(refused('not-found'));
    const tried = await rowsOf(
      'SELECT id FROM attempts a JOIN attempt_summaries s ON s.attempt_id = a.id WHERE s.exercise_id = ?',
      [exerciseId],
    );
    expect(tried).toHaveLength(1);
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
