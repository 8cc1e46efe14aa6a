import 'server-only';
import { type AnyObjectSchema, type InferType, ValidationError } from 'yup';
import type { FieldIssue } from '@/core/base/errors/field-issue';
import { cutLongLists } from '@/core/base/json/cut-long-lists';
import { readJson } from '@/core/base/json/read-json';
import { grantedBy, isBound, type Granted } from '@/data/device-grants';
import { isBusy, isDatabaseDown, isDiskFull } from '@/data/errors';
import type { Outcome, Refusal } from '@/data/outcome';
import { log } from '@/data/log';
import type { PersonView } from '@/data/people';
import { sharedAskers } from '@/door/askers';
import { boundTo } from './bench-browser';
import { diskHealth } from './disk-health';
import { logDatabaseDown } from './log-database-down';
import { readBody } from './read-body';
import { viewer } from './session';

interface RouteContext {
  params: Promise<object>;
}

export interface Call<Body> {
  viewer: PersonView;
  body: Body;
  /** The number in the path; 0 for routes without one. */
  id: number;
  request: Request;
}

/** So many fields are named in one answer: nobody mends more at once, and a wrong body is not answered with megabytes. */
const MOST_FIELDS = 20;

/** Shape of every refusal: a code, a sentence, and the fields it concerns. */
export function refusal(
  status: number,
  code: string,
  message: string,
  fields: Pick<FieldIssue, 'field' | 'message'>[] = [],
): Response {
  return Response.json({ error: { code, message, fields } }, { status });
}

export function refuseIssues(issues: readonly Pick<FieldIssue, 'field' | 'message'>[]): Response {
  return refusal(
    422,
    'invalid',
    issues[0]?.message ?? 'Something in the request is not right.',
    issues.slice(0, MOST_FIELDS).map(({ field, message }) => ({ field: field.slice(0, 200), message })),
  );
}

const STATUS: Record<Refusal['kind'], number> = {
  'not-found': 404,
  forbidden: 403,
  conflict: 409,
  invalid: 422,
  'too-often': 429,
  later: 503,
};

/** A device may send what only a later release understands. It is told to try again after so many seconds. */
const UPDATE_SECONDS = 60;

/** Turns an outcome of the data layer into an HTTP answer. `told` picks what the client gets of it. */
export function answer<T>(
  outcome: Outcome<T>,
  status = 200,
  told: (done: T) => unknown = (done) => done,
): Response {
  if ('done' in outcome)
    return status === 204 ? new Response(null, { status }) : Response.json(told(outcome.done), { status });
  const { kind, code, message, fields, more } = outcome.refused;
  const headers = kind === 'later' ? { 'retry-after': String(UPDATE_SECONDS) } : undefined;
  return Response.json({ error: { code, message, fields }, ...more }, { status: STATUS[kind], headers });
}

/**
 * Wraps a route handler that takes a body: same origin, somebody known and of the role that is asked for, JSON within
 * the limit that fits the schema, in this order, so that nobody can make the server read or check what is not theirs. Refusals become 4xx with the field
 * named, an unreachable database 503, and anything else 500 with a line in the log.
 */
export function handle<S extends AnyObjectSchema>(
  schema: S,
  run: (call: Call<InferType<S>>) => Promise<Response>,
  { instructorsOnly = false, unsecured = false } = {},
) {
  return guarded(async (request, id) => {
    const who = await viewer(true);
    if (who === null) return nobody();
    if (who.unsecured === true && !unsecured) return secondFactorFirst();
    if (instructorsOnly && who.role !== 'instructor')
      return refusal(403, 'refused', 'Only the instructor can do this.');
    const body = await checkedBody(request, schema);
    return body instanceof Response ? body : run({ viewer: who, body, id, request });
  });
}

/** The same for a request without a body. */
export function handleBare(run: (call: Call<null>) => Promise<Response>, { unsecured = false } = {}) {
  return guarded(async (request, id) => {
    const who = await viewer(request.method !== 'GET');
    if (who?.unsecured === true && !unsecured) return secondFactorFirst();
    return who === null ? nobody() : run({ viewer: who, body: null, id, request });
  });
}

/** The same for what a device sends in the name of the person whose entries it keeps, whoever is signed in there now. */
export function handleGranted<S extends AnyObjectSchema>(
  schema: S,
  run: (granted: Granted, body: InferType<S>) => Promise<Response>,
) {
  return guarded(async (request) => {
    const token = /^Bearer ([\w-]{1,100})$/.exec(request.headers.get('authorization') ?? '')?.[1] ?? '';
    const granted = await grantedBy(token, await boundTo());
    if (granted === null)
      return refusal(401, 'no-grant', 'Sign in at this device: then what it keeps is sent.');
    sharedAskers().recognised(token, granted.person.id);
    const body = await checkedBody(request, schema);
    return body instanceof Response ? body : run(granted, body);
  });
}

/** The same for what was left closed at a bench: its browser is known, whoever works there. */
export function handleBound<S extends AnyObjectSchema>(
  schema: S,
  run: (body: InferType<S>) => Promise<Response>,
) {
  return guarded(async (request) => {
    if (!(await isBound(await boundTo()))) return refusal(401, 'no-grant', 'This browser is no bench.');
    const body = await checkedBody(request, schema);
    return body instanceof Response ? body : run(body);
  });
}

/** The same for the requests by which somebody becomes known. */
export function handleUnknown<S extends AnyObjectSchema>(
  schema: S,
  run: (body: InferType<S>, request: Request) => Promise<Response>,
) {
  return guarded(async (request) => {
    const body = await checkedBody(request, schema);
    return body instanceof Response ? body : run(body, request);
  });
}

/** `unsecured` of a handler: it serves those too who have not set up the second factor that the shop demands. */
const secondFactorFirst = () =>
  refusal(403, 'second-factor-needed', 'The shop demands a second factor. Set it up on your account page.');

const nobody = () => refusal(401, 'unknown-person', 'Sign in first.');

/** The outermost layer: origin, the id in the path, room on the disk, and every error turned into an answer. */
export function guarded(
  run: (request: Request, id: number) => Promise<Response>,
  /** This handler stores almost nothing, so it also works when the disk is full. */
  { alsoOnFullDisk = false } = {},
) {
  return async (request: Request, context: RouteContext): Promise<Response> => {
    const response = await answered(request, context);
    // Answers are personal, so no browser and no proxy may keep them.
    if (!response.headers.has('cache-control')) response.headers.set('Cache-Control', 'no-store');
    return response;
  };

  async function answered(request: Request, context: RouteContext): Promise<Response> {
    try {
      if (isForeign(request)) return refusal(403, 'foreign-origin', 'This request comes from another site.');
      // Routes without a number in the path get no params at all.
      const text = ((await context.params) as { id?: string } | undefined)?.id;
      const id = text === undefined ? 0 : rowId(text);
      if (id === null) return refusal(404, 'not-found', 'There is no such page.');
      // Refused here, before a full disk reaches the database: the database server may stop on it.
      if (request.method !== 'GET' && !alsoOnFullDisk && (await diskHealth()) === 'full')
        return diskFull(request);
      return await run(request, id);
    } catch (error) {
      return answerError(error, request);
    }
  }
}

/** The class that an address names: `?class=2`. */
export const classNamed = (request: Request): number | null =>
  rowId(new URL(request.url).searchParams.get('class') ?? '');

/** The number of a row as it stands in a path: figures only, no sign, no exponent. */
export function rowId(text: string): number | null {
  const id = /^[1-9]\d{0,9}$/.test(text) ? Number(text) : null;
  return id !== null && id <= 2 ** 31 - 1 ? id : null;
}

/**
 * Whether a page of another site has sent it. Browsers say so themselves (Sec-Fetch-Site, which no script can set);
 * another program on the same registered domain is another site, too. A link from elsewhere may lead to a file.
 */
function isForeign(request: Request): boolean {
  const site = request.headers.get('sec-fetch-site') ?? 'none';
  const leads = request.method === 'GET' && request.headers.get('sec-fetch-mode') === 'navigate';
  if (site !== 'same-origin' && site !== 'none' && !leads) return true;
  const origin = request.headers.get('origin');
  if (origin === null || request.method === 'GET') return false;
  try {
    return new URL(origin).host !== request.headers.get('host');
  } catch {
    return true;
  }
}

async function checkedBody<S extends AnyObjectSchema>(
  request: Request,
  schema: S,
): Promise<InferType<S> | Response> {
  const type = (request.headers.get('content-type') ?? '').split(';')[0]?.trim().toLowerCase();
  if (type !== 'application/json')
    return refusal(415, 'not-json', 'Send JSON with content-type application/json.');
  const text = await readBody(request);
  if (text === null) return refusal(413, 'too-large', 'The request is too large.');
  const json = readJson(text);
  if (!json.ok) {
    const issue = json.issues[0];
    return issue?.code === 'not-json' ? refusal(400, 'not-json', issue.message) : refuseIssues(json.issues);
  }
  try {
    return await schema.validate(cutLongLists(schema, json.value), { abortEarly: false, stripUnknown: true });
  } catch (error) {
    if (!ValidationError.isError(error)) throw error;
    const all = error.inner.length > 0 ? error.inner : [error];
    return refuseIssues(all.map((inner) => ({ field: inner.path ?? '', message: inner.message })));
  }
}

function answerError(error: unknown, request: Request): Response {
  if (isDiskFull(error)) return diskFull(request);
  if (isBusy(error)) return later('busy', 'Many record at this moment. Trying again.', 2);
  if (isDatabaseDown(error)) {
    logDatabaseDown(error);
    return later('database-down', 'The database can not be reached. What you typed is still here.', 5);
  }
  log.error({ err: error, path: new URL(request.url).pathname, method: request.method }, 'request failed');
  return refusal(
    500,
    'failed',
    'Something went wrong on the server. What you typed is still here; try again.',
  );
}

function diskFull(request: Request): Response {
  log.error({ path: new URL(request.url).pathname }, 'disk full');
  return later(
    'disk-full',
    'The disk of the server is full: nothing can be stored. What you typed is still here.',
    15,
  );
}

/** A refusal for now: sending the same again after the seconds named is right, and the client does it by itself. */
export function later(code: string, message: string, seconds: number): Response {
  const response = refusal(503, code, message);
  response.headers.set('Retry-After', String(seconds));
  return response;
}
