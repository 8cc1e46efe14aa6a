import { randomUUID } from 'node:crypto';
import type { PlanForm } from '@/core/exercise/plan/draft';
import { ENTRY_KINDS, type EntryContent } from '@/core/exercise/record/entry/kinds';
import { cutOf, HANDED_IN, stepDone } from '@/core/test/record';
import { appendEntry } from './append-entry';
import { loadAttempt, lockedAttempt } from './attempts';
import { database } from './database';
import { createExercise, loadExercise, saveDraft } from './exercises';
import { handOut } from './hand-out';
import { markAttempt } from './marks';
import { passOn, type Outcome } from './outcome';
import type { PersonView } from './people';
import { change, rowOf, rowsOf } from './query';
import { classDatabase, contentsOf, NO_MARKS, note, refused } from './test/class-database';
import { GOOD_FORM, HELPER_SIGNS, sentEntry } from './test/fresh-database';

const { people, issue, order } = classDatabase();

describe('the record', () => {
  test('takes entries with author, device and times, and the same one twice only once', async () => {
    const { attemptId } = await issue();
    const student = people.students[0]!;
    const sent = sentEntry({ ...stepDone('blank', 0.744) });
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
        content: stepDone('blank', 0.744),
      },
    ]);
  });

  test('names the field of an entry that is not well formed, keeps it aside, and holds up none behind it', async () => {
    const { attemptId } = await issue();
    const student = people.students[0]!;
    const bad = sentEntry({ ...stepDone('blank'), value: 'x' });
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
    const handIn = sentEntry({ ...HANDED_IN });
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

  test('one that stands is known again, also where a stricter release would not take it any more', async () => {
    const { attemptId } = await issue();
    const [student] = people.students;
    const sent = note();
    passOn(await appendEntry(student!, attemptId, sent));
    const kind = ENTRY_KINDS.note as { refuses?: (content: object) => object };
    const { refuses } = kind;
    kind.refuses = () => ({ field: 'text', code: 'unreadable', message: 'Not any more.' });
    try {
      expect(await appendEntry(student!, attemptId, note())).toEqual(refused('invalid', 'content.text'));
      expect(passOn(await appendEntry(student!, attemptId, sent)).id).toBe(sent.id);
    } finally {
      Object.assign(kind, { refuses });
    }
    expect(await contentsOf(student!, attemptId)).toHaveLength(1);
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
      { kind: 'unknown', named: 'photo', format: 2, name: null },
    ]);
    expect(await markAttempt(people.instructor, attemptId, NO_MARKS, 1)).toMatchObject({
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
    const marks = await Promise.all(
      upTo(4).map(() => markAttempt(people.instructor, issued[0]!.id, NO_MARKS, 0)),
    );
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

test('a helper signs the hold points that the plan lets a helper sign, and no other; each may send back', async () => {
  const { id } = await database().models.Person.create({ name: 'Helper', role: 'helper' });
  const helper: PersonView = { id, name: 'Helper', role: 'helper' };
  await database().models.Membership.create({ classId: 1, personId: id, role: 'helper' });
  const signed = async (form: PlanForm) => {
    const { attemptId } = await issue([people.students[2]!], [people.lathes[0]!], form);
    const outcome = await appendEntry(
      helper,
      attemptId,
      sentEntry({ kind: 'sign-off', stepId: 'instructor-look' }),
    );
    const back = { kind: 'sent-back', stepId: 'instructor-look', reason: 'sleeves', stands: null };
    expect(await appendEntry(helper, attemptId, sentEntry(back))).toHaveProperty('done');
    expect(await appendEntry(people.students[2]!, attemptId, sentEntry(back))).toEqual(refused('forbidden'));
    return outcome;
  };
  expect(await signed(GOOD_FORM)).toEqual(refused('forbidden'));
  expect(await signed(HELPER_SIGNS)).toHaveProperty('done');
});
