import { randomUUID } from 'node:crypto';
import { stepDone } from '../core/test/record';
import { expect, test, type APIResponse } from './test';
import { withLeaf } from '../core/exercise/plan/draft';
import { ask, exerciseId, personId } from './database';
import { entryBody, GOOD_FORM, handedOut, latheId } from './fixtures';
import { INSTRUCTOR, requestAs } from './people';

const GOOD = { ...GOOD_FORM, title: 'Posted' };

interface Refusal {
  error: { code: string; message: string; fields: { field: string; message: string }[] };
}

async function fieldsOf(response: APIResponse): Promise<string[]> {
  return ((await response.json()) as Refusal).error.fields.map(({ field }) => field);
}

test('a direct POST of a bad plan names each field, and nothing is stored', async ({ request }) => {
  await requestAs(request, INSTRUCTOR);
  const student = await personId('Ana Brandt');
  const latheIds = [await latheId()];
  const { id } = (await (await request.post('/api/exercises')).json()) as { id: number };
  const handOut = (form: object, studentIds = [student], lathes = latheIds) =>
    request.post(`/api/exercises/${id}/hand-out`, {
      data: { form, draftVersion: 0, studentIds, latheIds: lathes },
    });
  const insert = withLeaf(GOOD, 'tool.tip.kind', 'insert');
  const bad: [object, string][] = [
    [withLeaf(GOOD, 'thread.designation', 'nonsense'), 'thread.designation'],
    [withLeaf(GOOD, 'work.diameter', '0,748'), 'work.diameter'],
    [withLeaf(GOOD, 'work.diameter', '2'), 'work.diameter'],
    [withLeaf(GOOD, 'tool.tip.flat', '0.1'), 'tool.tip.flat'],
    [withLeaf(insert, 'tool.tip.pitchFrom', 'x'), 'tool.tip.pitchFrom'],
    [
      withLeaf(withLeaf(insert, 'tool.tip.pitchFrom', '0.04'), 'tool.tip.pitchTo', '0.05'),
      'tool.tip.pitchTo',
    ],
    [
      withLeaf(withLeaf(GOOD, 'thread.designation', '3/4-16 UNF-2B'), 'work.diameter', '0.75'),
      'work.diameter',
    ],
    [withLeaf(GOOD, 'infeed.angle', '46'), 'infeed.angle'],
    [withLeaf(GOOD, 'proof.target', '0.9'), 'proof.target'],
    [withLeaf(GOOD, 'schedule.roughing', '1'), 'schedule.roughing'],
    [{ ...GOOD, schedule: { ...GOOD.schedule, roughing: { $gt: 0 } } }, 'schedule.roughing'],
    [{ ...GOOD, schedule: { ...GOOD.schedule, spring: null } }, 'schedule.spring'],
  ];
  for (const [form, field] of bad) {
    const response = await handOut(form);
    expect(response.status(), field).toBe(422);
    expect(
      (await fieldsOf(response)).some((named) => named.startsWith(`form.${field}`)),
      field,
    ).toBe(true);
  }
  expect(await fieldsOf(await handOut(GOOD, []))).toContain('studentIds');
  expect(await fieldsOf(await handOut(GOOD, [student], []))).toContain('latheIds');
  expect((await request.get(`/api/exercises/${id}/plan`)).status()).toBe(404);

  expect((await handOut(GOOD)).status()).toBe(201);
  const plan = (await (await request.get(`/api/exercises/${id}/plan`)).json()) as object;
  expect(plan).toMatchObject({
    format: 'oyakata-plan',
    version: 9,
    thread: { designation: '3/4-16 UNF-2A', hand: 'right', starts: 1 },
  });

  // The file goes in again as an exercise of its own, and a file that is none is refused by name.
  const imported = await request.post('/api/plans', { data: { plan } });
  expect(imported.status()).toBe(201);
  const later = await request.post('/api/plans', { data: { plan: { ...plan, version: 10 } } });
  expect([later.status(), (await fieldsOf(later))[0]]).toEqual([422, 'version']);
  const lathe = (await (await request.get(`/api/lathes/${latheIds[0]}`)).json()) as { name: string };
  expect(lathe).toMatchObject({ format: 'oyakata-lathe', version: 2, name: 'Lathe 1' });
  const copy = await request.post('/api/lathes', { data: { document: { ...lathe, name: 'Lathe 1, copy' } } });
  expect(copy.status()).toBe(201);
  const { id: copyId } = (await copy.json()) as { id: number };
  expect((await request.put(`/api/lathes/${copyId}/archive`, { data: { archived: true } })).status()).toBe(
    204,
  );
  expect(
    (await request.post('/api/lathes', { data: { document: { ...lathe, trip: 'maybe' } } })).status(),
  ).toBe(422);
});

test('unreadable requests get a 4xx, never a 500', async ({ request }) => {
  expect((await request.post('/api/exercises')).status()).toBe(401);
  await requestAs(request, INSTRUCTOR);
  const json = { 'content-type': 'application/json' };
  const draft = `/api/exercises/${await exerciseId('Levelling foot')}/draft`;
  expect((await request.put(draft, { headers: json, data: Buffer.from('{"form":') })).status()).toBe(400);
  expect(
    (
      await request.put(draft, {
        headers: { 'content-type': 'text/plain' },
        data: 'hello',
      })
    ).status(),
  ).toBe(415);
  expect(
    (
      await request.put(draft, {
        headers: json,
        data: Buffer.from(`"${'x'.repeat(300_000)}"`),
      })
    ).status(),
  ).toBe(413);
  expect((await request.put(draft, { headers: json, data: Buffer.from('null') })).status()).toBe(422);
  expect(
    (await request.put('/api/exercises/999999/draft', { data: { form: GOOD, draftVersion: 0 } })).status(),
  ).toBe(404);
  expect((await request.post('/api/exercises/1e99/hand-out', { data: {} })).status()).toBe(404);
  expect((await request.post('/api/session', { data: { name: ['me'], password: 5 } })).status()).toBe(422);
  const foreign = await request.post('/api/exercises', { headers: { origin: 'http://elsewhere.example' } });
  expect(foreign.status()).toBe(403);
});

test('a student can not plan, mark, sign off, or see the work of others', async ({ request }) => {
  const [others] = await ask<{ id: number; mine: number; exercise: number }>(
    `SELECT s.attempt_id AS id, m.attempt_id AS mine, s.exercise_id AS exercise
      FROM attempt_summaries s, attempt_summaries m, people a, people b
      WHERE a.id = s.student_id AND a.name = 'Chidi Lind' AND b.id = m.student_id AND b.name = 'Ana Brandt' LIMIT 1`,
  );
  if (others === undefined) throw new Error('no attempts');
  await requestAs(request, await personId('Ana Brandt'));
  expect((await request.post('/api/exercises')).status()).toBe(403);
  const mark = { lines: [], capReason: '', comment: '', entriesSeen: 0 };
  expect((await request.post(`/api/attempts/${others.mine}/mark`, { data: mark })).status()).toBe(403);
  expect((await request.post(`/api/attempts/${others.id}/mark`, { data: mark })).status()).toBe(404);
  const entry = entryBody({ kind: 'note', text: 'hello' });
  expect((await request.post(`/api/attempts/${others.id}/entries`, { data: entry })).status()).toBe(404);
  const look = entryBody({ kind: 'sign-off', stepId: 'instructor-look' });
  expect((await request.post(`/api/attempts/${others.mine}/entries`, { data: look })).status()).toBe(403);
  expect((await request.get(`/attempts/${others.id}`)).status()).toBe(404);
  expect((await request.get(`/attempts/${others.id}/mark`)).status()).toBe(404);
  expect((await request.get(`/exercises/${others.exercise}`)).status()).toBe(404);
  // Her own page carries the sheet, and neither the plan's form nor the scheme.
  const page = await (await request.get(`/attempts/${others.mine}`)).text();
  expect(page).toContain('oyakata-sheet');
  expect(page).not.toMatch(/oyakata-(plan|scheme|draft)/);
});

test('a bad entry names its field', async ({ request }) => {
  await requestAs(request, await personId(INSTRUCTOR));
  const { attemptId } = await handedOut(request, 'Bad entries sent', await personId('Ivo Mensah'));
  const note = { kind: 'note', text: 'x' };
  for (const [body, field] of [
    [entryBody({ ...stepDone('blank'), value: 'wide' }), 'content.value'],
    [entryBody({ kind: 'step' }), 'content.'],
    [entryBody({ kind: 'pass', plannedPass: 1, reading: 1e30 }), 'content.'],
    [entryBody({ kind: 'measurement', purpose: 'final' }), 'content.'],
    [entryBody({ ...note, text: '\u200b' }), 'content.text'],
    [entryBody({ kind: 'hand', raised: true }, { format: 1 }), 'format'],
    [entryBody(note, { id: 'not-a-uuid' }), 'id'],
    [entryBody(note, { device: undefined }), 'device'],
    [entryBody(note, { deviceTime: '2026-99-99T99:99:99Z' }), 'deviceTime'],
    [entryBody(note, { deviceTime: '0001-01-01T00:00:00Z' }), 'deviceTime'],
  ] as const) {
    const response = await request.post(`/api/attempts/${attemptId}/entries`, { data: body });
    expect(response.status(), field).toBe(422);
    expect(
      (await fieldsOf(response)).some((named) => named.startsWith(field)),
      field,
    ).toBe(true);
  }
});

test('an entry of a later release is answered “not yet”: it may be sent again', async ({ request }) => {
  await requestAs(request, await personId(INSTRUCTOR));
  const { attemptId } = await handedOut(request, 'Later entries sent', await personId('Ivo Mensah'));
  for (const body of [entryBody({ kind: 'dance' }), entryBody({ kind: 'note', text: 'x' }, { format: 99 })]) {
    const response = await request.post(`/api/attempts/${attemptId}/entries`, { data: body });
    expect(response.status()).toBe(503);
    expect(response.headers()['retry-after']).toBe('60');
    expect(((await response.json()) as { error: { code: string } }).error.code).toBe('later');
  }
});

test('what a bench sends is checked entry by entry, and named by its field', async ({ request }) => {
  await requestAs(request, await personId(INSTRUCTOR));
  const { attemptId } = await handedOut(request, 'Bad outbox', await personId('Ivo Mensah'));
  const device = randomUUID();
  // Staff sign with their own session; what a bench keeps is its student's.
  expect((await request.post('/api/outbox/grant', { data: { device } })).status()).toBe(403);
  await requestAs(request, 'Ivo Mensah');
  const asked = await request.post('/api/outbox/grant', { data: { device } });
  expect(asked.status()).toBe(201);
  const { token } = (await asked.json()) as { token: string };
  const send = (path: string, data: object, bearer = token) =>
    request.post(path, { data, headers: { authorization: `Bearer ${bearer}` } });
  const note = { ...entryBody({ kind: 'note', text: 'kept' }), attemptId };
  for (const [data, field] of [
    [{}, 'entries'],
    [{ entries: [] }, 'entries'],
    [{ entries: Array.from({ length: 51 }, () => note) }, 'entries'],
    [{ entries: [note], held: [{ attemptId, held: 'many' }] }, 'held[0].held'],
  ] as const) {
    const response = await send('/api/outbox', data);
    expect(response.status(), field).toBe(422);
    expect(await fieldsOf(response)).toContain(field);
  }
  expect((await send('/api/outbox/standing', { attemptIds: ['x'] })).status()).toBe(422);
  expect((await send('/api/outbox', { entries: [note] }, 'x'.repeat(43))).status()).toBe(401);
  for (const [change, field] of [
    [{ attemptId: 'x' }, 'attemptId'],
    [{ sequence: -1 }, 'sequence'],
    [{ content: 5 }, 'content'],
  ] as const) {
    const answered = await send('/api/outbox', { entries: [{ ...note, ...change }] });
    expect(answered.status()).toBe(200);
    expect(await answered.json()).toMatchObject({
      fared: [{ how: 'not-yet', refusal: { fields: [{ field }] } }],
    });
  }
  // Nothing of all that was stored; a good one is, and what it lacks of a place is named.
  const fared = async (sequence: number) =>
    (await (
      await send('/api/outbox', { entries: [{ ...note, id: randomUUID(), sequence }] })
    ).json()) as object;
  expect(await fared(2)).toMatchObject({ fared: [{ how: 'not-yet' }], awaits: [{ attemptId, sequence: 1 }] });
  expect(await fared(1)).toMatchObject({ fared: [{ how: 'taken' }], awaits: [] });
});

test('odd characters are stored, broken ones replaced', async ({ request }) => {
  await requestAs(request, await personId(INSTRUCTOR));
  const { attemptId } = await handedOut(request, 'Odd characters', await personId('Ivo Mensah'));
  const body = entryBody({ kind: 'note', text: 'a\ud800b \u0000 😀 “⌀”' });
  const response = await request.post(`/api/attempts/${attemptId}/entries`, {
    headers: { 'content-type': 'application/json' },
    data: Buffer.from(JSON.stringify(body)),
  });
  expect(response.status()).toBe(201);
  expect(await response.json()).toMatchObject({ content: { text: 'a\ufffdb \u0000 😀 “⌀”' } });
});
