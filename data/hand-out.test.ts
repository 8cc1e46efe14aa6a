import { cutOf } from '@/core/test/record';
import { withLeaf } from '@/core/exercise/plan/draft';
import { appendEntry } from './append-entry';
import { loadAttempt } from './attempts';
import { database } from './database';
import { createExercise, lastPlan } from './exercises';
import { handOut } from './hand-out';
import { passOn } from './outcome';
import type { PersonView } from './people';
import { rowsOf } from './query';
import { lathesOf, saveLathe } from './shop';
import { rebuildSummaries } from './summaries';
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
    const [itemId] = people.lathes;
    passOn(await saveLathe(people.instructor, { itemId: itemId!, seen: 1 }, form));
    expect(passOn(await loadAttempt(people.instructor, attemptId)).sheet).toEqual(before);
    expect((await lathesOf())[0]).toMatchObject({ number: 2 });
    passOn(
      await saveLathe(people.instructor, { itemId: itemId!, seen: 2 }, { ...form, graduation: '0.001' }),
    );
  });

  test('two first hand-outs at one moment share the scheme that either has stored', async () => {
    const [one, two] = people.students as [PersonView, PersonView];
    for (let round = 0; round < 5; round += 1) {
      // A scheme that nobody has handed out with yet.
      const form = [`${20 + round}`, `${40 - round}`].reduce(
        (all, text, index) => withLeaf(all, index === 0 ? 'marking.setUp' : 'marking.passes', text),
        GOOD_FORM,
      );
      const ids = [
        await createExercise(people.instructor, form),
        await createExercise(people.instructor, form),
      ].map(passOn);
      const outcomes = await Promise.all([
        handOut(people.instructor, ids[0]!, order(0, [one], form)),
        handOut(people.instructor, ids[1]!, order(0, [two], form)),
      ]);
      outcomes.forEach(passOn);
      const rows = await rowsOf<{ scheme: number }>(
        'SELECT DISTINCT scheme_id AS scheme FROM hand_outs WHERE exercise_id IN (?, ?)',
        ids,
      );
      expect(rows).toHaveLength(1);
    }
  });

  test('forty students cost as many questions to the database as two, and each attempt is whole', async () => {
    const { sequelize, models } = database();
    const { classId } = (await models.Membership.findOne({ where: { personId: people.students[0]!.id } }))!;
    const many: PersonView[] = [];
    for (let n = 0; n < 40; n += 1) {
      const { id } = await models.Person.create({ name: `Student ${n}`, role: 'student' });
      await models.Membership.create({ classId, personId: id, role: 'student' });
      many.push({ id, name: `Student ${n}`, role: 'student' });
    }
    let asked = 0;
    const ask = sequelize.query.bind(sequelize) as (...call: unknown[]) => unknown;
    const query = jest.spyOn(sequelize, 'query').mockImplementation(((...call: unknown[]) => {
      asked += 1;
      return ask(...call);
    }) as typeof sequelize.query);
    const costOf = async (students: PersonView[], given: boolean) => {
      const id = passOn(await createExercise(people.instructor, GOOD_FORM));
      asked = 0;
      const latheOf = given
        ? students.map(({ id: studentId }, n) => ({ studentId, latheId: people.lathes[n % 2]! }))
        : [];
      const done = passOn(
        await handOut(people.instructor, id, { ...order(0, students), latheIds: people.lathes, latheOf }),
      );
      return { asked, done };
    };
    const few = await costOf(many.slice(0, 2), true);
    const all = await costOf(many, true);
    query.mockRestore();
    expect(all.asked).toBe(few.asked);
    expect(all.done.attempts.map(({ studentId }) => studentId)).toEqual(many.map(({ id }) => id));
    for (const { id } of [all.done.attempts[0]!, all.done.attempts[39]!]) {
      const summary = await rowsOf(
        'SELECT state, try_number AS tries, lathe_name AS lathe, entries FROM attempt_summaries WHERE attempt_id = ?',
        [id],
      );
      expect(summary).toMatchObject([
        { state: 'not-begun', tries: 1, lathe: expect.stringMatching(/^Lathe [12]$/) as string, entries: 1 },
      ]);
      expect(passOn(await loadAttempt(people.instructor, id)).entries).toMatchObject([
        { content: { kind: 'lathe' } },
      ]);
    }
    // What was written at once is what its records say.
    const before = await rowsOf('SELECT * FROM attempt_summaries ORDER BY attempt_id');
    await rebuildSummaries('all', (work) => sequelize.transaction(work));
    const after = await rowsOf('SELECT * FROM attempt_summaries ORDER BY attempt_id');
    const plain = (rows: object[]) => rows.map((row) => ({ ...row, version: 0, changed_at: null }));
    expect(plain(after)).toEqual(plain(before));
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
