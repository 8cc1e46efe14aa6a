import { cutOf } from '@/core/test/record';
import { withLeaf } from '@/core/plan';
import { appendEntry } from './append-entry';
import { loadAttempt } from './attempts';
import { createExercise, lastPlan } from './exercises';
import { handOut } from './hand-out';
import { passOn } from './outcome';
import type { PersonView } from './people';
import { rowsOf } from './query';
import { lathesOf, saveLathe } from './shop';
import { classDatabase, latheForm, refused } from './test/class-database';
import { GOOD_FORM, sentEntry } from './test/fresh-database';

const { people, issue, order } = classDatabase();

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

  test('a lathe that the instructor gives stands in the record, and another can be taken until the first cut', async () => {
    const id = passOn(await createExercise(people.instructor, GOOD_FORM));
    const [one, two] = people.students as [PersonView, PersonView];
    const [first, second] = people.lathes as [number, number];
    const give = {
      ...order(0, [one, two]),
      latheIds: [first, second],
      latheOf: [{ studentId: one.id, latheId: second }],
    };
    const wrong = { ...give, latheOf: [{ studentId: one.id, latheId: 4711 }] };
    expect(await handOut(people.instructor, id, wrong)).toEqual(refused('conflict', 'latheOf'));
    const { attempts } = passOn(await handOut(people.instructor, id, give));
    const of = async (student: PersonView) =>
      passOn(await loadAttempt(student, attempts.find(({ studentId }) => studentId === student.id)!.id));
    const given = await of(one);
    expect(given.sheet).not.toBeNull();
    expect(given.entries.map(({ content }) => content.kind)).toEqual(['lathe']);
    expect(given.entries[0]?.author.id).toBe(people.instructor.id);
    // Who was given none picks at the bench.
    expect((await of(two)).sheet).toBeNull();
    const other = given.lathes.find(({ sheetId }) => sheetId !== given.sheetId)!;
    passOn(await appendEntry(one, given.id, sentEntry({ kind: 'lathe', ...other })));
    expect((await of(one)).sheetId).toBe(other.sheetId);
  });
});
