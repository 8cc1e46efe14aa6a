import { ConnectionRefusedError, DatabaseError } from 'sequelize';
import { array, number, object, string } from 'yup';
import { outcomeOf, refuse } from '@/data/outcome';
import { answer, guarded, handle, handleBare } from './handle';
import { diskHealth } from './disk-health';
import { viewer } from './session';

jest.mock('./session', () => ({ viewer: jest.fn() }));
jest.mock('./disk-health', () => ({ diskHealth: jest.fn() }));
jest.mock('@/data/log', () => ({ log: { info: jest.fn(), error: jest.fn() } }));
const who = jest.mocked(viewer);
const disk = jest.mocked(diskHealth);

const schema = object({ title: string().required('Type a title.'), count: number().max(3, 'At most 3.') });
const run = jest.fn(({ body, id }: { body: unknown; id: number }) =>
  Promise.resolve(Response.json({ body, id })),
);
const route = handle(schema, run);

function post(body: string, headers: Record<string, string> = {}, id?: string) {
  const request = new Request('http://127.0.0.1:3210/api/x', {
    method: 'POST',
    headers: { 'content-type': 'application/json', host: '127.0.0.1:3210', ...headers },
    body,
  });
  return route(request, { params: Promise.resolve(id === undefined ? {} : { id }) });
}

async function refused(response: Response) {
  const { error } = (await response.json()) as { error: { code: string; fields: { field: string }[] } };
  return [response.status, error.code, error.fields.map(({ field }) => field)];
}

beforeEach(() => {
  run.mockClear();
  disk.mockResolvedValue('ok');
  who.mockResolvedValue({ id: 1, name: 'Instructor', role: 'instructor' });
});

test('a good request runs with its body, the number in the path and who works', async () => {
  const response = await post('{"title":"Nut","count":2,"other":1}', {}, '7');
  expect(await response.json()).toEqual({ body: { title: 'Nut', count: 2 }, id: 7 });
  expect(run.mock.calls[0]?.[0]).toMatchObject({ viewer: { name: 'Instructor' } });
});

test('what is answered is kept by no browser or proxy, unless the route says otherwise', async () => {
  expect((await post('{"title":"Nut"}')).headers.get('cache-control')).toBe('no-store');
  expect((await post('{')).headers.get('cache-control')).toBe('no-store');
  const own = handleBare(() =>
    Promise.resolve(new Response('x', { headers: { 'cache-control': 'no-store, no-transform' } })),
  );
  const asked = await own(new Request('http://127.0.0.1:3210/api/x'), { params: Promise.resolve({}) });
  expect(asked.headers.get('cache-control')).toBe('no-store, no-transform');
});

test('a link from another site leads to a file, a script of another site reads none', async () => {
  const file = handleBare(() => Promise.resolve(new Response('x')));
  const ask = (mode: string) =>
    file(
      new Request('http://127.0.0.1:3210/api/x', {
        headers: { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': mode },
      }),
      { params: Promise.resolve({}) },
    );
  expect((await ask('navigate')).status).toBe(200);
  expect((await ask('no-cors')).status).toBe(403);
});

test('whoever signs out is signed out on a full disk too', async () => {
  disk.mockResolvedValue('full');
  const out = guarded(() => Promise.resolve(new Response(null, { status: 204 })), { alsoOnFullDisk: true });
  const request = new Request('http://127.0.0.1:3210/api/session', { method: 'DELETE' });
  expect((await out(request, { params: Promise.resolve({}) })).status).toBe(204);
});

test('on a full disk nothing is given to the database to store', async () => {
  disk.mockResolvedValue('full');
  const response = await post('{"title":"Nut"}');
  expect(response.headers.get('Retry-After')).toBe('15');
  expect(await refused(response)).toEqual([503, 'disk-full', []]);
  expect(run).not.toHaveBeenCalled();
});

test('every field that is wrong is named', async () => {
  expect(await refused(await post('{"count":9}'))).toEqual([422, 'invalid', ['title', 'count']]);
  expect(run).not.toHaveBeenCalled();
});

test('who may not do it is told so before anything is read', async () => {
  const teachers = handle(schema, run, { instructorsOnly: true });
  const sent = () => {
    const request = new Request('http://127.0.0.1:3210/api/x', {
      method: 'POST',
      headers: { 'content-type': 'application/json', host: '127.0.0.1:3210' },
      body: '{"title":',
    });
    return teachers(request, { params: Promise.resolve({}) });
  };
  who.mockResolvedValue({ id: 2, name: 'Student', role: 'student' });
  expect(await refused(await sent())).toEqual([403, 'refused', []]);
  who.mockResolvedValue({ id: 1, name: 'Instructor', role: 'instructor' });
  expect(await refused(await sent())).toEqual([400, 'not-json', []]);
});

test('sixty thousand parts are looked at no further than so many are allowed, and the answer is short', async () => {
  const listed = handle(
    object({ parts: array(object({ a: number().required() })).max(50, 'At most 50.') }),
    run,
  );
  const request = new Request('http://127.0.0.1:3210/api/x', {
    method: 'POST',
    headers: { 'content-type': 'application/json', host: '127.0.0.1:3210' },
    body: JSON.stringify({ parts: Array.from({ length: 60_000 }, () => ({})) }),
  });
  const response = await listed(request, { params: Promise.resolve({}) });
  const text = await response.text();
  expect(response.status).toBe(422);
  expect(text.length).toBeLessThan(3000);
  expect((JSON.parse(text) as { error: { fields: unknown[] } }).error.fields).toHaveLength(20);
});

test.each([
  ['text that is no JSON', () => post('{"title":'), [400, 'not-json', []]],
  ['a form instead of JSON', () => post('title=x', { 'content-type': 'text/plain' }), [415, 'not-json', []]],
  ['a body that is too large', () => post(`{"title":"${'x'.repeat(200_001)}"}`), [413, 'too-large', []]],
  [
    'another site',
    () => post('{"title":"x"}', { origin: 'http://elsewhere.test' }),
    [403, 'foreign-origin', []],
  ],
  [
    'a page of another site, as the browser says',
    () => post('{"title":"x"}', { 'sec-fetch-site': 'cross-site' }),
    [403, 'foreign-origin', []],
  ],
  [
    'another program of the same domain',
    () => post('{"title":"x"}', { 'sec-fetch-site': 'same-site' }),
    [403, 'foreign-origin', []],
  ],
  ['a broken origin', () => post('{"title":"x"}', { origin: 'null' }), [403, 'foreign-origin', []]],
  ['a path without a number', () => post('{"title":"x"}', {}, 'abc'), [404, 'not-found', []]],
  ['a number that no row can have', () => post('{"title":"x"}', {}, '99999999999'), [404, 'not-found', []]],
  ['a number in another spelling', () => post('{"title":"x"}', {}, '1e3'), [404, 'not-found', []]],
  ['a name that every object has', () => post('{"toString":1}'), [422, 'invalid', ['toString']]],
  ['a number without end', () => post('{"title":"x","count":1e999}'), [422, 'invalid', ['']]],
] as const)('%s is refused', async (_, ask, expected) => {
  expect(await refused(await ask())).toEqual(expected);
  expect(run).not.toHaveBeenCalled();
});

/** A request whose body never ends, in parts of 50 kB, and how many of them were taken. */
function endlessRequest() {
  let parts = 0;
  const body = new ReadableStream({
    pull(controller) {
      parts += 1;
      controller.enqueue(new TextEncoder().encode(' '.repeat(50_000)));
    },
  });
  const headers = { 'content-type': 'application/json' };
  const init = { method: 'POST', headers, body, duplex: 'half' } as RequestInit;
  return { request: new Request('http://127.0.0.1/api/x', init), pulled: () => parts };
}

test('nobody unknown is read: 401 before the body is looked at', async () => {
  who.mockResolvedValue(null);
  const { request, pulled } = endlessRequest();
  expect(await refused(await route(request, { params: Promise.resolve({}) }))).toEqual([
    401,
    'unknown-person',
    [],
  ]);
  expect(pulled()).toBeLessThanOrEqual(1);
});

test('a body without end is read to the limit and no further', async () => {
  const { request, pulled } = endlessRequest();
  expect(await refused(await route(request, { params: Promise.resolve({}) }))).toEqual([
    413,
    'too-large',
    [],
  ]);
  expect(pulled()).toBeLessThanOrEqual(6);
});

test('nobody chosen is 401', async () => {
  who.mockResolvedValue(null);
  expect(await refused(await post('{"title":"x"}'))).toEqual([401, 'unknown-person', []]);
  const bare = handleBare(() => Promise.resolve(new Response(null, { status: 204 })));
  const request = new Request('http://127.0.0.1/api/x', { method: 'POST' });
  expect((await bare(request, { params: Promise.resolve({}) })).status).toBe(401);
});

test('half a character is replaced, as it can not be stored', async () => {
  const response = await post('{"title":"a\\ud800b"}');
  expect(await response.json()).toMatchObject({ body: { title: 'a\ufffdb' } });
});

test('an outcome of the data is answered one way; a lost database is 503, anything else 500', async () => {
  for (const [kind, status] of [
    ['not-found', 404],
    ['forbidden', 403],
    ['conflict', 409],
    ['invalid', 422],
  ] as const) {
    const outcome = await outcomeOf(() =>
      Promise.resolve(refuse(kind, 'That student has one already.', 'studentIds')),
    );
    run.mockResolvedValueOnce(answer(outcome));
    expect(await refused(await post('{"title":"x"}'))).toEqual([status, 'refused', ['studentIds']]);
  }
  run.mockRejectedValueOnce(new ConnectionRefusedError(new Error('down')));
  expect(await refused(await post('{"title":"x"}'))).toEqual([503, 'database-down', []]);
  const driver = (fields: object) => new DatabaseError(Object.assign(new Error('x'), fields) as never);
  for (const [error, code] of [
    [driver({ code: 'ECONNRESET', fatal: true }), 'database-down'],
    [driver({ code: 'ER_SERVER_SHUTDOWN', errno: 1053, sqlState: '08S01' }), 'database-down'],
    [driver({ code: 'ER_RECORD_FILE_FULL', errno: 1114 }), 'disk-full'],
    [driver({ code: 'ER_LOCK_WAIT_TIMEOUT', errno: 1205 }), 'busy'],
  ] as const) {
    run.mockRejectedValueOnce(error);
    const response = await post('{"title":"x"}');
    expect(Number(response.headers.get('Retry-After'))).toBeGreaterThan(0);
    expect(await refused(response)).toEqual([503, code, []]);
  }
  run.mockRejectedValueOnce(driver({ code: 'ER_PARSE_ERROR', errno: 1064, sqlState: '42000' }));
  expect(await refused(await post('{"title":"x"}'))).toEqual([500, 'failed', []]);
  run.mockRejectedValueOnce(new Error('broken'));
  expect(await refused(await post('{"title":"x"}'))).toEqual([500, 'failed', []]);
});
