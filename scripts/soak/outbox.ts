import { randomUUID } from 'node:crypto';
import { sendRaw } from '../../e2e/hostile/raw-request';
import { noteBody } from '../test/note-body';
import { pause, type Machine } from '../test/machine';
import { killAtRandom } from './kill-at-random';
import { none, told, type Finding } from './finding';
import { openAttempts } from './write-note';

const BENCHES = 10;
const ENTRIES_EACH = 1000;
/** Enough for the slowest machine; a soak that does not come through by then has failed. */
const MOST_MINUTES = 20;

interface Sent {
  how: 'taken' | 'refused' | 'not-yet';
  id: string;
}

/** A bench that keeps what it makes and sends it as a bad network lets it. */
interface Bench {
  attemptId: number;
  device: string;
  token: string;
  bound: string;
  entries: { id: string; sequence: number }[];
  /** Numbers up to here are known to be taken. */
  taken: number;
  gaps: number;
}

/**
 * Ten benches bring ten thousand entries through a bad day: answers are lost, batches sent twice, at once and out of order,
 * clocks are wrong, and server and database are killed at random. Then every record is compared with its bench.
 */
export async function soakOutbox(machine: Machine): Promise<Finding[]> {
  const benches = await Promise.all(
    openAttempts(machine, BENCHES).map((attemptId) => benchAt(machine, attemptId)),
  );
  const end = Date.now() + MOST_MINUTES * 60_000;
  const odd = new Map<number, number>();
  let finished = false;
  const killer = killAtRandom(machine, () => !finished);
  const began = Date.now();
  await Promise.all(benches.map((bench) => bringThrough(machine, bench, end, odd)));
  finished = true;
  const kills = await killer;
  const seconds = Math.round((Date.now() - began) / 1000);

  let [lost, doubled, disordered] = [0, 0, 0];
  for (const { attemptId, device, entries } of benches) {
    const rows = machine
      .sql(
        `SELECT client_id FROM entries WHERE attempt_id = ${attemptId} AND device = '${device}' ORDER BY seq`,
      )
      .split('\n')
      .filter((id) => id !== '');
    const there = new Set(rows);
    lost += entries.filter(({ id }) => !there.has(id)).length;
    doubled += rows.length - there.size;
    const order = new Map(entries.map(({ id, sequence }) => [id, sequence]));
    disordered += rows.filter(
      (id, index) => index > 0 && (order.get(id) ?? 0) < (order.get(rows[index - 1] ?? '') ?? 0),
    ).length;
  }
  return [
    told('entries of ten benches', String(benches.reduce((sum, { entries }) => sum + entries.length, 0))),
    told('kills meanwhile', String(kills)),
    told('gaps that the server named', String(benches.reduce((sum, { gaps }) => sum + gaps, 0))),
    told('seconds until all were through', String(seconds)),
    none('lost', lost),
    none('doubled', doubled),
    none('out of the order of their device', disordered),
    none(
      'answers that are neither 200 nor 503',
      [...odd.values()].reduce((sum, count) => sum + count, 0),
    ),
  ];
}

async function benchAt(machine: Machine, attemptId: number): Promise<Bench> {
  const device = randomUUID();
  const studentId = Number(machine.sql(`SELECT student_id FROM attempts WHERE id = ${attemptId}`));
  const { token, bound } = await machine.grantOf(studentId, device);
  const entries = Array.from({ length: ENTRIES_EACH }, (_, index) => ({
    id: randomUUID(),
    sequence: index + 1,
  }));
  return { attemptId, device, token, bound, entries, taken: 0, gaps: 0 };
}

async function bringThrough(
  machine: Machine,
  bench: Bench,
  end: number,
  odd: Map<number, number>,
): Promise<void> {
  const { entries } = bench;
  while (bench.taken < entries.length && Date.now() < end) {
    // A hand needs its time between two cuts; without it nothing but the queue would be tried.
    await pause(50 + Math.random() * 250);
    const size = 1 + Math.floor(Math.random() * 12);
    // Now and then a later batch comes first, or two are under way at once.
    const ahead = Math.random() < 0.1 ? Math.floor(Math.random() * 20) : 0;
    const batches = [entries.slice(bench.taken + ahead, bench.taken + ahead + size)];
    if (Math.random() < 0.2) batches.push(entries.slice(bench.taken, bench.taken + size));
    await Promise.all(batches.map((batch) => sendBatch(machine, bench, batch, odd)));
  }
}

async function sendBatch(
  machine: Machine,
  bench: Bench,
  batch: readonly { id: string; sequence: number }[],
  odd: Map<number, number>,
): Promise<void> {
  if (batch.length === 0) return;
  const { attemptId, device, token, bound } = bench;
  const body = {
    entries: batch.map(({ id, sequence }) => ({
      ...(JSON.parse(noteBody(id, `kept ${sequence}`)) as object),
      attemptId,
      device,
      sequence,
      deviceTime: skewed(),
    })),
  };
  const { status, body: text } = await post(
    machine,
    '/api/outbox',
    { authorization: `Bearer ${token}`, cookie: bound },
    body,
  );
  if (status === 0 || status === 503) {
    await pause(200);
    return;
  }
  if (status !== 200) odd.set(status, (odd.get(status) ?? 0) + 1);
  // The answer is lost on its way: the bench knows nothing, and sends again.
  if (status !== 200 || Math.random() < 0.1) return;
  const { fared, awaits } = JSON.parse(text) as { fared: Sent[]; awaits: { sequence: number }[] };
  bench.gaps += awaits.length;
  const taken = new Set(fared.filter(({ how }) => how === 'taken').map(({ id }) => id));
  for (const { id, sequence } of batch) if (taken.has(id)) bench.taken = Math.max(bench.taken, sequence);
  for (const { sequence } of awaits) bench.taken = sequence - 1;
}

/** Clocks of benches are hours off, or of another century as far as they may be. */
function skewed(): string {
  const off = (Math.random() - 0.5) * 2e12;
  const at = Math.min(Math.max(Date.now() + off, Date.UTC(2000, 0, 1)), Date.UTC(2099, 11, 31));
  return new Date(at).toISOString();
}

async function post(
  machine: Machine,
  path: string,
  headers: Record<string, string>,
  body: object,
): Promise<{ status: number; body: string }> {
  try {
    const { status, text } = await sendRaw(machine.port, {
      method: 'POST',
      path,
      headers: { host: `127.0.0.1:${machine.port}`, 'content-type': 'application/json', ...headers },
      body: JSON.stringify(body),
    });
    return { status, body: text };
  } catch {
    return { status: 0, body: '' };
  }
}
