import { ownInstallation } from './installation';
import { readFileSync, readdirSync } from 'node:fs';
import { HELPER, WIRES } from '../demo/shop';
import { personId, strangers } from './database';
import { DEMO_CLASS_CODE } from '../demo/accounts';
import { EMPTY_LATHE_FORM } from '../core/machine/lathe/form/lathe-form';
import { entryBody, GOOD_FORM, handedOut } from './fixtures';
import { sendRaw } from './hostile/raw-request';
import { INSTRUCTOR, requestAs, workAs } from './people';
import { expect, test, type APIRequestContext } from './test';

/** Who asks: nobody, the student of the attempt, another of the class, student and instructor of another class, a helper. */
const WHO = [
  'nobody',
  'own',
  'other',
  'foreign student',
  'foreign instructor',
  'helper',
  'instructor',
] as const;
type Who = (typeof WHO)[number];
type Statuses = readonly [number, number, number, number, number, number, number];

interface Row {
  /** What the route is called in the folder app/. */
  route: string;
  path: string;
  body?: () => object;
  /** In the order of WHO. */
  statuses: Statuses;
}

const E = 'EXERCISE';
const A = 'ATTEMPT';
const L = 'LATHE';
const C = '1';
const note = () => entryBody({ kind: 'note', text: 'role table' });
const stale = () => ({ form: { ...GOOD_FORM, title: 'Role table' }, draftVersion: 999_999 });

/** Every page and every method of every route. 307 leads to the names; 409 is past the check of the role. */
const TABLE: readonly Row[] = [
  // A student's home is the bench.
  { route: 'GET /', path: '/', statuses: [307, 307, 307, 307, 200, 200, 200] },
  // The same page for everybody, with nothing personal in it.
  { route: 'GET /bench', path: '/bench', statuses: [200, 200, 200, 200, 200, 200, 200] },
  { route: 'GET /bench-worker.js', path: '/bench-worker.js', statuses: [200, 200, 200, 200, 200, 200, 200] },
  { route: 'GET /gauge', path: '/gauge', statuses: [307, 200, 200, 200, 200, 200, 200] },
  { route: 'GET /practice', path: '/practice', statuses: [307, 200, 200, 200, 200, 200, 200] },
  { route: 'GET /api/bench', path: '/api/bench', statuses: [401, 200, 200, 200, 200, 200, 200] },
  {
    route: 'POST /api/outbox/grant',
    path: '/api/outbox/grant',
    body: () => ({ device: 'x' }),
    statuses: [401, 422, 422, 422, 422, 422, 422],
  },
  // By a device's grant, never by a session.
  {
    route: 'POST /api/outbox',
    path: '/api/outbox',
    body: () => ({ entries: [] }),
    statuses: [401, 401, 401, 401, 401, 401, 401],
  },
  {
    route: 'POST /api/outbox/standing',
    path: '/api/outbox/standing',
    body: () => ({ attemptIds: [] }),
    statuses: [401, 401, 401, 401, 401, 401, 401],
  },
  // By the browser that is a bench, whoever works there.
  {
    route: 'POST /api/outbox/sealed',
    path: '/api/outbox/sealed',
    body: () => ({ sealed: [] }),
    statuses: [401, 401, 401, 401, 401, 401, 401],
  },
  {
    route: 'DELETE /api/grants/[id]',
    path: '/api/grants/999999',
    statuses: [401, 404, 404, 404, 404, 404, 404],
  },
  { route: 'GET /sign-in', path: '/sign-in', statuses: [200, 200, 200, 200, 200, 200, 200] },
  { route: 'GET /kit', path: '/kit', statuses: [200, 200, 200, 200, 200, 200, 200] },
  { route: 'GET /tables', path: '/tables', statuses: [307, 200, 200, 200, 200, 200, 200] },
  { route: 'GET /exercises/[id]', path: `/exercises/${E}`, statuses: [307, 404, 404, 404, 404, 404, 200] },
  {
    route: 'GET /exercises/[id]/sheet',
    path: `/exercises/${E}/sheet`,
    statuses: [307, 404, 404, 404, 404, 404, 200],
  },
  { route: 'GET /attempts/[id]', path: `/attempts/${A}`, statuses: [307, 200, 404, 404, 404, 200, 200] },
  {
    route: 'GET /attempts/[id]/sheet',
    path: `/attempts/${A}/sheet`,
    statuses: [307, 200, 404, 404, 404, 200, 200],
  },
  {
    route: 'GET /attempts/[id]/mark',
    path: `/attempts/${A}/mark`,
    statuses: [307, 404, 404, 404, 404, 404, 200],
  },
  {
    route: 'GET /api/attempts/[id]/news',
    path: `/api/attempts/${A}/news?after=0`,
    statuses: [401, 200, 404, 404, 404, 200, 200],
  },
  {
    route: 'GET /api/attempts/[id]/judging',
    path: `/api/attempts/${A}/judging`,
    statuses: [401, 403, 404, 404, 404, 200, 200],
  },
  {
    route: 'GET /api/attempts/[id]/sheet',
    path: `/api/attempts/${A}/sheet?as=svg`,
    statuses: [401, 200, 404, 404, 404, 200, 200],
  },
  {
    route: 'POST /api/attempts/[id]/entries',
    path: `/api/attempts/${A}/entries`,
    body: note,
    statuses: [401, 201, 404, 404, 404, 201, 201],
  },
  {
    route: 'POST /api/attempts/[id]/mark',
    path: `/api/attempts/${A}/mark`,
    body: () => ({ lines: [], capReason: '', comment: '', entriesSeen: 999_999 }),
    statuses: [401, 403, 404, 404, 404, 403, 409],
  },
  {
    route: 'POST /api/attempts/[id]/plan',
    path: `/api/attempts/${A}/plan`,
    statuses: [401, 403, 404, 404, 404, 403, 409],
  },
  { route: 'POST /api/exercises', path: '/api/exercises', statuses: [401, 403, 403, 403, 201, 403, 201] },
  {
    route: 'PUT /api/exercises/[id]/draft',
    path: `/api/exercises/${E}/draft`,
    body: stale,
    statuses: [401, 403, 403, 403, 404, 403, 409],
  },
  {
    route: 'POST /api/exercises/[id]/hand-out',
    path: `/api/exercises/${E}/hand-out`,
    body: () => ({ ...stale(), studentIds: [1], latheIds: [1] }),
    statuses: [401, 403, 403, 403, 404, 403, 409],
  },
  // To a class that the instructor does not have.
  {
    route: 'POST /api/exercises/[id]/lend',
    path: `/api/exercises/${E}/lend`,
    body: () => ({ classId: 999_999 }),
    statuses: [401, 403, 403, 403, 404, 403, 404],
  },
  {
    route: 'POST /api/exercises/[id]/puzzles',
    path: `/api/exercises/${E}/puzzles`,
    body: () => ({ fault: 'over-cut', amount: 0.01, from: 0 }),
    statuses: [401, 403, 403, 403, 404, 403, 201],
  },
  {
    route: 'POST /api/puzzles/[id]/answer',
    path: '/api/puzzles/999999/answer',
    body: () => ({ answer: 'over-cut' }),
    statuses: [401, 404, 404, 404, 404, 404, 404],
  },
  { route: 'GET /spot/[id]', path: '/spot/999999', statuses: [307, 404, 404, 404, 404, 404, 404] },
  {
    route: 'GET /api/exercises/[id]/sheet',
    path: `/api/exercises/${E}/sheet?as=dxf&lathe=${L}`,
    statuses: [401, 403, 403, 403, 404, 403, 200],
  },
  {
    route: 'GET /api/exercises/[id]/plan',
    path: `/api/exercises/${E}/plan`,
    statuses: [401, 403, 403, 403, 404, 403, 200],
  },
  {
    route: 'DELETE /api/exercises/[id]',
    path: `/api/exercises/${E}`,
    statuses: [401, 403, 403, 403, 404, 403, 409],
  },
  {
    route: 'GET /api/book',
    path: '/api/book?kind=tool&as=csv',
    statuses: [401, 403, 403, 403, 200, 403, 200],
  },
  {
    route: 'POST /api/book',
    path: '/api/book',
    body: () => ({ kind: 'tool', form: {} }),
    statuses: [401, 403, 403, 403, 422, 403, 422],
  },
  {
    route: 'PUT /api/book/[id]',
    path: '/api/book/999999',
    body: () => ({ form: {}, seen: 1 }),
    statuses: [401, 403, 403, 403, 404, 403, 404],
  },
  {
    route: 'PUT /api/book/[id]/archive',
    path: '/api/book/999999/archive',
    body: () => ({ archived: true }),
    statuses: [401, 403, 403, 403, 404, 403, 404],
  },
  { route: 'GET /shop', path: '/shop', statuses: [307, 404, 404, 404, 200, 404, 200] },
  { route: 'GET /shop/new-lathe', path: '/shop/new-lathe', statuses: [307, 404, 404, 404, 200, 404, 200] },
  {
    route: 'GET /shop/lathes/[id]',
    path: `/shop/lathes/${L}`,
    statuses: [307, 404, 404, 404, 200, 404, 200],
  },
  { route: 'GET /api/lathes', path: '/api/lathes?as=csv', statuses: [401, 403, 403, 403, 200, 403, 200] },
  {
    route: 'POST /api/lathes',
    path: '/api/lathes',
    body: () => ({ form: EMPTY_LATHE_FORM }),
    statuses: [401, 403, 403, 403, 422, 403, 422],
  },
  { route: 'GET /api/lathes/[id]', path: `/api/lathes/${L}`, statuses: [401, 403, 403, 403, 200, 403, 200] },
  {
    route: 'PUT /api/lathes/[id]',
    path: `/api/lathes/${L}`,
    body: () => ({ form: EMPTY_LATHE_FORM, seen: 1 }),
    statuses: [401, 403, 403, 403, 422, 403, 422],
  },
  {
    route: 'PUT /api/lathes/[id]/archive',
    path: `/api/lathes/${L}/archive`,
    body: () => ({ archived: false }),
    statuses: [401, 403, 403, 403, 204, 403, 204],
  },
  {
    route: 'POST /api/plans',
    path: '/api/plans',
    body: () => ({ plan: { format: 'oyakata-plan', version: 99 } }),
    statuses: [401, 403, 403, 403, 422, 403, 422],
  },
  {
    route: 'PUT /api/wires',
    path: '/api/wires',
    body: () => ({ sizes: WIRES }),
    statuses: [401, 403, 403, 403, 200, 403, 200],
  },
  {
    route: 'PUT /api/shop/words',
    path: '/api/shop/words',
    body: () => ({ compound: 'slide', crossSlide: 'slide' }),
    statuses: [401, 403, 403, 403, 422, 403, 422],
  },
  {
    route: 'PUT /api/shop',
    path: '/api/shop',
    body: () => ({ timeZone: 'UTC' }),
    statuses: [401, 403, 403, 403, 204, 403, 204],
  },
  {
    route: 'GET /floor',
    path: '/floor',
    statuses: [307, 404, 404, 404, 200, 200, 200],
  },
  {
    route: 'GET /api/classes/[id]/floor',
    path: `/api/classes/${C}/floor`,
    statuses: [401, 403, 403, 404, 404, 200, 200],
  },
  {
    route: 'GET /api/attempts/[id]',
    path: `/api/attempts/${A}`,
    statuses: [401, 200, 404, 404, 404, 200, 200],
  },
  {
    route: 'GET /api/events',
    path: '/api/events',
    statuses: [401, 200, 200, 200, 200, 200, 200],
  },
  {
    route: 'GET /account',
    path: '/account',
    statuses: [307, 200, 200, 200, 200, 200, 200],
  },
  {
    route: 'PUT /api/account/password',
    path: '/api/account/password',
    body: () => ({ current: 'no', password: 'no' }),
    statuses: [401, 409, 409, 409, 422, 422, 422],
  },
  {
    route: 'DELETE /api/sessions/[id]',
    path: '/api/sessions/999999',
    statuses: [401, 404, 404, 404, 404, 404, 404],
  },
  {
    route: 'GET /classes/[id]',
    path: `/classes/${C}`,
    statuses: [307, 404, 404, 404, 404, 404, 200],
  },
  {
    route: 'POST /api/classes',
    path: '/api/classes',
    body: () => ({ name: '\u200b' }),
    statuses: [401, 403, 403, 403, 422, 403, 422],
  },
  {
    route: 'PUT /api/classes/[id]',
    path: `/api/classes/${C}`,
    body: () => ({}),
    statuses: [401, 403, 403, 403, 404, 403, 204],
  },
  {
    route: 'POST /api/classes/[id]/members',
    path: `/api/classes/${C}/members`,
    body: () => ({ names: ['\u200b'], role: 'student' }),
    statuses: [401, 403, 403, 403, 404, 403, 422],
  },
  {
    route: 'PUT /api/classes/[id]/members',
    path: `/api/classes/${C}/members`,
    body: () => ({ personId: 999_999 }),
    statuses: [401, 403, 403, 403, 404, 403, 404],
  },
  {
    route: 'POST /api/classes/[id]/slips',
    path: `/api/classes/${C}/slips`,
    body: () => ({ personIds: [999_999] }),
    statuses: [401, 403, 403, 403, 404, 403, 404],
  },
  {
    route: 'POST /api/session/class',
    path: '/api/session/class',
    body: () => ({ classCode: DEMO_CLASS_CODE }),
    statuses: [200, 200, 200, 200, 200, 200, 200],
  },
  {
    route: 'POST /api/session/bench',
    path: '/api/session/bench',
    body: () => ({ classCode: DEMO_CLASS_CODE, personId: 999_999, pin: '1' }),
    statuses: [404, 404, 404, 404, 404, 404, 404],
  },
  {
    route: 'POST /api/session/secret',
    path: '/api/session/secret',
    body: () => ({ code: 'X', secret: '' }),
    statuses: [422, 422, 422, 422, 422, 422, 422],
  },
  {
    route: 'POST /api/session',
    path: '/api/session',
    body: () => ({ name: 'Nobody' }),
    statuses: [422, 422, 422, 422, 422, 422, 422],
  },
  { route: 'GET /api/session', path: '/api/session', statuses: [200, 200, 200, 200, 200, 200, 200] },
  // Of a session of an earlier day alone.
  {
    route: 'POST /api/session/again',
    path: '/api/session/again',
    body: () => ({ pin: '1' }),
    statuses: [401, 401, 401, 401, 401, 401, 401],
  },
  {
    route: 'POST /api/session/here',
    path: '/api/session/here',
    statuses: [401, 204, 204, 204, 204, 204, 204],
  },
  {
    route: 'POST /api/account/second-factor',
    path: '/api/account/second-factor',
    statuses: [401, 409, 409, 409, 201, 201, 201],
  },
  {
    route: 'PUT /api/account/second-factor',
    path: '/api/account/second-factor',
    body: () => ({ code: 'x' }),
    statuses: [401, 422, 422, 422, 422, 422, 422],
  },
  {
    route: 'DELETE /api/account/second-factor',
    path: '/api/account/second-factor',
    body: () => ({ code: 'x' }),
    statuses: [401, 422, 422, 422, 422, 422, 422],
  },
  {
    route: 'PUT /api/shop/sign-in',
    path: '/api/shop/sign-in',
    body: () => ({}),
    statuses: [401, 403, 403, 403, 422, 403, 422],
  },
  // Last: it ends the session with which the row was asked.
  { route: 'DELETE /api/session', path: '/api/session', statuses: [204, 204, 204, 204, 204, 204, 204] },
];

/** What the folder app/ answers: each page, and each method that a route exports. */
function routesOfApp(): string[] {
  return readdirSync('app', { recursive: true, encoding: 'utf8' }).flatMap((file) => {
    const path = `/${file}`.replace(/\/\([a-z]+\)/g, '').replace(/\/(page\.tsx|route\.ts)$/, '') || '/';
    if (file.endsWith('page.tsx')) return [`GET ${path}`];
    if (!file.endsWith('route.ts')) return [];
    const source = readFileSync(`app/${file}`, 'utf8');
    return [...source.matchAll(/^export (?:const|(?:async )?function) ([A-Z]+)\b/gm)].map(
      ([, method]) => `${method} ${path}`,
    );
  });
}

/** The status of the stream of news, which is left again at once. */
async function streamStatus(baseURL: string, request: APIRequestContext): Promise<number> {
  const { cookies } = await request.storageState();
  const cookie = cookies.map(({ name, value }) => `${name}=${value}`).join('; ');
  const leave = new AbortController();
  const { status } = await fetch(`${baseURL}/api/events`, { headers: { cookie }, signal: leave.signal });
  leave.abort();
  return status;
}

test('every page and every method of every route has a row', () => {
  expect(TABLE.map(({ route }) => route).sort()).toEqual(routesOfApp().sort());
});

test('each is answered as the role may', async ({ playwright, baseURL }) => {
  const instructor = await playwright.request.newContext({ baseURL });
  await requestAs(instructor, await personId(INSTRUCTOR));
  const own = await personId('Juno Hartley');
  const { exerciseId, attemptId, latheId } = await handedOut(instructor, 'Role table', own);
  const foreign = await strangers();
  const ids: Record<Who, number | null> = {
    nobody: null,
    own,
    other: await personId('Ana Brandt'),
    'foreign student': foreign.student,
    'foreign instructor': foreign.instructor,
    helper: await personId(HELPER),
    instructor: await personId(INSTRUCTOR),
  };
  for (const [place, who] of WHO.entries()) {
    const request = await playwright.request.newContext({ baseURL });
    const id = ids[who];
    if (id !== null) await requestAs(request, id);
    for (const { route, path, body, statuses } of TABLE) {
      const data = body?.();
      if (route === 'GET /api/events') {
        // It stays open: the first lines are asked for alone.
        expect(await streamStatus(baseURL ?? '', request), `${route} as ${who}`).toBe(statuses[place]);
        continue;
      }
      const response = await request.fetch(
        path.replace(E, String(exerciseId)).replace(A, String(attemptId)).replace(L, String(latheId)),
        {
          method: route.split(' ')[0] ?? 'GET',
          maxRedirects: 0,
          ...(data === undefined ? {} : { data }),
        },
      );
      expect(response.status(), `${route} as ${who}`).toBe(statuses[place]);
      expect(response.headers()['content-security-policy'], route).toContain("frame-ancestors 'none'");
    }
    await request.dispose();
  }
});

test('a session that ended is nobody, wherever its cookie was copied to', async ({ playwright, baseURL }) => {
  const request = await playwright.request.newContext({ baseURL });
  await requestAs(request, await personId(INSTRUCTOR));
  const { cookies } = await request.storageState();
  const cookie = cookies.map(({ name, value }) => `${name}=${value}`).join('; ');
  expect(cookie).toMatch(/^oyakata-[0-9a-f]{12}=/);
  const copied = await playwright.request.newContext({ baseURL, extraHTTPHeaders: { cookie } });
  expect((await copied.post('/api/exercises')).status()).toBe(201);
  expect((await request.delete('/api/session')).status()).toBe(204);
  expect((await copied.post('/api/exercises')).status()).toBe(401);
});

test('whoever signs out is nobody there', async ({ page }) => {
  await workAs(page, INSTRUCTOR);
  await page.goto('/sign-in');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('button', { name: 'Sign out' })).toHaveCount(0);
  await page.goto('/');
  await expect(page).toHaveURL(/\/sign-in$/);
});

test('only the names of the setting are answered', async () => {
  const { port } = ownInstallation();
  const ask = async (host: string, path = '/') =>
    sendRaw(port, { method: 'GET', path, headers: { host }, body: null });
  for (const host of [`localhost:${port}`, `127.0.0.1:${port}`, `LOCALHOST:${port}`, `[::1]:${port}`])
    expect((await ask(host)).status, host).toBe(307);
  for (const host of ['press-shop.example', `press-shop.example:${port}`, 'localhost:1', '127.0.0.1', '.'])
    expect((await ask(host)).status, host).toBe(421);
  const refused = await ask('press-shop.example', '/api/health');
  expect(refused.status).toBe(421);
  expect(refused.headers['x-content-type-options']).toBe('nosniff');
});

test('the security headers stand on every answer, on those that refuse or fail too', async ({ request }) => {
  for (const path of [
    '/sign-in',
    '/nowhere',
    '/api/nowhere',
    '/exercises/%',
    '/api/exercises/x',
    '/kit?x=%00',
  ]) {
    const response = await request.get(path, { maxRedirects: 0 });
    const headers = response.headers();
    expect(headers['content-security-policy'], path).toMatch(
      /script-src 'self' 'nonce-[\w+/=]{24}' 'strict-dynamic'/,
    );
    expect(headers['x-content-type-options'], path).toBe('nosniff');
    expect(headers['permissions-policy'], path).toContain('camera=()');
    expect(response.status(), path).toBeLessThan(500);
  }
  expect((await request.post('/kit')).status()).toBe(405);
  expect((await request.fetch('/api/health', { method: 'TRACE' }).catch(() => null))?.status() ?? 405).toBe(
    405,
  );
});
