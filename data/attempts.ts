import 'server-only';
import { isDeepStrictEqual } from 'node:util';
import type { Transaction } from 'sequelize';
import { attemptState, readEntry, type Entry, type EntryForm } from '@/core/attempt';
import type { FieldIssue } from '@/core/errors/field-issue';
import { derivePlan, type Plan } from '@/core/plan';
import { visibleAttempt } from './access';
import { database } from './database';
import { conflict, forbidden, isDuplicate } from './errors';
import type { PersonView } from './people';
import { marksOf, recordsOf, type MarkView } from './records';
import { storedJson } from './stored-json';

export interface AttemptView {
  id: number;
  exerciseId: number;
  revision: number;
  tryNumber: number;
  student: { id: number; name: string };
  plan: Plan;
  entries: Entry[];
  mark: MarkView | null;
}

export async function loadAttempt(
  viewer: PersonView,
  attemptId: number,
  transaction?: Transaction,
): Promise<AttemptView> {
  const { attempt, revision } = await visibleAttempt(viewer, attemptId, transaction);
  const student = await database().models.Person.findByPk(attempt.studentId, {
    rejectOnEmpty: true,
    transaction,
  });
  const records = await recordsOf([attemptId], transaction);
  const marks = await marksOf([attemptId], transaction);
  return {
    id: attempt.id,
    exerciseId: revision.exerciseId,
    revision: revision.number,
    tryNumber: attempt.tryNumber,
    student: { id: student.id, name: student.name },
    plan: JSON.parse(revision.plan) as Plan,
    entries: records.get(attemptId) ?? [],
    mark: marks.get(attemptId) ?? null,
  };
}

/** What has come into a record since: the entries behind the first `after`, and whether it is marked. */
export interface AttemptNews {
  entries: Entry[];
  marked: boolean;
}

/** News of an attempt for a page that knows its first `after` entries. */
export async function attemptNews(
  viewer: PersonView,
  attemptId: number,
  after: number,
): Promise<AttemptNews> {
  await visibleAttempt(viewer, attemptId);
  const [records, marks] = await Promise.all([recordsOf([attemptId]), marksOf([attemptId])]);
  return { entries: (records.get(attemptId) ?? []).slice(after), marked: marks.has(attemptId) };
}

/** An expected outcome of an action: done, or refused at named fields. */
export type Outcome<T> = { done: T } | { issues: FieldIssue[] };

/**
 * Adds one entry to a record. Sending the same entry again changes nothing and answers with the one that stands.
 * Times: `deviceTime` as sent, server time now.
 */
export async function appendEntry(
  viewer: PersonView,
  attemptId: number,
  form: EntryForm,
): Promise<Outcome<Entry>> {
  return append(viewer, attemptId, form).catch((error: unknown) => {
    // Two attempts were given the same id at one moment: the lock of an attempt does not see the other.
    if (isDuplicate(error)) throw foreignId();
    throw error;
  });
}

const foreignId = () => conflict('This id belongs to another entry. Make a new one.', 'id');

function append(viewer: PersonView, attemptId: number, form: EntryForm): Promise<Outcome<Entry>> {
  return database().sequelize.transaction(async (transaction) => {
    const view = await loadAttempt(viewer, attemptId, transaction);
    const repeated = await sentBefore(viewer, view, form, transaction);
    if (repeated !== null) return { done: repeated };
    if (view.mark !== null)
      throw conflict('This attempt is marked and closed. Its record takes no more entries.');
    refuseByRole(viewer, view, form);
    const read = readEntry(form, derivePlan(view.plan), view.entries);
    if (!read.ok) return { issues: read.issues };
    const serverTime = new Date();
    await database().models.EntryRow.create(
      {
        clientId: form.id,
        attemptId,
        authorId: viewer.id,
        content: storedJson(read.value),
        deviceTime: new Date(form.deviceTime),
        serverTime,
      },
      { transaction },
    );
    return {
      done: {
        id: form.id,
        author: viewer,
        deviceTime: form.deviceTime,
        serverTime: serverTime.toISOString(),
        content: read.value,
      },
    };
  });
}

async function sentBefore(
  viewer: PersonView,
  view: AttemptView,
  form: EntryForm,
  transaction: Transaction,
): Promise<Entry | null> {
  const row = await database().models.EntryRow.findOne({ where: { clientId: form.id }, transaction });
  if (row === null) return null;
  const place = view.entries.findIndex(({ id }) => id === form.id);
  const entry = view.entries[place];
  if (entry === undefined || entry.author.id !== viewer.id) throw foreignId();
  // The same entry, read against the record as it was then, says the same; other content is another entry.
  const read = readEntry(form, derivePlan(view.plan), view.entries.slice(0, place));
  if (!read.ok || !isDeepStrictEqual(read.value, entry.content)) throw foreignId();
  return entry;
}

function refuseByRole(viewer: PersonView, view: AttemptView, form: EntryForm): void {
  if (form.kind === 'sign-off' && viewer.role !== 'instructor')
    throw forbidden('Only the instructor signs off a hold point.');
  if (viewer.role === 'instructor') return;
  const waiting = attemptState(view.entries, false) === 'waiting';
  if (waiting && form.kind !== 'note') {
    throw conflict('The work is handed in. Ask the instructor to hand it back for a correction.');
  }
  if (form.kind === 'strike') {
    const target = view.entries.find(({ id }) => id === form.entryId);
    if (target !== undefined && target.author.id !== viewer.id)
      throw forbidden('Only its author or the instructor strikes an entry out.');
  }
}
