import { randomUUID } from 'node:crypto';
import { subHours } from 'date-fns';
import { EMPTY_PLAN_FORM, withLeaf } from '@/core/exercise/plan/draft';
import { ENTRY_KINDS, type KnownKind } from '@/core/exercise/record/entry/kinds';
import type { Entry } from '@/core/exercise/record/entry/entry';
import { latheFormOf } from '@/core/machine/lathe/form/lathe-form-of';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { loadAttempt } from '@/data/attempts';
import { database } from '@/data/database';
import { createExercise, loadExercise, saveDraft } from '@/data/exercises';
import { handOut, makeAttempt } from '@/data/hand-out';
import { passOn } from '@/data/outcome';
import type { PersonView } from '@/data/people';
import { change, rowOf, rowsOf } from '@/data/query';
import { saveLathe } from '@/data/shop';
import { storedJson } from '@/data/stored-json';
import { rebuildSummaries } from '@/data/summaries';
import { tellStory } from '@/demo/story';

const STUDENTS = 40;
const EXERCISES = 30;
const TRIES = 4;
const ENTRIES_EACH = 37;

export interface FilledClass {
  instructor: PersonView;
  attemptIds: number[];
  entries: number;
}

/** A class at the end of its terms: 40 students, 30 exercises, 4 tries, 37 entries each. Says how long summaries take. */
export async function fillClass(): Promise<FilledClass> {
  const { Person, SchoolClass, Membership } = database().models;
  const school = await SchoolClass.create({ name: 'Bench class' });
  const join = async (name: string, role: 'instructor' | 'student'): Promise<PersonView> => {
    const { id } = await Person.create({ name, role });
    await Membership.create({ classId: school.id, personId: id, role });
    return { id, name, role };
  };
  const instructor = await join('Bench instructor', 'instructor');
  const students: PersonView[] = [];
  for (let n = 1; n <= STUDENTS; n += 1) students.push(await join(`Bench student ${n}`, 'student'));
  const latheId = passOn(await saveLathe(instructor, null, latheFormOf(usualLathe('in', 'Bench lathe'))));
  const attemptIds: number[] = [];
  for (let n = 1; n <= EXERCISES; n += 1)
    attemptIds.push(...(await handOutTo(instructor, students, latheId, n)));
  await copyRecord(instructor, attemptIds);
  const begin = performance.now();
  await rebuildSummaries('all', (work) => database().sequelize.transaction(work));
  console.log(
    `  ${attemptIds.length} summaries made from their records in ${((performance.now() - begin) / 1000).toFixed(1)} s`,
  );
  const count = await rowOf<{ n: number }>('SELECT COUNT(*) AS n FROM entries');
  return { instructor, attemptIds, entries: count?.n ?? 0 };
}

async function handOutTo(
  instructor: PersonView,
  students: readonly PersonView[],
  latheId: number,
  n: number,
): Promise<number[]> {
  const id = passOn(await createExercise(instructor));
  const { draftVersion } = passOn(await loadExercise(instructor, id));
  const form = withLeaf(
    { ...EMPTY_PLAN_FORM, title: `Bench exercise ${n}` },
    'thread.designation',
    '3/4-16 UNF-2A',
  );
  const { draftVersion: saved } = passOn(await saveDraft(instructor, id, form, draftVersion));
  const order = {
    form,
    draftVersion: saved,
    studentIds: students.map((each) => each.id),
    latheIds: [latheId],
  };
  const { attempts } = passOn(await handOut(instructor, id, order));
  const hand = await rowOf<{
    exerciseId: number;
    handOutId: number;
    schemeId: number;
    classId: number;
    revisionId: number;
  }>(
    `SELECT h.exercise_id AS exerciseId, h.id AS handOutId, h.scheme_id AS schemeId, h.class_id AS classId, h.revision_id AS revisionId
      FROM hand_outs h WHERE h.exercise_id = ?`,
    [id],
  );
  if (hand === null) throw new Error('Nothing was handed out');
  const again: number[] = [];
  await database().sequelize.transaction(async (transaction) => {
    for (let tried = 2; tried <= TRIES; tried += 1)
      for (const student of students)
        again.push(await makeAttempt(hand, student.id, new Date(), transaction));
  });
  return [...attempts.map((attempt) => attempt.id), ...again];
}

/** Tells one record and copies it to every attempt, each entry with an id of its own. */
async function copyRecord(instructor: PersonView, attemptIds: readonly number[]): Promise<void> {
  const [first] = attemptIds;
  if (first === undefined) throw new Error('No attempts');
  const { sheet } = passOn(await loadAttempt(instructor, first));
  if (sheet === null) throw new Error('No sheet');
  const people = { student: instructor, instructor };
  const told = tellStory(sheet, { until: 'waiting' }, people, subHours(new Date(), 5), 0.3, randomUUID);
  const record = Array.from({ length: ENTRIES_EACH }, (_, index) => told[index % told.length] as Entry);
  for (const { id, author, content, deviceTime, serverTime } of record.map((entry) => ({
    ...entry,
    id: randomUUID(),
  })))
    await change(
      `INSERT INTO entries (client_id, attempt_id, author_id, author_role, format, content, device_time, server_time)
        VALUES (?, ?, ?, ?, ?, ?, ?, ?)`,
      [
        id,
        first,
        author.id,
        author.role,
        ENTRY_KINDS[content.kind as KnownKind].format,
        storedJson(content),
        new Date(deviceTime),
        new Date(serverTime),
      ],
    );
  const rows = await rowsOf<{ id: number }>(
    'SELECT attempt_id AS id FROM attempt_summaries WHERE attempt_id > ?',
    [first],
  );
  for (let from = 0; from < rows.length; from += 200) {
    const ids = rows.slice(from, from + 200).map(({ id }) => id);
    await change(
      `INSERT INTO entries (client_id, attempt_id, author_id, author_role, format, content, device_time, server_time)
        SELECT UUID(), s.attempt_id, IF(e.author_role = 'student', s.student_id, e.author_id), e.author_role, e.format, e.content,
          e.device_time, e.server_time
        FROM attempt_summaries s JOIN entries e ON e.attempt_id = ? WHERE s.attempt_id IN (?) ORDER BY s.attempt_id, e.seq`,
      [first, ids],
    );
  }
}
