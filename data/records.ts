import 'server-only';
import type { Transaction } from 'sequelize';
import { isStoredObject } from '@/core/base/documents/document';
import { kindNamed, readStoredEntry } from '@/core/exercise/record/entry/read-stored-entry';
import type { Entry, Role } from '@/core/exercise/record/entry/entry';
import { places, rowsOf } from './query';
import { textsOf } from './texts';

interface EntryRowRead {
  seq: number;
  clientId: string;
  attemptId: number;
  authorId: number;
  authorName: string | null;
  authorRole: Role;
  device: string | null;
  sequence: number | null;
  afterId: string | null;
  format: number;
  late: number;
  content: string;
  deviceTime: Date;
  serverTime: Date;
}

const COLUMNS = `e.seq, e.client_id AS clientId, e.attempt_id AS attemptId, e.author_id AS authorId, p.name AS authorName,
  COALESCE(e.author_role, p.role) AS authorRole, e.device, e.sequence, e.after_id AS afterId, e.format, e.late,
  e.content, e.device_time AS deviceTime, e.server_time AS serverTime`;

/** The records of attempts, in their order, by attempt. */
export async function recordsOf(
  attemptIds: readonly number[],
  transaction?: Transaction,
): Promise<Map<number, Entry[]>> {
  const records = new Map<number, Entry[]>(attemptIds.map((id) => [id, []]));
  if (attemptIds.length === 0) return records;
  const rows = await rowsOf<EntryRowRead>(
    `SELECT ${COLUMNS} FROM entries e LEFT JOIN people p ON p.id = e.author_id
      WHERE e.attempt_id IN (${places(attemptIds)}) ORDER BY e.seq`,
    attemptIds,
    transaction,
  );
  for (const { attemptId, entry } of await readRows(rows, transaction)) records.get(attemptId)?.push(entry);
  return records;
}

/** The entries of one attempt behind a place in its record, with that place for the next time. */
export async function entriesAfter(
  attemptId: number,
  seq: number,
  transaction?: Transaction,
): Promise<{ entries: Entry[]; seq: number }> {
  const rows = await rowsOf<EntryRowRead>(
    `SELECT ${COLUMNS} FROM entries e LEFT JOIN people p ON p.id = e.author_id
      WHERE e.attempt_id = ? AND e.seq > ? ORDER BY e.seq`,
    [attemptId, seq],
    transaction,
  );
  return {
    entries: (await readRows(rows, transaction)).map(({ entry }) => entry),
    seq: rows.at(-1)?.seq ?? seq,
  };
}

/** The entries of one attempt behind its first so many; no more than `most` of them. */
export async function entriesBehind(attemptId: number, after: number, most = 1_000_000): Promise<Entry[]> {
  const rows = await rowsOf<EntryRowRead>(
    `SELECT ${COLUMNS} FROM entries e LEFT JOIN people p ON p.id = e.author_id
      WHERE e.attempt_id = ? ORDER BY e.seq LIMIT ? OFFSET ?`,
    [attemptId, most, after],
  );
  return (await readRows(rows)).map(({ entry }) => entry);
}

async function readRows(
  rows: readonly EntryRowRead[],
  transaction?: Transaction,
): Promise<{ attemptId: number; entry: Entry }[]> {
  const contents = rows.map((row): unknown => JSON.parse(row.content));
  const apart = rows.filter((_, index) => freeTextOf(contents[index]).length > 0);
  const texts = await textsOf(
    'entry',
    apart.map(({ clientId }) => clientId),
    transaction,
  );
  return rows.map((row, index) => {
    // A record without its author is damaged; to leave the entry out would change marks unseen.
    if (row.authorName === null) throw new Error(`Entry ${row.clientId} has no author.`);
    const said = texts.get(row.clientId);
    const stored = said === undefined ? contents[index] : withTexts(contents[index], said);
    return {
      attemptId: row.attemptId,
      entry: {
        id: row.clientId,
        device: row.device,
        sequence: row.sequence,
        after: row.afterId,
        author: { id: row.authorId, name: row.authorName, role: row.authorRole },
        deviceTime: row.deviceTime.toISOString(),
        serverTime: row.serverTime.toISOString(),
        late: row.late === 1,
        content: readStoredEntry(row.format, stored),
      },
    };
  });
}

/** The fields of an entry's content that hold what a person said. */
export function freeTextOf(content: unknown): readonly string[] {
  return isStoredObject(content) ? (kindNamed(String(content.kind))?.freeText ?? []) : [];
}

function withTexts(content: unknown, said: ReadonlyMap<string, string>): unknown {
  return isStoredObject(content) ? { ...content, ...Object.fromEntries(said) } : content;
}
