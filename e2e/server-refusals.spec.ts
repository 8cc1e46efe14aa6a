import { randomUUID } from 'node:crypto';
import { expect, test, type APIResponse } from './test';
import { EMPTY_PLAN_FORM } from '../core/plan';
import { INSTRUCTOR_ID, requestAs } from './people';

const STUDENT_ID = 2;
const GOOD = { ...EMPTY_PLAN_FORM, title: 'Posted', thread: '3/4-16 UNF-2A' };

interface Refusal {
  error: { code: string; message: string; fields: { field: string; message: string }[] };
}

async function fieldsOf(response: APIResponse): Promise<string[]> {
  return ((await response.json()) as Refusal).error.fields.map(({ field }) => field);
}

test('a direct POST of a bad plan names each field, and nothing is stored', async ({ request }) => {
  await requestAs(request, INSTRUCTOR_ID);
  const { id } = (await (await request.post('/api/exercises')).json()) as { id: number };
  const bad: [object, string][] = [
    [{ thread: 'nonsense' }, 'form.thread'],
    [{ blankDiameter: '0,748' }, 'form.blankDiameter'],
    [{ blankDiameter: '2' }, 'form.blankDiameter'],
    [{ tipFlat: '0.1' }, 'form.tipFlat'],
    [{ tipKind: 'insert', insertFrom: 'x' }, 'form.insertFrom'],
    [{ tipKind: 'insert', insertTo: '0.05', insertFrom: '0.04' }, 'form.insertTo'],
    [{ thread: '3/4-16 UNF-2B', blankDiameter: '0.75' }, 'form.blankDiameter'],
    [{ compoundAngle: '46' }, 'form.compoundAngle'],
    [{ targetPitchDiameter: '0.9' }, 'form.targetPitchDiameter'],
    [{ roughingPasses: '1' }, 'form.roughingPasses'],
    [{ roughingPasses: { $gt: 0 } }, 'form.roughingPasses'],
    [{ springPasses: null }, 'form.springPasses'],
  ];
  for (const [change, field] of bad) {
    const response = await request.post(`/api/exercises/${id}/hand-out`, {
      data: { form: { ...GOOD, ...change }, draftVersion: 0, studentIds: [STUDENT_ID] },
    });
    expect(response.status(), JSON.stringify(change)).toBe(422);
    expect(await fieldsOf(response)).toContain(field);
  }
  const none = await request.post(`/api/exercises/${id}/hand-out`, {
    data: { form: GOOD, draftVersion: 0, studentIds: [] },
  });
  expect(await fieldsOf(none)).toContain('studentIds');
  expect((await request.get(`/api/exercises/${id}/plan`)).status()).toBe(404);

  const good = await request.post(`/api/exercises/${id}/hand-out`, {
    data: { form: GOOD, draftVersion: 0, studentIds: [STUDENT_ID] },
  });
  expect(good.status()).toBe(201);
  const plan = (await (await request.get(`/api/exercises/${id}/plan`)).json()) as {
    format: string;
    thread: string;
  };
  expect(plan).toMatchObject({ format: 'oyakata-plan', version: 1, thread: '3/4-16 UNF-2A' });
});

test('unreadable requests get a 4xx, never a 500', async ({ request }) => {
  expect((await request.post('/api/exercises')).status()).toBe(401);
  await requestAs(request, INSTRUCTOR_ID);
  const json = { 'content-type': 'application/json' };
  expect(
    (await request.put('/api/exercises/1/draft', { headers: json, data: Buffer.from('{"form":') })).status(),
  ).toBe(400);
  expect(
    (
      await request.put('/api/exercises/1/draft', {
        headers: { 'content-type': 'text/plain' },
        data: 'hello',
      })
    ).status(),
  ).toBe(415);
  expect(
    (
      await request.put('/api/exercises/1/draft', {
        headers: json,
        data: Buffer.from(`"${'x'.repeat(300_000)}"`),
      })
    ).status(),
  ).toBe(413);
  expect(
    (await request.put('/api/exercises/1/draft', { headers: json, data: Buffer.from('null') })).status(),
  ).toBe(422);
  expect(
    (await request.put('/api/exercises/999999/draft', { data: { form: GOOD, draftVersion: 0 } })).status(),
  ).toBe(404);
  expect((await request.post('/api/exercises/1e99/hand-out', { data: {} })).status()).toBe(404);
  expect((await request.post('/api/session', { data: { personId: 'me' } })).status()).toBe(422);
  const foreign = await request.post('/api/exercises', { headers: { origin: 'http://elsewhere.example' } });
  expect(foreign.status()).toBe(403);
});

test('a student can not plan, mark, sign off, or see the work of others', async ({ request }) => {
  await requestAs(request, STUDENT_ID);
  expect((await request.post('/api/exercises')).status()).toBe(403);
  const mark = { lines: [], capReason: '', comment: '', entriesSeen: 0 };
  expect((await request.post('/api/attempts/1/mark', { data: mark })).status()).toBe(403);
  const entry = { id: randomUUID(), deviceTime: new Date().toISOString(), kind: 'note', text: 'hello' };
  expect((await request.post('/api/attempts/4/entries', { data: entry })).status()).toBe(404);
  expect((await request.get('/attempts/4')).status()).toBe(404);
  expect((await request.get('/attempts/4/mark')).status()).toBe(404);
  expect((await request.get('/exercises/1')).status()).toBe(404);
});

test('a bad entry names its field', async ({ request }) => {
  await requestAs(request, INSTRUCTOR_ID);
  const send = (fields: object) =>
    request.post('/api/attempts/10/entries', {
      data: { id: randomUUID(), deviceTime: new Date().toISOString(), ...fields },
    });
  for (const [fields, field] of [
    [{ kind: 'step', stepId: 'blank', value: 'wide' }, 'value'],
    [{ kind: 'step', stepId: 'nap' }, 'stepId'],
    [{ kind: 'dance' }, 'kind'],
    [{ kind: 'pass', plannedPass: '1', reading: '-1' }, 'reading'],
    [{ kind: 'measurement', purpose: 'final', start: '16.3' }, 'middle'],
    [{ id: 'not-a-uuid', kind: 'note', text: 'x' }, 'id'],
    [{ deviceTime: '2026-99-99T99:99:99Z', kind: 'note', text: 'x' }, 'deviceTime'],
    [{ deviceTime: '0001-01-01T00:00:00Z', kind: 'note', text: 'x' }, 'deviceTime'],
  ] as const) {
    const response = await send(fields);
    expect(response.status()).toBe(422);
    expect(await fieldsOf(response)).toContain(field);
  }
});

test('odd characters are stored, broken ones replaced', async ({ request }) => {
  await requestAs(request, INSTRUCTOR_ID);
  const body = {
    id: randomUUID(),
    deviceTime: new Date().toISOString(),
    kind: 'note',
    text: 'a\ud800b \u0000 😀 “⌀”',
  };
  const response = await request.post('/api/attempts/10/entries', {
    headers: { 'content-type': 'application/json' },
    data: Buffer.from(JSON.stringify(body)),
  });
  expect(response.status()).toBe(201);
  expect(await response.json()).toMatchObject({ content: { text: 'a\ufffdb \u0000 😀 “⌀”' } });
});
