import { randomUUID } from 'node:crypto';
import type { Machine } from '../test/machine';

export interface Note {
  id: string;
  body: string;
}

export function newNote(text: string): Note {
  const id = randomUUID();
  return { id, body: JSON.stringify({ id, deviceTime: new Date().toISOString(), kind: 'note', text }) };
}

/** Sends a note once; the status, or 0 when no answer came. */
export async function sendNote(
  machine: Machine,
  attemptId: number,
  cookie: string,
  { body }: Note,
): Promise<{ status: number; retryAfter: string | null }> {
  try {
    const response = await machine.ask(`/api/attempts/${attemptId}/entries`, {
      method: 'POST',
      headers: { cookie, 'content-type': 'application/json' },
      body,
    });
    await response.arrayBuffer();
    return { status: response.status, retryAfter: response.headers.get('retry-after') };
  } catch {
    return { status: 0, retryAfter: null };
  }
}

/** Attempts that take entries, as many as asked for. */
export function openAttempts(machine: Machine, most: number): number[] {
  const text = machine.sql(
    `SELECT id FROM attempts WHERE id NOT IN (SELECT attempt_id FROM marks) ORDER BY id LIMIT ${most}`,
  );
  return text.split('\n').map(Number);
}

/** The ids of an attempt's entries in the order of the record. */
export function recorded(machine: Machine, attemptId: number): string[] {
  return machine
    .sql(`SELECT client_id FROM entries WHERE attempt_id = ${attemptId} ORDER BY seq`)
    .split('\n');
}
