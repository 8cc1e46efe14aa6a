import { ownInstallation } from './installation';
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { request } from 'node:http';
import { ask, exerciseId, personId } from './database';
import { withLeaf } from '../core/exercise/plan/draft';
import { entryBody, handedOut } from './fixtures';
import { sendRaw } from './hostile/raw-request';
import { reachOf, sendHostile } from './hostile/send-hostile';
import { INSTRUCTOR, requestAs } from './people';
import { expect, test, type APIRequestContext } from './test';

const PORT = ownInstallation().port;
const RUNS = Number(process.env.OYAKATA_HOSTILE_RUNS ?? '1500');
const SEED = Number(process.env.OYAKATA_HOSTILE_SEED ?? '20261125');
const json = { 'content-type': 'application/json', host: `127.0.0.1:${PORT}` };

test.setTimeout(900_000);

async function cookieOf(request: APIRequestContext, id: number): Promise<string> {
  await requestAs(request, id);
  const { cookies } = await request.storageState();
  return cookies.map(({ name, value }) => `${name}=${value}`).join('; ');
}

test(`${RUNS} hostile requests: none is an error of the server, none takes long, and they reach what they are made for`, async ({
  playwright,
  baseURL,
}) => {
  const instructor = await playwright.request.newContext({ baseURL });
  const student = await playwright.request.newContext({ baseURL });
  const own = await personId('Daria Novak');
  const cookies = {
    instructor: await cookieOf(instructor, await personId(INSTRUCTOR)),
    student: await cookieOf(student, own),
  };
  const made = [];
  for (const title of ['Hostile requests', 'Hostile, two', 'Hostile, three'])
    made.push(await handedOut(instructor, title, own));
  const [{ exerciseId, attemptId, latheId, form }] = made as [(typeof made)[0]];
  const grant = await student.post('/api/outbox/grant', { data: { device: randomUUID() } });
  const { token } = (await grant.json()) as { token: string };
  const bound = (await student.storageState()).cookies.find(({ name }) => name.startsWith('oyakata-bench-'));
  const [school] = await ask<{ id: number }>(
    'SELECT class_id AS id FROM attempt_summaries WHERE attempt_id = ?',
    [attemptId],
  );
  const asItWas = await shopAsItIs();
  const run = await sendHostile(
    PORT,
    {
      exerciseId,
      attemptIds: made.map((each) => each.attemptId),
      latheId,
      classId: school?.id ?? 0,
      form,
      token,
      bound: `${bound?.name}=${bound?.value}`,
    },
    cookies,
    { count: RUNS, seed: SEED },
  );
  await asItWas.back(instructor);
  const { share, lines } = reachOf(run);
  console.log(
    `${run.sent} sent; ${(100 * share).toFixed(0)} % past the envelope; past it by target:\n${lines.join('\n')}`,
  );
  expect(run.faults).toEqual([]);
  expect(share).toBeGreaterThan(1 / 3);
  for (const [name, count] of run.reached) expect([name, count >= 20]).toEqual([name, true]);
  // Whatever was let in can be shown.
  for (const path of [
    `/attempts/${attemptId}`,
    `/attempts/${attemptId}/mark`,
    `/exercises/${exerciseId}`,
    '/',
  ])
    expect((await instructor.get(path)).status(), path).toBe(200);
});

test('a thread of 60,000 dashes and a blank of 60,000 spaces cost nothing, and nobody unknown is read', async ({
  playwright,
  baseURL,
}) => {
  const request = await playwright.request.newContext({ baseURL });
  const cookie = await cookieOf(request, await personId(INSTRUCTOR));
  const { exerciseId, form } = await handedOut(request, 'Long text', await personId('Bela Okoro'));
  const path = `/api/exercises/${exerciseId}/hand-out`;
  const handOut = (headers: Record<string, string>, field: string, text: string) =>
    sendRaw(PORT, {
      method: 'POST',
      path,
      headers: { ...json, ...headers },
      body: JSON.stringify({
        form: withLeaf(form, field, text),
        draftVersion: 0,
        studentIds: [1],
        latheIds: [1],
      }),
    });
  for (const [field, before, sign, after] of [
    ['thread.designation', '', '-', ''],
    ['work.diameter', '1', ' ', '!'],
  ] as const) {
    // A slow machine takes its time for a short text too.
    const short = await handOut({ cookie }, field, before + sign + after);
    const atMost = 2000 + 20 * short.ms;
    const long = before + sign.repeat(60_000) + after;
    const known = await handOut({ cookie }, field, long);
    expect([known.status, known.ms < atMost]).toEqual([422, true]);
    const unknown = await handOut({}, field, long);
    expect([unknown.status, unknown.ms < atMost]).toEqual([401, true]);
  }
});

test('bodies without end are not read: four of 400 MB leave the memory as it was', async () => {
  const rss = () => {
    const script = '. scripts/lib/common.sh; grep VmRSS /proc/$(own_pid node "--state=$STATE")/status';
    const line = execFileSync('bash', ['-c', script], {
      env: { ...process.env, OYAKATA_ROOT: process.cwd() },
      encoding: 'utf8',
    });
    return Number(line.replace(/\D/g, '')) / 1024;
  };
  const flood = (path: string, chunked: boolean) =>
    new Promise<number>((resolve) => {
      let sentBytes = 0;
      const headers = { ...json, ...(chunked ? {} : { 'content-length': '400000000' }) };
      const sent = request({ host: '127.0.0.1', port: PORT, method: 'POST', path, headers }, (answer) => {
        answer.resume();
        answer.on('close', () => resolve(answer.statusCode ?? 0));
      });
      sent.on('error', () => resolve(0));
      const part = Buffer.alloc(65_536, 0x20);
      const pump = () => {
        while (sentBytes < 400_000_000 && !sent.destroyed) {
          sentBytes += part.length;
          if (!sent.write(part)) return void sent.once('drain', pump);
        }
        sent.end();
      };
      pump();
    });
  const before = rss();
  const answers = await Promise.all([
    flood('/api/session', true),
    flood('/api/session', false),
    flood(`/api/exercises/${await exerciseId('Levelling foot')}/draft`, true),
    flood('/api/nowhere', true),
  ]);
  // 0: the connection ended under the flood, before the answer could be read.
  for (const status of answers) expect([0, 401, 404, 405, 413]).toContain(status);
  expect(rss() - before).toBeLessThan(120);
});

test('one id for two attempts at once is taken once; the same id with other text is refused by name', async ({
  playwright,
  baseURL,
}) => {
  const request = await playwright.request.newContext({ baseURL });
  await requestAs(request, await personId(INSTRUCTOR));
  const first = await handedOut(request, 'One id', await personId('Ana Brandt'));
  const second = await handedOut(request, 'The same id', await personId('Ana Brandt'));
  for (let round = 0; round < 5; round += 1) {
    const entry = entryBody({ kind: 'note', text: 'once' });
    const answers = await Promise.all(
      [first, second, first, second].map(({ attemptId }) =>
        request.post(`/api/attempts/${attemptId}/entries`, { data: entry }),
      ),
    );
    expect(answers.map((answer) => answer.status()).sort()).toEqual([201, 201, 409, 409]);
    const taken = answers[0]?.status() === 201 ? first : second;
    const other = await request.post(`/api/attempts/${taken.attemptId}/entries`, {
      data: { ...entry, content: { kind: 'note', text: 'other' } },
    });
    expect(other.status()).toBe(409);
    expect(await other.text()).toContain('belongs to another entry');
    const again = await request.post(`/api/attempts/${taken.attemptId}/entries`, { data: entry });
    expect(again.status()).toBe(201);
  }
});

/** The shop as the tests that follow expect it: its words, its wires, and nothing that was added meanwhile. */
async function shopAsItIs() {
  const [shop] = await ask<{ timeZone: string; words: string }>(
    'SELECT time_zone AS timeZone, words FROM shop',
  );
  const [last] = await ask<{ item: number; person: number }>(
    'SELECT (SELECT MAX(id) FROM shop_items) AS item, (SELECT MAX(id) FROM people) AS person',
  );
  const [wires] = await ask<{ document: string }>(
    `SELECT r.document FROM shop_revisions r JOIN shop_items i ON i.id = r.item_id
      WHERE i.kind = 'gauge' AND JSON_VALUE(r.document, '$.kind') = 'wires' ORDER BY r.id DESC LIMIT 1`,
  );
  const parsed = (text: string | undefined) =>
    (typeof text === 'string' ? JSON.parse(text) : (text ?? {})) as Record<string, unknown>;
  const back = async (instructor: APIRequestContext) => {
    const { format: _, version: __, ...words } = parsed(shop?.words);
    expect((await instructor.put('/api/shop/words', { data: words })).status()).toBe(204);
    expect((await instructor.put('/api/shop', { data: { timeZone: shop?.timeZone } })).status()).toBe(204);
    const { sizes } = parsed(wires?.document);
    expect((await instructor.put('/api/wires', { data: { sizes } })).status()).toBe(200);
    await ask('UPDATE shop_items SET archived_at = NOW(3) WHERE id > ?', [last?.item]);
    await ask('UPDATE memberships SET archived_at = NOW(3) WHERE person_id > ?', [last?.person]);
  };
  return { back };
}
