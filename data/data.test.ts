import { randomUUID } from 'node:crypto';
import type { EntryContent } from '@/core/record';
import { cutOf } from '@/core/test/record';
import { withLeaf, type PlanForm } from '@/core/plan';
import { appendEntry } from './append-entry';
import { attemptNews, loadAttempt, lockedAttempt } from './attempts';
import { classBoard } from './class-board';
import { closeDatabase, database } from './database';
import { createExercise, discardExercise, handOut, lastPlan, loadExercise, saveDraft } from './exercises';
import { forget } from './forget';
import { loadMark, markAttempt } from './marks';
import { migrate } from './migrate';
import { passOn, type Outcome } from './outcome';
import { listPeople, type PersonView } from './people';
import { change, rowOf, rowsOf } from './query';
import { endSession, openSession, personOfSession } from './sessions';
import { archiveLathe, lathesOf, saveLathe, saveWires, setTimeZone, shopOf } from './shop';
import { derivedSummary, rebuildSummaries } from './summaries';
import { freshDatabase, GOOD_FORM, sentEntry, testClass, type TestClass } from './test/fresh-database';

let people: TestClass;

beforeAll(async () => {
  await freshDatabase('oyakata_unit');
  people = await testClass();
});

afterAll(closeDatabase);

/** An outcome that was refused, by its kind and the field it names. */
const refused = (kind: string, field?: string) => ({
  refused: expect.objectContaining({
    kind,
    ...(field === undefined ? {} : { fields: [expect.objectContaining({ field })] }),
  }) as object,
});
const no = { lines: [], capReason: '', comment: '' };
const note = (text = 'hello') => sentEntry({ kind: 'note', text });
const contentsOf = async (viewer: PersonView, attemptId: number) =>
  passOn(await loadAttempt(viewer, attemptId)).entries.map(({ content }) => content);

async function issue(
  students = [people.students[0]!],
  lathes = [people.lathes[0]!],
  form: PlanForm = GOOD_FORM,
) {
  const id = passOn(await createExercise(people.instructor, form));
  const order = {
    form,
    draftVersion: 0,
    studentIds: students.map((student) => student.id),
    latheIds: lathes,
  };
  const done = passOn(await handOut(people.instructor, id, order));
  return { exerciseId: id, attemptId: done.attempts[0]!.id, done };
}
const order = (draftVersion: number, students: PersonView[], form: PlanForm = GOOD_FORM) => ({
  form,
  draftVersion,
  studentIds: students.map(({ id }) => id),
  latheIds: [people.lathes[0]!],
});

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
    const form = { ...(await latheForm()), graduation: '0.002' };
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

describe('the record', () => {
  test('takes entries with author, device and times, and the same one twice only once', async () => {
    const { attemptId } = await issue();
    const student = people.students[0]!;
    const sent = sentEntry({ kind: 'step', stepId: 'blank', value: 0.744 });
    const first = await appendEntry(student, attemptId, sent);
    const second = await appendEntry(student, attemptId, sent);
    expect(second).toEqual(first);
    const { entries } = passOn(await loadAttempt(student, attemptId));
    expect(entries).toEqual([
      {
        id: sent.id,
        device: sent.device,
        sequence: sent.sequence,
        after: null,
        author: student,
        deviceTime: sent.deviceTime,
        serverTime: expect.any(String) as string,
        late: false,
        content: { kind: 'step', stepId: 'blank', value: 0.744 },
      },
    ]);
  });

  test('names the field of an entry that is not well formed, keeps it aside, and holds up none behind it', async () => {
    const { attemptId } = await issue();
    const student = people.students[0]!;
    const bad = sentEntry({ kind: 'step', stepId: 'blank', value: 'x' });
    expect(await appendEntry(student, attemptId, bad)).toEqual(refused('invalid', 'content.value'));
    expect(await contentsOf(student, attemptId)).toEqual([]);
    const kept = await rowsOf<{ clientId: string; sent: string }>(
      'SELECT client_id AS clientId, sent FROM refused_entries WHERE attempt_id = ?',
      [attemptId],
    );
    expect(kept.map(({ clientId }) => clientId)).toEqual([bad.id]);
    expect(JSON.parse(kept[0]!.sent)).toMatchObject({ content: { value: 'x' } });
    expect(await appendEntry(student, attemptId, note())).toHaveProperty('done');
  });

  test('takes what is merely wrong for the work: that is judged, not refused', async () => {
    const { attemptId } = await issue();
    const wrong: EntryContent = cutOf({ n: 77, start: 1, dialReading: { value: 0.9, unit: 'in' } });
    expect(await appendEntry(people.students[0]!, attemptId, sentEntry({ ...wrong }))).toHaveProperty('done');
  });

  test('is closed to other students and other classes', async () => {
    const { attemptId } = await issue();
    expect(await appendEntry(people.students[1]!, attemptId, note())).toEqual(refused('not-found'));
    expect(await appendEntry(people.stranger, attemptId, note())).toEqual(refused('not-found'));
    expect(await loadAttempt(people.students[1]!, attemptId)).toEqual(refused('not-found'));
  });

  test('keeps the hold point to the instructor, and strike-outs to the author or the instructor', async () => {
    const { attemptId } = await issue();
    const look = { kind: 'sign-off', stepId: 'instructor-look' };
    expect(await appendEntry(people.students[0]!, attemptId, sentEntry(look))).toEqual(refused('forbidden'));
    const signed = sentEntry(look);
    passOn(await appendEntry(people.instructor, attemptId, signed));
    const strike = { kind: 'strike', entryId: signed.id, reason: 'not so' };
    expect(await appendEntry(people.students[0]!, attemptId, sentEntry(strike))).toEqual(
      refused('forbidden'),
    );
    expect(await appendEntry(people.instructor, attemptId, sentEntry(strike))).toHaveProperty('done');
  });

  test('what a student writes after handing in is late and changes nothing, until the instructor strikes that out', async () => {
    const { attemptId } = await issue();
    const student = people.students[0]!;
    const { sheet } = passOn(await loadAttempt(student, attemptId));
    const handIn = sentEntry({ kind: 'hand-in' });
    passOn(await appendEntry(student, attemptId, handIn));
    const pass = { ...cutOf(sheet!.passes[0]!) };
    expect(passOn(await appendEntry(student, attemptId, sentEntry(pass))).late).toBe(true);
    const state = () =>
      rowOf<{ state: string; passes: number }>(
        'SELECT state, passes_cut AS passes FROM attempt_summaries WHERE attempt_id = ?',
        [attemptId],
      );
    expect(await state()).toEqual({ state: 'waiting', passes: 0 });
    passOn(
      await appendEntry(
        people.instructor,
        attemptId,
        sentEntry({ kind: 'strike', entryId: handIn.id, reason: 'measure first' }),
      ),
    );
    expect(passOn(await appendEntry(student, attemptId, sentEntry(pass))).late).toBe(false);
    expect(await state()).toEqual({ state: 'cutting', passes: 1 });
  });

  test('an entry without an author is an error, not a gap', async () => {
    const { attemptId } = await issue();
    passOn(await appendEntry(people.students[0]!, attemptId, note()));
    const { sequelize } = database();
    await expect(
      sequelize.transaction(async (transaction) => {
        await sequelize.query('SET FOREIGN_KEY_CHECKS = 0', { transaction });
        await sequelize.query(
          'INSERT INTO entries (client_id, attempt_id, author_id, content, device_time, server_time) VALUES (UUID(), ?, 99999, ?, NOW(3), NOW(3))',
          { replacements: [attemptId, '{"kind":"hand-in"}'], transaction },
        );
        await sequelize.query('SET FOREIGN_KEY_CHECKS = 1', { transaction });
        const { recordsOf } = await import('./records');
        await recordsOf([attemptId], transaction);
      }),
    ).rejects.toThrow('has no author');
  });

  test('a kind of a later release is kept and blocks the mark', async () => {
    const { attemptId } = await issue();
    await database().sequelize.query(
      'INSERT INTO entries (client_id, attempt_id, author_id, author_role, format, content, device_time, server_time) VALUES (UUID(), ?, ?, ?, 2, ?, NOW(3), NOW(3))',
      { replacements: [attemptId, people.students[0]!.id, 'student', '{"kind":"photo","of":"chip"}'] },
    );
    expect(await contentsOf(people.instructor, attemptId)).toEqual([
      { kind: 'unknown', named: 'photo', format: 2 },
    ]);
    expect(await markAttempt(people.instructor, attemptId, no, 1)).toMatchObject({
      refused: { message: expect.stringContaining('Update the program') as string },
    });
  });

  test('can not be changed or deleted, even past the program', async () => {
    const { attemptId } = await issue();
    passOn(await appendEntry(people.students[0]!, attemptId, note('first')));
    const { sequelize } = database();
    for (const table of [
      'entries',
      'revisions',
      'sheets',
      'schemes',
      'hand_outs',
      'hand_out_sheets',
      'shop_revisions',
      'attempts',
    ])
      for (const sql of [`UPDATE ${table} SET id = id`, `DELETE FROM ${table}`])
        await expect(
          sequelize.query(
            sql.replace(
              'id = id',
              table === 'entries'
                ? 'seq = seq'
                : table === 'hand_out_sheets'
                  ? 'sheet_id = sheet_id'
                  : 'id = id',
            ),
          ),
        ).rejects.toThrow('append-only');
  });
});

describe('marking', () => {
  test('is for the instructor; a decision is final, a later one stands beside it', async () => {
    const { attemptId, exerciseId } = await issue();
    const student = people.students[0]!;
    passOn(await appendEntry(student, attemptId, note('done')));
    expect(await markAttempt(student, attemptId, no, 1)).toEqual(refused('forbidden'));
    expect(await markAttempt(people.stranger, attemptId, no, 1)).toEqual(refused('not-found'));
    expect(await markAttempt(people.instructor, attemptId, no, 0)).toEqual(refused('conflict'));
    const form = {
      ...no,
      lines: [{ id: 'step:blank', points: '1', reason: 'I measured it' }],
      comment: 'Try again',
    };
    expect(await markAttempt(people.instructor, attemptId, form, 1)).toMatchObject({ done: { total: 1 } });
    expect(await markAttempt(people.instructor, attemptId, no, 1)).toEqual(refused('conflict'));
    await expect(database().sequelize.query('UPDATE mark_decisions SET total = 100')).rejects.toThrow(
      'append-only',
    );
    const seen = passOn(await loadMark(student, attemptId));
    expect(seen.scheme).toBeNull();
    expect(seen.decisions).toMatchObject([
      { number: 1, by: 'Instructor', mark: { comment: 'Try again', total: 1 } },
    ]);
    expect(seen.decisions[0]?.mark.lines.find(({ id }) => id === 'step:blank')?.overrideReason).toBe(
      'I measured it',
    );

    expect(await markAttempt(people.instructor, attemptId, no, 1, 1)).toEqual(refused('invalid', 'comment'));
    const anew = { ...no, comment: 'The blank was not measured after all' };
    expect(await markAttempt(people.instructor, attemptId, anew, 1, 1)).toMatchObject({ done: { total: 0 } });
    const both = passOn(await loadMark(student, attemptId)).decisions;
    expect(both.map(({ number, mark }) => [number, mark.total])).toEqual([
      [1, 1],
      [2, 0],
    ]);

    const again = passOn(await handOut(people.instructor, exerciseId, order(1, [student])));
    const board = passOn(await classBoard(student));
    expect(board.attempts.find(({ id }) => id === again.attempts[0]?.id)?.tryNumber).toBe(2);
  });

  test('what is written after a mark is late, and changes it not', async () => {
    const { attemptId } = await issue();
    passOn(await markAttempt(people.instructor, attemptId, no, 0));
    expect(passOn(await appendEntry(people.students[0]!, attemptId, note('but'))).late).toBe(true);
    expect(passOn(await loadAttempt(people.students[0]!, attemptId)).marked).toBe(true);
  });

  test('an override without its reason is refused at its field', async () => {
    const { attemptId } = await issue([people.students[2]!]);
    const form = { ...no, lines: [{ id: 'step:blank', points: '1', reason: '' }] };
    expect(await markAttempt(people.instructor, attemptId, form, 0)).toEqual(
      refused('invalid', 'lines.step:blank.reason'),
    );
    expect(passOn(await loadAttempt(people.instructor, attemptId)).marked).toBe(false);
    expect(await loadMark(people.students[2]!, attemptId)).toEqual(refused('forbidden'));
  });
});

describe('views by role', () => {
  test('a student’s board shows nobody else', async () => {
    await issue(people.students);
    const board = passOn(await classBoard(people.students[1]!));
    expect(board.students.map(({ name }) => name)).toEqual(['Two']);
    expect(new Set(board.attempts.map(({ studentId }) => studentId))).toEqual(
      new Set([people.students[1]!.id]),
    );
    expect(board.attempts.length).toBeGreaterThan(0);
    expect(board.drafts).toEqual([]);
  });

  test('a student’s attempt carries the sheet, and nothing of plan or scheme', async () => {
    const { attemptId } = await issue();
    const view = passOn(await loadAttempt(people.students[0]!, attemptId));
    expect(Object.keys(view).sort()).toEqual([
      'entries',
      'id',
      'lathes',
      'marked',
      'revision',
      'role',
      'sheet',
      'sheetId',
      'student',
      'title',
      'tryNumber',
    ]);
  });

  test('a helper sees the floor, signs hold points and measures; does not plan, mark or cut', async () => {
    const { Person, Membership } = database().models;
    const { id } = await Person.create({ name: 'Helper', role: 'helper' });
    const { attemptId, exerciseId } = await issue();
    const { classId } = passOn(await classBoard(people.instructor));
    await Membership.create({ classId, personId: id, role: 'helper' });
    const helper: PersonView = { id, name: 'Helper', role: 'helper' };
    expect(passOn(await classBoard(helper)).students).toHaveLength(3);
    expect(
      await appendEntry(helper, attemptId, sentEntry({ kind: 'sign-off', stepId: 'instructor-look' })),
    ).toHaveProperty('done');
    const { sheet } = passOn(await loadAttempt(helper, attemptId));
    expect(await appendEntry(helper, attemptId, sentEntry({ ...cutOf(sheet!.passes[0]!) }))).toEqual(
      refused('forbidden'),
    );
    expect(await markAttempt(helper, attemptId, no, 1)).toEqual(refused('forbidden'));
    expect(await loadExercise(helper, exerciseId)).toEqual(refused('forbidden'));
  });

  test('a person of several classes has the role of each, and a board for each', async () => {
    const { Membership, SchoolClass } = database().models;
    const evening = await SchoolClass.create({ name: 'Evening class' });
    await Membership.create({ classId: evening.id, personId: people.students[1]!.id, role: 'instructor' });
    const board = passOn(await classBoard(people.students[1]!, { classId: evening.id, page: 1 }));
    expect([board.className, board.role, board.classes.length]).toEqual(['Evening class', 'instructor', 2]);
    expect(passOn(await classBoard(people.students[1]!)).role).toBe('student');
    await Membership.destroy({ where: { classId: evening.id } });
  });
});

describe('summaries', () => {
  test('equal what the record gives, after every entry, and are made anew by one command', async () => {
    const { attemptId } = await issue();
    const student = people.students[0]!;
    const { sheet } = passOn(await loadAttempt(student, attemptId));
    const contents: Record<string, unknown>[] = [
      { kind: 'step', stepId: 'blank', value: 0.744 },
      { ...cutOf(sheet!.passes[0]!) },
      { ...cutOf(sheet!.passes[1]!) },
      {
        kind: 'measurement',
        purpose: 'final',
        wire: { value: sheet!.wires.diameter, unit: 'in' },
        overWires: { start: 0.76, middle: 0.76, end: 0.76 },
        crest: 0.744,
      },
      { kind: 'hand-in' },
    ];
    const stored = () =>
      rowOf<Record<string, unknown>>(
        `SELECT state, lathe_name AS latheName, passes_cut AS passesCut, step_title AS stepTitle, entries,
          last_entry_at AS lastEntryAt, waits_for AS waitsFor, final_size AS finalSize, points, passed, sheet_id AS sheetId, hand_out_id AS handOutId
          FROM attempt_summaries WHERE attempt_id = ?`,
        [attemptId],
      );
    const check = async () => {
      const row = (await stored())!;
      const { summary, sheetId } = await derivedSummary(attemptId, Number(row.handOutId));
      expect({
        ...row,
        handOutId: undefined,
        lastEntryAt: (row.lastEntryAt as Date | null)?.toISOString() ?? null,
        points: row.points === null ? null : Number(row.points),
        passed: row.passed === null ? null : row.passed === 1,
      }).toEqual({ ...summary, sheetId, handOutId: undefined });
    };
    await check();
    for (const content of contents) {
      passOn(await appendEntry(student, attemptId, sentEntry(content)));
      await check();
    }
    passOn(await markAttempt(people.instructor, attemptId, no, contents.length));
    await check();
    expect(await rebuildSummaries('outdated', (work) => database().sequelize.transaction(work))).toBe(0);
    const before = await stored();
    await database().sequelize.query(
      "UPDATE attempt_summaries SET state = 'not-begun', deriver = 0 WHERE attempt_id = ?",
      { replacements: [attemptId] },
    );
    expect(await rebuildSummaries('outdated', (work) => database().sequelize.transaction(work))).toBe(1);
    expect(await stored()).toEqual(before);
  });
});

describe('the shop', () => {
  test('a bad lathe is refused at its field, and only the instructor keeps lathes, wires and the time zone', async () => {
    const form = await latheForm();
    expect(await saveLathe(people.instructor, null, { ...form, graduation: '0,001' })).toMatchObject({
      refused: { kind: 'invalid', fields: [{ field: 'graduation' }] },
    });
    const student = people.students[0]!;
    expect(await saveLathe(student, null, form)).toEqual(refused('forbidden'));
    expect(await setTimeZone(student, 'UTC')).toEqual(refused('forbidden'));
    expect(await setTimeZone(people.instructor, 'Europe/Nowhere')).toEqual(refused('invalid', 'timeZone'));
    passOn(await setTimeZone(people.instructor, 'Europe/Prague'));
    expect((await shopOf()).timeZone).toBe('Europe/Prague');
    const wires = {
      format: 'oyakata-gauge',
      version: 1,
      name: 'Wires',
      kind: 'wires',
      sizes: [{ value: 0.03, unit: 'in' }],
      note: null,
    } as const;
    const gauge = { ...wires, sizes: [...wires.sizes] };
    expect(await saveWires(student, gauge)).toEqual(refused('forbidden'));
    const first = passOn(await saveWires(people.instructor, gauge));
    expect(passOn(await saveWires(people.instructor, { ...gauge, sizes: [] }))).toBe(first);
  });

  test('a lathe that is put away is not offered, and stays with what was cut on it', async () => {
    const id = passOn(
      await saveLathe(people.instructor, null, { ...(await latheForm()), name: 'Old lathe' }),
    );
    const exercise = passOn(await createExercise(people.instructor, GOOD_FORM));
    passOn(await archiveLathe(people.instructor, id, true));
    expect(
      passOn(await loadExercise(people.instructor, exercise)).lathes.map(({ id: each }) => each),
    ).not.toContain(id);
    const give = { ...order(0, [people.students[0]!]), latheIds: [id] };
    expect(await handOut(people.instructor, exercise, give)).toEqual(refused('not-found'));
  });
});

test('who is forgotten leaves records and marks whole, without name or words', async () => {
  const { Person, Membership } = database().models;
  const { classId } = passOn(await classBoard(people.instructor));
  const { id } = await Person.create({ name: 'Zed Forgetme', role: 'student' });
  await Membership.create({ classId, personId: id, role: 'student' });
  const student: PersonView = { id, name: 'Zed Forgetme', role: 'student' };
  const { attemptId } = await issue([student]);
  passOn(await appendEntry(student, attemptId, note('my hands hurt')));
  passOn(await appendEntry(people.instructor, attemptId, note('Zed was late')));
  passOn(await markAttempt(people.instructor, attemptId, { ...no, comment: 'Zed, try again' }, 2));
  const before = passOn(await loadMark(people.instructor, attemptId)).decisions[0]!.mark;
  expect(await forget('Zed Forgetme')).toMatchObject([{ id }]);
  const after = passOn(await loadMark(people.instructor, attemptId));
  expect(after.student).toBe('removed');
  expect(after.entries.map(({ content, author }) => [content, author.name])).toEqual([
    [{ kind: 'note', text: 'removed' }, 'removed'],
    [{ kind: 'note', text: 'removed' }, 'Instructor'],
  ]);
  expect(after.decisions[0]!.mark).toEqual({ ...before, comment: 'removed' });
  expect((await listPeople()).map(({ name }) => name)).not.toContain('removed');
  for (const table of ['people', 'entries', 'texts', 'mark_decisions', 'refused_entries'])
    expect(JSON.stringify(await rowsOf(`SELECT * FROM ${table}`))).not.toMatch(/Zed|hands hurt/);
});

/** Until a connection stands in the queue of an attempt's lock. */
async function waitsForLock(): Promise<void> {
  for (let looks = 0; looks < 400; looks += 1) {
    const row = await rowOf<{ n: number }>(
      "SELECT COUNT(*) AS n FROM information_schema.processlist WHERE info LIKE 'SELECT attempt_id%FOR UPDATE'",
    );
    if ((row?.n ?? 0) > 0) return;
  }
  throw new Error('Nobody waits for a lock.');
}

describe('at the same moment', () => {
  test('an entry that waited for the lock counts what came while it waited', async () => {
    const { attemptId } = await issue([people.students[2]!]);
    const student = people.students[2]!;
    const holder = await database().sequelize.transaction();
    await lockedAttempt(student, attemptId, holder);
    const waiting = appendEntry(student, attemptId, note('came later'));
    // The other's first statement stands in the queue of the lock.
    await waitsForLock();
    await change(
      `INSERT INTO entries (client_id, attempt_id, author_id, author_role, format, content, device_time, server_time)
        VALUES (?, ?, ?, 'student', 2, '{"kind":"hand-in"}', NOW(3), NOW(3))`,
      [randomUUID(), attemptId, student.id],
      holder,
    );
    await holder.commit();
    passOn(await waiting);
    expect(
      await rowOf('SELECT state, entries FROM attempt_summaries WHERE attempt_id = ?', [attemptId]),
    ).toEqual({ state: 'waiting', entries: 2 });
  });

  const upTo = (count: number) => Array.from({ length: count }, (_, index) => index);
  const refusedOf = (results: readonly Outcome<unknown>[]) =>
    results.flatMap((result) => ('refused' in result ? [result.refused.kind] : []));

  test('a whole class can record: nothing waits for ever, nothing is lost', async () => {
    const { done } = await issue(people.students);
    await Promise.all(
      upTo(30).map((index) => {
        const place = index % people.students.length;
        return appendEntry(people.students[place]!, done.attempts[place]!.id, note(`note ${index}`));
      }),
    );
    const contents = await Promise.all(done.attempts.map(({ id }) => contentsOf(people.instructor, id)));
    const texts = contents.flat().map((content) => (content.kind === 'note' ? content.text : content.kind));
    expect(texts.sort()).toEqual(
      upTo(30)
        .map((index) => `note ${index}`)
        .sort(),
    );
  });

  test('the same entry is recorded once', async () => {
    const { attemptId } = await issue();
    const entry = note('sent twice');
    const answers = await Promise.all(upTo(5).map(() => appendEntry(people.students[0]!, attemptId, entry)));
    expect(new Set(answers.map((answer) => 'done' in answer && answer.done.id))).toEqual(new Set([entry.id]));
    expect(await contentsOf(people.instructor, attemptId)).toHaveLength(1);
  });

  test('an exercise is handed out once, and marked once', async () => {
    const id = passOn(await createExercise(people.instructor, GOOD_FORM));
    const out = await Promise.all(
      upTo(4).map(() => handOut(people.instructor, id, order(0, [people.students[0]!]))),
    );
    expect(refusedOf(out)).toEqual(['conflict', 'conflict', 'conflict']);
    const issued = out.flatMap((result) => ('done' in result ? result.done.attempts : []));
    const marks = await Promise.all(upTo(4).map(() => markAttempt(people.instructor, issued[0]!.id, no, 0)));
    expect(refusedOf(marks)).toEqual(['conflict', 'conflict', 'conflict']);
    expect(passOn(await loadAttempt(people.instructor, issued[0]!.id)).marked).toBe(true);
  });

  test('a draft saved by two windows keeps the first', async () => {
    const id = passOn(await createExercise(people.instructor, GOOD_FORM));
    const answers = await Promise.all(
      upTo(4).map((window) =>
        saveDraft(people.instructor, id, { ...GOOD_FORM, title: `Window ${window}` }, 0),
      ),
    );
    expect(refusedOf(answers)).toHaveLength(3);
    const first = answers.findIndex((answer) => 'done' in answer);
    expect(passOn(await loadExercise(people.instructor, id)).form.title).toBe(`Window ${first}`);
  });

  test('one id for two attempts is taken once, the other is refused by name', async () => {
    const { done } = await issue(people.students);
    const [one, two] = done.attempts.map(({ id }) => id);
    for (let round = 0; round < 10; round += 1) {
      const entry = note('once');
      const answers = await Promise.all([
        appendEntry(people.instructor, one!, entry),
        appendEntry(people.instructor, two!, entry),
      ]);
      expect(refusedOf(answers)).toEqual(['conflict']);
    }
  });
});

describe('the same id', () => {
  test('with other content is refused by name, with the same content answered as the first time', async () => {
    const { attemptId } = await issue();
    const student = people.students[0]!;
    const entry = note('one');
    passOn(await appendEntry(student, attemptId, entry));
    const other = { ...entry, content: { kind: 'note', text: 'two' } };
    expect(await appendEntry(student, attemptId, other)).toEqual(refused('conflict', 'id'));
    expect(await appendEntry(student, attemptId, entry)).toHaveProperty('done.content.text', 'one');
  });

  test('of a strike-out is known again although the entry is struck by then', async () => {
    const { attemptId } = await issue();
    const student = people.students[0]!;
    const entry = note('one');
    passOn(await appendEntry(student, attemptId, entry));
    const strike = sentEntry({ kind: 'strike', entryId: entry.id, reason: 'not so' });
    passOn(await appendEntry(student, attemptId, strike));
    expect(await appendEntry(student, attemptId, strike)).toHaveProperty('done.id', strike.id);
    const other = { ...strike, content: { ...strike.content, reason: 'other' } };
    expect(await appendEntry(student, attemptId, other)).toEqual(refused('conflict', 'id'));
  });
});

test('news are the entries behind those known, and whether it is marked', async () => {
  const { attemptId } = await issue();
  const student = people.students[0]!;
  for (const text of ['one', 'two', 'three']) passOn(await appendEntry(student, attemptId, note(text)));
  const news = passOn(await attemptNews(people.instructor, attemptId, 2));
  expect(news.marked).toBe(false);
  expect(news.entries.map(({ content }) => content)).toEqual([{ kind: 'note', text: 'three' }]);
  expect(passOn(await attemptNews(student, attemptId, 9)).entries).toEqual([]);
  expect(await attemptNews(people.students[1]!, attemptId, 0)).toEqual(refused('not-found'));
  passOn(await markAttempt(people.instructor, attemptId, no, 3));
  expect(passOn(await attemptNews(student, attemptId, 3))).toMatchObject({ entries: [], marked: true });
});

async function latheForm() {
  const { latheFormOf, usualLathe } = await import('@/core/lathe');
  return latheFormOf(usualLathe('in', 'Lathe 1'));
}

describe('sessions', () => {
  test('are known by their token until they end, and stored as a hash only', async () => {
    const student = people.students[0]!;
    const token = await openSession(student.id);
    expect(await personOfSession(token)).toEqual(student);
    const rows = await database().models.SessionRow.findAll();
    expect(JSON.stringify(rows)).not.toContain(token);
    await endSession(token);
    expect(await personOfSession(token)).toBeNull();
  });

  test.each(['', 'x'.repeat(43), 'Fe26.2*1*abc', `${'a'.repeat(43)}\n`, '🔑'.repeat(20)])(
    '%p is nobody',
    async (token) => {
      expect(await personOfSession(token)).toBeNull();
      await endSession(token);
    },
  );

  test('are over when they were not used for a month; the last use is noted once an hour', async () => {
    const student = people.students[0]!;
    const token = await openSession(student.id);
    const { SessionRow: Row } = database().models;
    const set = (hours: number) =>
      Row.update({ seenAt: new Date(Date.now() - hours * 3_600_000) }, { where: { personId: student.id } });
    await set(2);
    expect(await personOfSession(token)).toEqual(student);
    const [row] = await Row.findAll({ where: { personId: student.id }, order: [['opened_at', 'DESC']] });
    expect(Date.now() - row!.seenAt.getTime()).toBeLessThan(60_000);
    await set(31 * 24);
    expect(await personOfSession(token)).toBeNull();
  });
});
