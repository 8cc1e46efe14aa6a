import fc from 'fast-check';
import { PLAN_FIELDS, withLeaf, type PlanForm } from '../../core/plan';
import { ENTRY_KINDS } from '../../core/record';
import { anyJson, anyText } from '../../core/test/arbitrary-text';
import { ENTRY_NAMES } from '../../core/test/entry-names';
import type { RawRequest } from './raw-request';

/** Who asks and what there is to aim at. */
export interface Targets {
  cookies: readonly string[];
  exerciseId: number;
  attemptId: number;
  form: PlanForm;
}

const NAMES = [
  ...ENTRY_NAMES,
  'id',
  'device',
  'sequence',
  'after',
  'format',
  'deviceTime',
  'content',
  'latheIds',
  'supersedes',
  'plan',
  'document',
  'sizes',
  'timeZone',
  'form',
  'draftVersion',
  'saveId',
  'studentIds',
  'lines',
  'points',
  'capReason',
  'comment',
  'entriesSeen',
  'personId',
  ...PLAN_FIELDS,
];

/** Text that can stand in a request line or a header. */
const printable = anyText.map((text) => text.slice(0, 400).replace(/[^\x21-\x7e]/g, ''));
const number = fc
  .oneof(
    fc.nat(20),
    fc.constantFrom('%', '-1', '0', '1e3', '9'.repeat(30), 'NaN', '..', '1;', '%2e%2e', '[id]'),
    printable,
  )
  .map(String);

/** Requests as somebody who means ill, or a broken program, sends them; many are nearly right. */
export function anyRequest({ cookies, exerciseId, attemptId, form }: Targets): fc.Arbitrary<RawRequest> {
  const e = fc.oneof(
    { weight: 5, arbitrary: fc.constant(String(exerciseId)) },
    { weight: 1, arbitrary: number },
  );
  const a = fc.oneof(
    { weight: 5, arbitrary: fc.constant(String(attemptId)) },
    { weight: 1, arbitrary: number },
  );
  const path = fc.oneof(
    { weight: 4, arbitrary: a.map((id) => `/api/attempts/${id}/entries`) },
    { weight: 1, arbitrary: a.map((id) => `/api/attempts/${id}/mark`) },
    {
      weight: 1,
      arbitrary: fc.tuple(a, printable).map(([id, after]) => `/api/attempts/${id}/news?after=${after}`),
    },
    { weight: 2, arbitrary: e.map((id) => `/api/exercises/${id}/draft`) },
    { weight: 1, arbitrary: e.map((id) => `/api/exercises/${id}/hand-out`) },
    { weight: 1, arbitrary: e.map((id) => `/api/exercises/${id}/plan`) },
    {
      weight: 1,
      arbitrary: fc.constantFrom(
        '/api/session',
        '/api/session/class',
        '/api/session/bench',
        '/api/session/secret',
        '/api/account/password',
        '/api/classes',
        '/api/health',
        '/api/bench',
        '/api/outbox',
        '/api/outbox/grant',
        '/api/outbox/standing',
        '/bench',
        '/',
        '/sign-in',
        '/shop',
        '/?class=x&page=1e9',
      ),
    },
    { weight: 1, arbitrary: fc.constantFrom('/api/plans', '/api/lathes', '/api/wires', '/api/shop') },
    { weight: 1, arbitrary: printable.map((text) => `/tables?thread=${text}`) },
    {
      weight: 1,
      arbitrary: fc
        .tuple(
          fc.constantFrom('exercises', 'attempts', 'classes', 'api/classes', 'api/attempts', 'api/sessions'),
          number,
        )
        .map(([kind, id]) => `/${kind}/${id}`),
    },
    { weight: 1, arbitrary: printable.map((text) => `/${text}`) },
  );
  const method = fc.oneof(
    { weight: 5, arbitrary: fc.constant('fitting') },
    { weight: 1, arbitrary: fc.constantFrom('GET', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'HEAD') },
  );
  const id = fc.oneof(
    { weight: 3, arbitrary: fc.uuid() },
    { weight: 1, arbitrary: fc.constant('0d5cb4f6-0b3c-4c1a-9a52-6d3c2f1f9d10') },
  );
  const good = fc.record({
    entry: fc.record({
      id,
      kind: fc.constantFrom(...Object.keys(ENTRY_KINDS)),
      more: fc.dictionary(
        fc.constantFrom(...ENTRY_NAMES),
        fc.oneof(anyText, fc.double(), fc.integer(), fc.constant(null)),
        { maxKeys: 6 },
      ),
    }),
    draft: fc.record({
      more: fc.dictionary(fc.constantFrom(...PLAN_FIELDS), anyText, { maxKeys: 3 }),
      version: fc.nat(3),
    }),
    spoilt: fc.option(fc.tuple(fc.constantFrom(...NAMES), anyJson(NAMES)), { freq: 3 }),
    wild: fc.option(anyJson(NAMES), { freq: 4 }),
    torn: fc.option(fc.nat(60), { freq: 12 }),
  });
  const headers = fc.record({
    cookie: fc.oneof(
      { weight: 8, arbitrary: fc.constantFrom(...cookies) },
      {
        weight: 1,
        arbitrary: printable.map((text) => `${(cookies[0] ?? '').split('=')[0]}=${text.slice(0, 90)}`),
      },
    ),
    type: fc.oneof(
      { weight: 12, arbitrary: fc.constant('application/json') },
      {
        weight: 1,
        arbitrary: fc.constantFrom(
          'text/plain',
          '',
          'multipart/form-data; boundary=x',
          'application/x-www-form-urlencoded',
        ),
      },
    ),
    router: fc.option(
      fc.tuple(
        fc.constantFrom(
          'rsc',
          'next-router-state-tree',
          'next-router-prefetch',
          'next-action',
          'next-url',
          'x-middleware-subrequest',
          'range',
          'accept',
          'if-none-match',
        ),
        fc.oneof(printable, fc.constantFrom('1', '%5B%22%22%5D', '[]', '%7B%7D')),
      ),
      { freq: 8 },
    ),
  });
  return fc.tuple(path, method, good, headers).map(([path, method, body, head]) => {
    const fitting = /entries|mark|hand-out|session|plans|lathes/.test(path)
      ? 'POST'
      : /draft|wires|api\/shop/.test(path)
        ? 'PUT'
        : 'GET';
    const verb = method === 'fitting' ? fitting : method;
    return {
      method: verb,
      path,
      headers: {
        cookie: head.cookie,
        ...(head.type === '' ? {} : { 'content-type': head.type }),
        ...(head.router === null ? {} : { [head.router[0]]: head.router[1] }),
      },
      body: verb === 'GET' || verb === 'HEAD' ? null : bodyOf(path, body),
    };
  });

  function bodyOf(
    path: string,
    {
      entry,
      draft,
      spoilt,
      wild,
      torn,
    }: {
      entry: { id: string; kind: string; more: Record<string, unknown> };
      draft: { more: Record<string, string>; version: number };
      spoilt: [string, string] | null;
      wild: string | null;
      torn: number | null;
    },
  ): string {
    if (wild !== null) return wild;
    const whole: Record<string, unknown> = /entries/.test(path)
      ? {
          id: entry.id,
          device: entry.id,
          sequence: 1,
          after: null,
          deviceTime: new Date().toISOString(),
          format: 3,
          content: {
            stepId: 'blank',
            value: null,
            text: 'x',
            reading: 0.01,
            ...entry.more,
            kind: entry.kind,
          },
        }
      : /mark/.test(path)
        ? {
            lines: [
              {
                id: 'step:blank',
                points: textOf(entry.more.value),
                reason: textOf(entry.more.reason),
              },
            ],
            capReason: '',
            comment: '',
            entriesSeen: 999_999,
          }
        : {
            form: Object.entries(draft.more).reduce(
              (made, [field, text]) => withLeaf(made, field, text),
              form,
            ),
            draftVersion: draft.version,
            studentIds: [999_999],
            latheIds: [999_999],
            plan: form,
            document: form,
            sizes: [],
            timeZone: entry.kind,
            personId: 999_999,
          };
    const text = JSON.stringify(whole);
    const spoiltText =
      spoilt === null ? text : `${text.slice(0, -1)},${JSON.stringify(spoilt[0])}:${spoilt[1]}}`;
    return torn === null ? spoiltText : spoiltText.slice(0, -torn);
  }
}

function textOf(value: unknown): string {
  return typeof value === 'string' || typeof value === 'number' ? String(value) : '';
}
