import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { BOOK_KINDS } from '../../core/machine/book/book';
import { emptyBookForm } from '../../core/machine/book/read-book-form';
import { FAULT_IDS } from '../../core/cutting/fault/faults';
import { EMPTY_LATHE_FORM } from '../../core/machine/lathe/form/lathe-form';
import { LATHE_FIELDS } from '../../core/machine/lathe/form/lathe-fields';
import { usualLathe } from '../../core/machine/lathe/usual-lathe';
import { PLAN_FIELDS, withLeaf, type PlanForm } from '../../core/exercise/plan/draft';
import { ENTRY_KINDS, type KnownKind } from '../../core/exercise/record/entry/kinds';
import { anyText } from '../../core/test/arbitrary-text';
import { entryExamples } from '../../core/test/entry-examples';
import { planFor, sheetOf } from '../../core/test/record';
import { valuesOf } from '../../core/test/schema-values';

/** What there is to aim at. */
export interface Ground {
  exerciseId: number;
  /** Attempts of one student: entries are spread over them, so that no record grows long. */
  attemptIds: readonly number[];
  latheId: number;
  classId: number;
  form: PlanForm;
  /** A grant of a device, with which a batch is sent, and the cookie of the browser in which it is good. */
  token: string;
  bound: string;
}

/** A handler, or a kind of entry at one, with bodies that are made for it. */
export interface Target {
  name: string;
  method: 'POST' | 'PUT';
  path: fc.Arbitrary<string>;
  body: fc.Arbitrary<unknown>;
  headers?: Record<string, string>;
  /** Stands beside the cookie of whoever asks. */
  cookie?: string;
  /** The part of the body that matters most. */
  inside?: string;
  /** How many times as often as another it is sent to. */
  times?: number;
}

const aText = (most: number) => anyText.map((text) => text.slice(0, most));

/** One target for each kind of entry, in every format that was ever written. */
function entryTargets({ attemptIds }: Ground): Target[] {
  const examples = entryExamples(sheetOf());
  return (Object.keys(ENTRY_KINDS) as KnownKind[]).map((kind) => {
    const today = valuesOf(ENTRY_KINDS[kind].schema).map((content) => ({
      format: ENTRY_KINDS[kind].format,
      content,
    }));
    const every = Object.entries(examples[kind]).map(([format, content]) =>
      fc.constant({ format: Number(format), content }),
    );
    return {
      name: `entry: ${kind}`,
      method: 'POST',
      path: fc.constantFrom(...attemptIds.map((id) => `/api/attempts/${id}/entries`)),
      body: fc.oneof({ weight: 2, arbitrary: today }, ...every).map((made) => envelope(made)),
      inside: 'content',
      times: 1.6,
    };
  });
}

function envelope(made: { format: number; content: unknown }) {
  return {
    id: randomUUID(),
    device: randomUUID(),
    sequence: 1,
    after: null,
    deviceTime: new Date().toISOString(),
    ...made,
  };
}

/** Handlers that take a body, and the kinds of entry. Those that sign people in are tried elsewhere: they count tries. */
export function targetsOf(ground: Ground): Target[] {
  const { exerciseId, attemptIds, latheId, classId, form, token, bound } = ground;
  const [attemptId = 0] = attemptIds;
  const at = (path: string) => fc.constant(path);
  const plan = fc
    .dictionary(fc.constantFrom(...PLAN_FIELDS), aText(100), { maxKeys: 2 })
    .map((typed) => Object.entries(typed).reduce((made, [field, text]) => withLeaf(made, field, text), form));
  const lathe = fc
    .dictionary(fc.constantFrom(...LATHE_FIELDS), aText(60), { maxKeys: 2 })
    .map((typed) => ({ ...EMPTY_LATHE_FORM, name: 'Hostile', ...typed }));
  const document = fc.constant(usualLathe('in', 'Hostile'));
  const book = fc
    .tuple(fc.constantFrom(...BOOK_KINDS), aText(40))
    .map(([kind, name]) => ({ kind, form: { ...emptyBookForm(kind), name }, documents: null, rows: null }));
  const rows = fc.array(fc.array(aText(20), { minLength: 1, maxLength: 4 }), { minLength: 1, maxLength: 4 });
  return [
    ...entryTargets(ground),
    {
      name: 'outbox',
      method: 'POST',
      path: at('/api/outbox'),
      headers: { authorization: `Bearer ${token}` },
      cookie: bound,
      body: fc.array(fc.nat(3), { minLength: 1, maxLength: 3 }).map((which) => ({
        entries: which.map((n) => ({
          ...envelope({ format: 2, content: { kind: 'note', text: `of a bench, ${n}` } }),
          attemptId,
        })),
        held: [{ attemptId, held: which.length }],
      })),
    },
    {
      name: 'standing',
      method: 'POST',
      path: at('/api/outbox/standing'),
      headers: { authorization: `Bearer ${token}` },
      cookie: bound,
      body: fc.constant({ attemptIds: [...attemptIds] }),
    },
    {
      name: 'sealed',
      method: 'POST',
      path: at('/api/outbox/sealed'),
      cookie: bound,
      body: fc.record({
        sealed: fc.array(
          fc.record({
            attemptId: fc.constant(attemptId),
            sequence: fc.nat(9).map((n) => n + 1),
            personId: fc.constant(1),
            seal: fc.uuid(),
            iv: fc.constant('AAAAAAAAAAAAAAAA'),
            closed: fc.base64String({ minLength: 4, maxLength: 400 }),
          }),
          { minLength: 1, maxLength: 3 },
        ),
      }),
    },
    {
      name: 'mark',
      method: 'POST',
      path: at(`/api/attempts/${attemptId}/mark`),
      body: fc.record({
        lines: fc.array(
          fc.record({ id: fc.constantFrom('step:blank', 'x'), points: aText(8), reason: aText(60) }),
          {
            maxLength: 3,
          },
        ),
        capReason: aText(40),
        comment: aText(200),
        entriesSeen: fc.nat(3),
        supersedes: fc.constantFrom(null, 1, 7),
      }),
    },
    {
      name: 'draft',
      method: 'PUT',
      path: at(`/api/exercises/${exerciseId}/draft`),
      body: fc.record({ form: plan, draftVersion: fc.nat(3), saveId: fc.uuid() }),
    },
    {
      name: 'hand-out',
      method: 'POST',
      path: at(`/api/exercises/${exerciseId}/hand-out`),
      body: fc.record({
        form: plan,
        draftVersion: fc.nat(3),
        studentIds: fc.constant([999_999]),
        latheIds: fc.constant([latheId]),
      }),
    },
    { name: 'plan', method: 'POST', path: at('/api/plans'), body: fc.constant({ plan: planFor() }) },
    {
      name: 'new lathe',
      method: 'POST',
      path: at('/api/lathes'),
      body: fc.oneof(
        lathe.map((typed) => ({ form: typed })),
        document.map((each) => ({ form: null, document: each })),
        rows.map((each) => ({ rows: each })),
      ),
    },
    {
      name: 'lathe',
      method: 'PUT',
      path: at(`/api/lathes/${latheId}`),
      body: fc.record({ form: lathe, seen: fc.integer({ min: 90, max: 99 }) }),
    },
    {
      name: 'book',
      method: 'POST',
      path: at('/api/book'),
      body: fc.oneof(
        book,
        fc.tuple(book, rows).map(([made, each]) => ({ ...made, form: null, rows: each })),
      ),
    },
    {
      name: 'words',
      method: 'PUT',
      path: at('/api/shop/words'),
      body: fc.record({ compound: aText(30), halfNut: aText(30) }),
    },
    {
      name: 'time zone',
      method: 'PUT',
      path: at('/api/shop'),
      body: fc.record({ timeZone: fc.oneof(fc.constant('UTC'), aText(30)) }),
    },
    {
      name: 'wires',
      method: 'PUT',
      path: at('/api/wires'),
      body: fc.record({
        sizes: fc.array(
          fc.record({
            value: fc.double({ min: 0.01, max: 5, noNaN: true }),
            unit: fc.constantFrom('in', 'mm'),
          }),
          { minLength: 1, maxLength: 4 },
        ),
      }),
    },
    {
      name: 'members',
      method: 'POST',
      path: at(`/api/classes/${classId}/members`),
      body: fc.record({
        names: fc.array(aText(30), { minLength: 1, maxLength: 2 }),
        personId: fc.constant(null),
        role: fc.constantFrom('student', 'helper'),
      }),
    },
    {
      name: 'fault puzzle',
      method: 'POST',
      path: at(`/api/exercises/${exerciseId}/puzzles`),
      body: fc.record({
        fault: fc.constantFrom(...FAULT_IDS),
        amount: fc.double({ min: -10, max: 10, noNaN: true }),
        from: fc.nat(10),
      }),
    },
  ];
}
