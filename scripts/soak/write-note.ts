import { randomUUID } from 'node:crypto';
import { sendRaw } from '../../e2e/hostile/raw-request';
import type { Machine } from '../test/machine';
import { noteBody } from '../test/note-body';

export interface Note {
  id: string;
  body: string;
}

export function newNote(text: string): Note {
  const id = randomUUID();
  return { id, body: noteBody(id, text) };
}

/** Sends a note once; the status, or 0 when no answer came. */
export async function sendNote(
  machine: Machine,
  attemptId: number,
  cookie: string,
  { body }: Note,
): Promise<{ status: number; retryAfter: string | null; why: string }> {
  try {
    const { status, headers } = await sendRaw(machine.port, {
      method: 'POST',
      path: `/api/attempts/${attemptId}/entries`,
      headers: { host: `127.0.0.1:${machine.port}`, cookie, 'content-type': 'application/json' },
      body,
    });
    const retryAfter = headers['retry-after'];
    return { status, retryAfter: typeof retryAfter === 'string' ? retryAfter : null, why: String(status) };
  } catch (error) {
    return { status: 0, retryAfter: null, why: error instanceof Error ? error.message : String(error) };
  }
}

/** Attempts that take entries, as many as asked for. */
export function openAttempts(machine: Machine, most: number): number[] {
  const text = machine.sql(
    `SELECT attempt_id FROM attempt_summaries WHERE decision IS NULL AND state <> 'waiting' ORDER BY entries, attempt_id LIMIT ${most}`,
  );
  return text.split('\n').map(Number);
}

/** The ids of an attempt's entries in the order of the record. */
export function recorded(machine: Machine, attemptId: number): string[] {
  return machine
    .sql(`SELECT client_id FROM entries WHERE attempt_id = ${attemptId} ORDER BY seq`)
    .split('\n');
}

export const studentOf = (machine: Machine, attemptId: number): number =>
  Number(machine.sql(`SELECT student_id FROM attempts WHERE id = ${attemptId}`));
