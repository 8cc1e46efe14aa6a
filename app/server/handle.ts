import 'server-only';
import { type AnyObjectSchema, type InferType, ValidationError } from 'yup';
import type { FieldIssue } from '@/core/errors/field-issue';
import { DataRefusal, isDatabaseDown } from '@/data/errors';
import { log } from '@/data/log';
import type { PersonView } from '@/data/people';
import { viewer } from './session';

const MOST_BYTES = 200_000;

interface RouteContext {
  params: Promise<object>;
}

export interface Call<Body> {
  viewer: PersonView;
  body: Body;
  /** The number in the path; 0 for routes without one. */
  id: number;
}

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
    issues.map(({ field, message }) => ({ field, message })),
  );
}

/**
 * Wraps a route handler that changes something: same origin, signed in, JSON that fits the schema. Refusals become 4xx
 * with the field named, an unreachable database 503, and anything else 500 with a line in the log.
 */
export function handle<S extends AnyObjectSchema>(
  schema: S,
  run: (call: Call<InferType<S>>) => Promise<Response>,
) {
  return guarded(async (request, id) => {
    const body = await readBody(request, schema);
    if (body instanceof Response) return body;
    const who = await viewer();
    if (who === null) return refusal(401, 'unknown-person', 'Say first who you are.');
    return run({ viewer: who, body, id });
  });
}

/** The same for a request without a body. */
export function handleBare(run: (call: Call<null>) => Promise<Response>) {
  return guarded(async (_, id) => {
    const who = await viewer();
    if (who === null) return refusal(401, 'unknown-person', 'Say first who you are.');
    return run({ viewer: who, body: null, id });
  });
}

/** The outermost layer: origin, the id in the path, and every error turned into an answer. */
export function guarded(run: (request: Request, id: number) => Promise<Response>) {
  return async (request: Request, context: RouteContext): Promise<Response> => {
    const begin = performance.now();
    const response = await answer(request, context);
    const { pathname } = new URL(request.url);
    const ms = Math.round(performance.now() - begin);
    log.info({ method: request.method, path: pathname, status: response.status, ms }, 'request');
    return response;
  };

  async function answer(request: Request, context: RouteContext): Promise<Response> {
    try {
      if (isForeign(request)) return refusal(403, 'foreign-origin', 'This request comes from another site.');
      // Routes without a number in the path get no params at all.
      const text = ((await context.params) as { id?: string } | undefined)?.id;
      const id = text === undefined ? 0 : Number(text);
      if (!Number.isInteger(id) || id < 0 || id > 2 ** 31 - 1)
        return refusal(404, 'not-found', 'There is no such page.');
      return await run(request, id);
    } catch (error) {
      return answerError(error, request);
    }
  }
}

function isForeign(request: Request): boolean {
  const origin = request.headers.get('origin');
  if (origin === null || request.method === 'GET') return false;
  try {
    return new URL(origin).host !== request.headers.get('host');
  } catch {
    return true;
  }
}

async function readBody<S extends AnyObjectSchema>(
  request: Request,
  schema: S,
): Promise<InferType<S> | Response> {
  if (!(request.headers.get('content-type') ?? '').startsWith('application/json')) {
    return refusal(415, 'not-json', 'Send JSON with content-type application/json.');
  }
  const text = await request.text();
  if (text.length > MOST_BYTES) return refusal(413, 'too-large', 'The request is too large.');
  let json: unknown;
  try {
    // Half a character (a lone surrogate) can be sent, but not stored; it becomes the replacement character.
    json = JSON.parse(text, (_, value: unknown) =>
      typeof value === 'string' ? value.toWellFormed() : value,
    );
  } catch {
    return refusal(400, 'not-json', 'The body is not readable JSON.');
  }
  try {
    return await schema.validate(json, { abortEarly: false, stripUnknown: true });
  } catch (error) {
    if (!ValidationError.isError(error)) throw error;
    const all = error.inner.length > 0 ? error.inner : [error];
    return refuseIssues(all.map((inner) => ({ field: inner.path ?? '', message: inner.message })));
  }
}

function answerError(error: unknown, request: Request): Response {
  if (error instanceof DataRefusal) {
    const fields = error.field === null ? [] : [{ field: error.field, message: error.message }];
    return refusal(error.status, 'refused', error.message, fields);
  }
  if (isDatabaseDown(error)) {
    log.error({ err: error }, 'database not reachable');
    return refusal(
      503,
      'database-down',
      'The database can not be reached. What you typed is still here; try again.',
    );
  }
  log.error({ err: error, url: request.url, method: request.method }, 'request failed');
  return refusal(
    500,
    'failed',
    'Something went wrong on the server. What you typed is still here; try again.',
  );
}
