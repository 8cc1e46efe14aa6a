import 'server-only';
import { isDeepStrictEqual } from 'node:util';
import type { Transaction } from 'sequelize';
import { checkContent } from '@/core/exercise/record/entry/check-content';
import { ENTRY_KINDS, type EntryContent } from '@/core/exercise/record/entry/kinds';
import { hasRoom } from '@/core/exercise/record/entry/room';
import { readStoredEntry } from '@/core/exercise/record/entry/read-stored-entry';
import { summaryOf } from '@/core/exercise/record/shown/summary';
import type { Entry, Role } from '@/core/exercise/record/entry/entry';
import type { EntryEnvelope } from '@/core/exercise/record/entry/entry-envelope';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { readAnswer } from '@/core/learning/worksheet/judge-answer';
import { TRIES_BEFORE_TOLD } from '@/core/learning/worksheet/asks';
import { lockedAttempt, type AttemptRow } from './attempts';
import { database } from './database';
import { isDuplicate } from './errors';
import { sheetOf } from './frozen';
import { conflict, forbidden, notFound, outcomeOf, refuse, refuseFields, type Outcome } from './outcome';
import type { PersonView } from './people';
import { change, rowsOf } from './query';
import { knownRecord } from './known-records';
import { freeTextOf } from './records';
import { storedJson } from './stored-json';
import { sheetIdOf, sheetIdsOfHandOut, writeSummary } from './summaries';
import { keepTexts, PUT_APART } from './texts';

/** The way by which an entry reaches the server. */
export interface Arrival {
  /**
   * A bench counts its entries of each attempt and keeps them until they are taken: none may come before the one ahead of
   * it. A page at the desk sends one at a time, as it is made, and counts nothing.
   */
  inOrder: boolean;
}

/** The code of the refusal that names the number awaited. */
const AWAITS = 'awaits';

/**
 * Adds one entry to a record, and its summary in the same transaction. The server takes every well-formed entry of its
 * author: whether it should come now was the device's to ask. Sending the same entry again changes nothing and answers
 * with the one that stands. What is refused is kept beside the record, and holds up nothing behind it.
 */
export async function appendEntry(
  viewer: PersonView,
  attemptId: number,
  sent: EntryEnvelope,
  how: Arrival = { inOrder: false },
): Promise<Outcome<Entry>> {
  const outcome = await outcomeOf(() =>
    database()
      .sequelize.transaction((transaction) => append(viewer, attemptId, sent, how, transaction))
      .catch((error: unknown) => {
        // The same entry id was sent to two attempts at the same moment. Each attempt has its own lock, so only the
        // database notices.
        if (isDuplicate(error)) return foreignId();
        throw error;
      }),
  );
  if ('refused' in outcome && !NOT_KEPT.has(outcome.refused.kind) && outcome.refused.code !== AWAITS)
    await keepRefused(viewer, attemptId, sent, outcome.refused.message);
  return outcome;
}

/**
 * With these codes the entry is not stored as refused: the device sends it again later, or its attempt is not known here.
 */
const NOT_KEPT: ReadonlySet<string> = new Set(['not-found', 'later']);

const foreignId = () => conflict('This id belongs to another entry. Make a new one.', 'id');

async function append(
  viewer: PersonView,
  attemptId: number,
  sent: EntryEnvelope,
  { inOrder }: Arrival,
  transaction: Transaction,
): Promise<Entry> {
  const row = await lockedAttempt(viewer, attemptId, transaction);
  const { role } = row;
  if (role === null || (role === 'student' && row.studentId !== viewer.id)) return notFound('attempt');
  // What a bench keeps is its student's, of the own piece: staff sign with their own session.
  if (inOrder && (role !== 'student' || row.studentId !== viewer.id)) return notFound('attempt');
  const entries = await knownRecord(attemptId, transaction);
  const repeated = entries.find(({ id }) => id === sent.id);
  // This entry is stored already. It is not checked again: a later release may be stricter than the one that took it.
  if (repeated !== undefined) return sameEntry(viewer, repeated, sent);
  if (!hasRoom(entries.length, role))
    return conflict('This record is full: it takes nothing more. Tell your instructor.', 'content');
  if (inOrder) await refuseGap(viewer, attemptId, sent, entries, transaction);
  const sheet = row.sheetId === null ? null : await sheetOf(row.sheetId, transaction);
  const checked = checkContent(sent.format, sent.content, sheet);
  if (checked.how === 'later') return notYet(checked.what);
  if (checked.how === 'refused') return refuseFields(checked.issues);
  const { content } = checked;
  if (inOrder && ENTRY_KINDS[content.kind].needsNetwork) return forbidden('This is not recorded at a bench.');
  refuseByRole(viewer, role, content, entries);
  if (content.kind === 'lathe') await refuseLathe(row, content.sheetId, transaction);
  if (content.kind === 'sign-off' && role === 'helper') refuseHelper(sheet, content.stepId);
  if (content.kind === 'worksheet') refuseAnswer(sheet, content, entries);

  const { device, sequence } = placeOf(role, sent);
  const serverTime = new Date();
  const late = row.decision !== null || (row.state === 'waiting' && role === 'student');
  // Stored as it was sent, in its own format. A later release lifts it when it reads it.
  const { stored, said } = apart(sent.content);
  await change(
    `INSERT INTO entries (client_id, attempt_id, author_id, author_role, device, sequence, after_id, format, late, content,
      device_time, server_time) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [
      sent.id,
      attemptId,
      viewer.id,
      role,
      device,
      sequence,
      sent.after ?? null,
      sent.format,
      late ? 1 : 0,
      storedJson(stored),
      new Date(sent.deviceTime),
      serverTime,
    ],
    transaction,
  );
  await keepTexts('entry', sent.id, viewer.id, said, transaction);
  const entry: Entry = {
    id: sent.id,
    device,
    sequence,
    after: sent.after ?? null,
    author: { id: viewer.id, name: viewer.name, role },
    deviceTime: sent.deviceTime,
    serverTime: serverTime.toISOString(),
    late,
    content,
  };
  await summarise(row, [...entries, entry], transaction);
  return entry;
}

/**
 * The place of an entry in its device's order. Only the student whose piece it is has one: nobody else takes a place at a
 * student's bench by naming it.
 */
function placeOf(role: Role, { device, sequence }: EntryEnvelope): Pick<Entry, 'device' | 'sequence'> {
  return role === 'student' ? { device, sequence } : { device: null, sequence: null };
}

async function summarise(
  row: AttemptRow,
  entries: readonly Entry[],
  transaction: Transaction,
): Promise<void> {
  const chooses = entries.at(-1)?.content.kind;
  const sheetId =
    chooses === 'lathe' || chooses === 'strike' || row.sheetId === null
      ? sheetIdOf(entries, await sheetIdsOfHandOut(row.handOutId, transaction))
      : row.sheetId;
  const sheet = sheetId === null ? null : await sheetOf(sheetId, transaction);
  const decided = row.points === null ? null : { points: Number(row.points), passed: row.passed === 1 };
  await writeSummary(row.attemptId, summaryOf(sheet, entries, decided), sheetId, transaction);
}

/**
 * Refuses an entry of a device of which an earlier one has not come, and names the number that is awaited; one whose
 * place another entry has taken is refused for good.
 */
async function refuseGap(
  viewer: PersonView,
  attemptId: number,
  { id, device, sequence }: EntryEnvelope,
  entries: readonly Entry[],
  transaction: Transaction,
): Promise<void> {
  const recorded = entries.filter((entry) => entry.device === device).map((entry) => entry.sequence ?? 0);
  const last = Math.max(0, ...recorded);
  if (sequence === last + 1) return;
  const refused = await rowsOf<{ sequence: number; id: string; reason: string }>(
    `SELECT sequence, client_id AS id, reason FROM refused_entries
      WHERE attempt_id = ? AND device = ? AND sequence IS NOT NULL AND author_id = ?`,
    [attemptId, device, viewer.id],
    transaction,
  );
  // The answer was lost on the way, so the device sent the entry again. It gets the same answer.
  const before = refused.find((each) => each.id === id);
  if (before !== undefined) refuse('conflict', before.reason, 'content', 'refused-before');
  // If too many were refused, the later ones were not kept, so their numbers are not known.
  if (refused.length >= MOST_REFUSED && sequence > last) return;
  const taken = new Set([...recorded, ...refused.map((each) => each.sequence)]);
  const awaited = Math.max(0, ...taken) + 1;
  if (sequence === awaited) return;
  if (sequence > awaited)
    refuse('conflict', `Entry ${awaited} of this device is missing.`, 'sequence', AWAITS, {
      sequence: awaited,
    });
  if (taken.has(sequence))
    conflict('This place in the device’s order is taken by another entry.', 'sequence');
}

function notYet(what: string): never {
  return refuse(
    'later',
    `${what} is of a later release than this server. It is kept on the device until the server is updated.`,
    'content',
    'later',
  );
}

function sameEntry(viewer: PersonView, standing: Entry, { format, content }: EntryEnvelope): Entry {
  const same =
    standing.author.id === viewer.id && isDeepStrictEqual(standing.content, asRead(format, content));
  return same ? { ...standing, author: { ...standing.author, name: viewer.name } } : foreignId();
}

/** The content as the record would read it; null if it can not be read. */
function asRead(format: number, content: unknown): Entry['content'] | null {
  try {
    return readStoredEntry(format, content);
  } catch {
    return null;
  }
}

function refuseByRole(
  viewer: PersonView,
  role: Role,
  content: EntryContent,
  entries: readonly Entry[],
): void {
  if (!ENTRY_KINDS[content.kind].writtenBy.includes(role)) {
    forbidden(
      content.kind === 'sign-off'
        ? 'Only the instructor signs off a hold point.'
        : 'This entry is not yours to write.',
    );
  }
  if (content.kind !== 'strike') return;
  const target = entries.find(({ id }) => id === content.entryId);
  if (target === undefined)
    refuse('conflict', 'That entry is not in the record, or is struck out already.', 'content.entryId');
  else if (role !== 'instructor' && target.author.id !== viewer.id)
    forbidden('Only its author or the instructor strikes an entry out.');
}

async function refuseLathe(row: AttemptRow, sheetId: number, transaction: Transaction): Promise<void> {
  const allowed = await sheetIdsOfHandOut(row.handOutId, transaction);
  if (!allowed.includes(sheetId)) conflict('This lathe is not one of the exercise’s.', 'content.sheetId');
}

/** A helper signs what the plan lets a helper sign. */
function refuseHelper(sheet: Sheet | null, id: string): void {
  const held = [...(sheet?.steps ?? []), ...(sheet?.stops ?? [])].find((each) => each.id === id);
  if (held?.helper !== true)
    forbidden('This hold point is the instructor’s: the plan lets no helper sign it.');
}

/** A try at the worksheet: the question is the sheet's, and what is right can not be asked for before it was tried. */
function refuseAnswer(
  sheet: Sheet | null,
  { question, answer, told }: Extract<EntryContent, { kind: 'worksheet' }>,
  entries: readonly Entry[],
): void {
  const asked = sheet?.worksheet.find(({ id }) => id === question);
  if (asked === undefined) conflict('The worksheet does not ask this.', 'content.question');
  else if (told) {
    const tries = entries.filter(
      ({ content }) => content.kind === 'worksheet' && content.question === question,
    );
    if (tries.length < TRIES_BEFORE_TOLD)
      conflict(`Try it ${TRIES_BEFORE_TOLD} times first.`, 'content.told');
  } else {
    const problem = readAnswer(asked, answer);
    if (problem !== null) refuseFields([{ field: 'content.answer', message: problem }]);
  }
}

/** What a person said goes to its own table; the frozen row keeps an empty place. */
function apart(content: Readonly<Record<string, unknown>>): { stored: object; said: Record<string, string> } {
  const said: Record<string, string> = {};
  const stored: Record<string, unknown> = { ...content };
  for (const field of freeTextOf(content)) {
    const text = stored[field];
    // Where nothing was said nothing is put apart.
    if (typeof text !== 'string' || text === '') continue;
    said[field] = text;
    stored[field] = PUT_APART;
  }
  return { stored, said };
}

/** The most refused entries that are kept of one device in one attempt, so that they can not fill the disk. */
const MOST_REFUSED = 200;

async function keepRefused(
  viewer: PersonView,
  attemptId: number,
  sent: EntryEnvelope,
  reason: string,
): Promise<void> {
  await change(
    `INSERT INTO refused_entries (client_id, attempt_id, author_id, reason, sent, refused_at, device, sequence)
      SELECT ?, ?, ?, ?, ?, ?, ?, ? FROM DUAL
      WHERE (SELECT COUNT(*) FROM refused_entries WHERE attempt_id = ? AND device = ? AND author_id = ?) < ${MOST_REFUSED}
        AND NOT EXISTS (SELECT 1 FROM refused_entries WHERE attempt_id = ? AND client_id = ? AND author_id = ?)`,
    [
      sent.id,
      attemptId,
      viewer.id,
      reason.slice(0, 500),
      JSON.stringify(sent).slice(0, 20_000),
      new Date(),
      sent.device,
      sent.sequence,
      attemptId,
      sent.device,
      viewer.id,
      attemptId,
      sent.id,
      viewer.id,
    ],
  ).catch(() => undefined);
}
