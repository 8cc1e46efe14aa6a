import { NO_BOOK } from '@/core/exercise/plan/plan-book';
import 'server-only';
import { randomUUID } from 'node:crypto';
import { addDays } from 'date-fns/addDays';
import { setHours } from 'date-fns/setHours';
import { setMinutes } from 'date-fns/setMinutes';
import { startOfDay } from 'date-fns/startOfDay';
import { subMinutes } from 'date-fns/subMinutes';
import type { Transaction } from 'sequelize';
import { confirmMark } from '@/core/exercise/marking/confirm-mark';
import { proposeMark } from '@/core/exercise/marking/propose-mark';
import { saidInMark, withSaid } from '@/core/exercise/marking/mark';
import { schemeFor } from '@/core/exercise/marking/scheme-of-plan';
import type { Scheme } from '@/core/exercise/marking/scheme';
import { draftDocument } from '@/core/exercise/plan/draft';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import type { Plan } from '@/core/exercise/plan/plan';
import { ENTRY_KINDS } from '@/core/exercise/record/entry/kinds';
import type { Entry, Role } from '@/core/exercise/record/entry/entry';
import type { BookKind } from '@/core/machine/book/book';
import { wireSet } from '@/core/measuring/gauging/gauge';
import { USUAL_WORDS } from '@/core/machine/shop/words';
import { sheetFor } from '@/core/exercise/sheet/sheet-for';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { setSecret } from '@/data/credentials';
import { database } from '@/data/database';
import { freezeScheme, freezeSheet, makeAttempt } from '@/data/hand-out';
import { change, insertRow } from '@/data/query';
import { freeTextOf } from '@/data/records';
import { storedJson } from '@/data/stored-json';
import { rebuildSummaries } from '@/data/summaries';
import { keepTexts } from '@/data/texts';
import { DEMO_CLASS_CODE, DEMO_PASSWORD, DEMO_PIN } from './accounts';
import { BOOK } from './book';
import { LATHES, type LatheName } from './lathes';
import { CLASS_NAME, EXERCISES, HELPER, INSTRUCTOR, STUDENTS, WIRES, type DemoExercise } from './shop';
import { tellStory } from './story';

type Author = Entry['author'];

/** What the demo exercises are handed out with. */
interface DemoClass {
  classId: number;
  instructor: Author;
  students: ReadonlyMap<string, Author>;
  /** Revision of each lathe in the shop, by its name. */
  lathes: ReadonlyMap<string, number>;
}

/**
 * Loads the demo shop into an empty database; leaves any other alone. A small one has the people and the shop, and one
 * exercise. Returns whether it did.
 */
export async function loadDemoShop(now: Date, small = false): Promise<boolean> {
  const { sequelize, models } = database();
  if ((await models.Person.count()) > 0) return false;
  await sequelize.transaction(async (transaction) => {
    const school = await peopleAndShop(now, transaction);
    for (const demo of small ? EXERCISES.slice(-1) : EXERCISES)
      await loadExercise(demo, school, now, transaction);
  });
  await rebuildSummaries('all', (work) => sequelize.transaction(work));
  return true;
}

async function peopleAndShop(now: Date, transaction: Transaction): Promise<DemoClass> {
  const { Person, SchoolClass, Membership } = database().models;
  const school = await SchoolClass.create({ name: CLASS_NAME }, { transaction });
  await change('UPDATE classes SET code = ? WHERE id = ?', [DEMO_CLASS_CODE, school.id], transaction);
  const join = async (name: string, role: Role): Promise<Author> => {
    const { id } = await Person.create({ name, role }, { transaction });
    await Membership.create({ classId: school.id, personId: id, role }, { transaction });
    const [kind, secret] =
      role === 'student' ? (['pin', DEMO_PIN] as const) : (['password', DEMO_PASSWORD] as const);
    await setSecret(id, kind, secret, transaction);
    return { id, name, role };
  };
  const instructor = await join(INSTRUCTOR, 'instructor');
  const students = new Map<string, Author>();
  for (const name of STUDENTS) students.set(name, await join(name, 'student'));
  await join(HELPER, 'helper');
  await change('UPDATE credentials SET demo = 1', [], transaction);
  const lathes = new Map<string, number>();
  const item = async (kind: 'lathe' | BookKind, document: object) => {
    const itemId = await insertRow(
      'INSERT INTO shop_items (kind, created_at) VALUES (?, ?)',
      [kind, now],
      transaction,
    );
    return insertRow(
      'INSERT INTO shop_revisions (item_id, number, document, issued_by_id, issued_at) VALUES (?, 1, ?, ?, ?)',
      [itemId, storedJson(document), instructor.id, now],
      transaction,
    );
  };
  for (const [name, lathe] of Object.entries(LATHES)) lathes.set(name, await item('lathe', lathe));
  await item('gauge', wireSet('Measuring wires', [...WIRES]));
  for (const [kind, records] of Object.entries(BOOK))
    for (const record of records) await item(kind as BookKind, record);
  return { classId: school.id, instructor, students, lathes };
}

async function loadExercise(
  demo: DemoExercise,
  school: DemoClass,
  now: Date,
  transaction: Transaction,
): Promise<void> {
  const { plan, scheme } = planOf(demo);
  const issuedAt = morning(now, demo.issuedDaysAgo);
  const by = school.instructor.id;
  const exerciseId = await insertRow(
    'INSERT INTO exercises (class_id, draft, title, thread, revision, created_at, updated_at) VALUES (?, ?, ?, ?, 1, ?, ?)',
    [
      school.classId,
      storedJson(draftDocument(demo.form)),
      plan.title,
      plan.thread.designation,
      issuedAt,
      issuedAt,
    ],
    transaction,
  );
  const revisionId = await insertRow(
    'INSERT INTO revisions (exercise_id, number, plan, issued_by_id, issued_at) VALUES (?, 1, ?, ?, ?)',
    [exerciseId, storedJson(plan), by, issuedAt],
    transaction,
  );
  const schemeId = await freezeScheme(scheme, transaction);
  const handOutId = await insertRow(
    'INSERT INTO hand_outs (exercise_id, revision_id, class_id, scheme_id, handed_by_id, handed_at) VALUES (?, ?, ?, ?, ?, ?)',
    [exerciseId, revisionId, school.classId, schemeId, by, issuedAt],
    transaction,
  );
  const sheets: { id: number; name: string; sheet: Sheet }[] = [];
  for (const name of demo.lathes) {
    const sheet = sheetOn(plan, name);
    const latheRevisionId = school.lathes.get(name) ?? 0;
    sheets.push({
      id: await freezeSheet(handOutId, revisionId, latheRevisionId, sheet, issuedAt, transaction),
      name,
      sheet,
    });
  }
  const [first] = sheets;
  if (first === undefined) throw new Error(`${plan.title} has no lathe`);
  const choice = sheets.length === 1 ? null : { sheetId: first.id, name: first.name };
  const hand = { exerciseId, handOutId, schemeId, classId: school.classId, revisionId };
  for (const [index, { student, daysAgo, story }] of demo.attempts.entries()) {
    const author = school.students.get(student);
    if (author === undefined) throw new Error(`${student} is not in the class`);
    const attemptId = await makeAttempt(hand, author.id, issuedAt, transaction);
    const begin = daysAgo === 0 ? subMinutes(now, 170) : morning(now, daysAgo);
    const people = { student: author, instructor: school.instructor };
    const spread = ((index * 37) % 19) / 9 - 1;
    const entries = tellStory(first.sheet, story, people, begin, spread, randomUUID, choice);
    for (const entry of entries) await writeEntry(attemptId, entry, transaction);
    if (story.until === 'marked')
      await writeMark(
        attemptId,
        first.sheet,
        scheme,
        entries,
        story.comment ?? '',
        by,
        addDays(begin, 1),
        transaction,
      );
  }
}

async function writeEntry(attemptId: number, entry: Entry, transaction: Transaction): Promise<void> {
  const { content } = entry;
  const said: Record<string, string> = {};
  const stored: Record<string, unknown> = { ...content };
  for (const field of freeTextOf(content)) {
    if (stored[field] === '') continue;
    said[field] = String(stored[field]);
    stored[field] = '…';
  }
  await change(
    `INSERT INTO entries (client_id, attempt_id, author_id, author_role, after_id, format, content, device_time, server_time)
      VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [
      entry.id,
      attemptId,
      entry.author.id,
      entry.author.role,
      entry.after,
      formatOf(content),
      storedJson(stored),
      new Date(entry.deviceTime),
      new Date(entry.serverTime),
    ],
    transaction,
  );
  await keepTexts('entry', entry.id, entry.author.id, said, transaction);
}

async function writeMark(
  attemptId: number,
  sheet: Sheet,
  scheme: Scheme,
  entries: readonly Entry[],
  comment: string,
  by: number,
  at: Date,
  transaction: Transaction,
): Promise<void> {
  const form = { lines: [], capReason: '', comment };
  const confirmed = confirmMark(proposeMark(sheet, scheme, entries), scheme, form);
  if (!confirmed.ok) throw new Error(confirmed.issues[0]?.message);
  const mark = confirmed.value;
  const id = await insertRow(
    'INSERT INTO mark_decisions (attempt_id, number, mark, total, decided_by_id, decided_at) VALUES (?, 1, ?, ?, ?, ?)',
    [attemptId, storedJson(withSaid(mark, () => '…')), mark.total.toFixed(2), by, at],
    transaction,
  );
  await keepTexts('mark', String(id), by, saidInMark(mark), transaction);
}

function planOf(demo: DemoExercise): { plan: Plan; scheme: Scheme } {
  const { plan, issues, inputs } = readPlan(demo.form);
  if (plan === null || inputs.marking === undefined)
    throw new Error(`${demo.form.title}: ${issues[0]?.message ?? ''}`);
  return { plan, scheme: schemeFor(inputs.marking, plan) };
}

function formatOf({ kind }: Entry['content']): number {
  return kind === 'unknown' ? 1 : ENTRY_KINDS[kind].format;
}

/** The sheet of a plan on a lathe of the demo shop. */
export function sheetOn(plan: Plan, name: LatheName): Sheet {
  return sheetFor({ plan, lathe: LATHES[name], book: NO_BOOK, words: USUAL_WORDS });
}

/** Half past eight in the morning, some days ago. */
function morning(now: Date, daysAgo: number): Date {
  return setMinutes(setHours(startOfDay(addDays(now, -daysAgo)), 8), 30);
}
