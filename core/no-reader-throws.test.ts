import fc from 'fast-check';
import { isSchema, ValidationError, type AnyObjectSchema } from 'yup';
import { calc, CALC_KINDS } from '@/core/outside/calc/calc';
import { parseCompoundAngle } from '@/core/thread/compound/parse-compound-angle';
import { allFinite } from '@/core/base/json/all-finite';
import { readJson } from '@/core/base/json/read-json';
import { EMPTY_LATHE_FORM } from '@/core/machine/lathe/form/lathe-form';
import { LATHE_FIELDS } from '@/core/machine/lathe/form/lathe-fields';
import { readLatheForm } from '@/core/machine/lathe/form/read-lathe-form';
import { confirmMark, markFormSchema } from '@/core/exercise/marking/confirm-mark';
import { proposeMark } from '@/core/exercise/marking/propose-mark';
import { formFrom, PLAN_FIELDS } from '@/core/exercise/plan/draft';
import { handOutSchema, saveDraftSchema } from '@/core/exercise/plan/plan-schema';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import { checkContent } from '@/core/exercise/record/entry/check-content';
import { entryEnvelopeSchema } from '@/core/exercise/record/entry/entry-envelope';
import { ENTRY_KINDS, type KnownKind } from '@/core/exercise/record/entry/kinds';
import { readEntry } from '@/core/exercise/record/entry/read-entry';
import { readStepValue } from '@/core/exercise/record/entry/kinds/step';
import { anyJson, anyText } from './test/arbitrary-text';
import { ENTRY_NAMES } from './test/entry-names';
import { contextOf, formWith, recordOf, SCHEME, sheetOf } from './test/record';
import { fitOf } from '@/core/thread/standards/fit';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { printDesignation } from '@/core/thread/standards/print-designation';
import { readSquare } from '@/core/thread/standards/square/square-thread';
import { suggestThreads } from '@/core/thread/standards/suggest';
import { threadLimits } from '@/core/thread/standards/limits';
import { parseInsertPitches } from '@/core/thread/tool/insert-pitch';
import { parseAngleDeg } from '@/core/base/units/parse-angle';
import { parseFigures, parseLength, parseWhole } from '@/core/base/units/parse-length';
import { parseLengthList } from '@/core/base/units/parse-length-list';

/** No text in any field and no JSON value sent may throw, and no number that comes out is without end. */
const RUNS = { numRuns: 1000, seed: 20261125 };
const sheet = sheetOf();
const record = recordOf([{ kind: 'note', text: 'first' }]);
const context = contextOf(sheet, record);
const proposal = proposeMark(sheet, SCHEME, record);

const READERS: Record<string, (text: string) => unknown> = {
  parseFigures: (text) => parseFigures('x', text),
  'parseLength, inch': (text) => parseLength('x', text, 'in'),
  'parseLength, mm': (text) => parseLength('x', text, 'mm'),
  parseLengthList: (text) => parseLengthList('x', text, 'mm'),
  parseAngleDeg: (text) => parseAngleDeg('x', text, 0, 360),
  parseWhole: (text) => parseWhole('x', text, 0, 5000, 'a number'),
  readStepValue: (text) =>
    (['°', 'rpm', 'TPI', 'mm pitch', 'in', 'mm'] as const).map((u) => readStepValue(text, u)),
  readSquare,
  suggestThreads: (text) => suggestThreads(text),
  'parseDesignation, limits and fit': (text) => {
    const read = parseDesignation(text);
    if (!read.ok) return read;
    const { thread } = read.value;
    return [
      printDesignation(thread),
      threadLimits(thread),
      fitOf(thread).clearance,
      fitOf(thread, 5).clearance,
    ];
  },
  'readPlan, thread': (text) => figuresOf(readPlan(formWith({ 'thread.designation': text }))),
  'readEntry, every field': (text) =>
    Object.keys(ENTRY_KINDS).map((kind) =>
      readEntry({ ...Object.fromEntries(ENTRY_NAMES.map((field) => [field, text])), kind }, context),
    ),
  'parseCompoundAngle, mark or angle': (text) => [
    parseCompoundAngle('x', text, 'bed'),
    parseCompoundAngle('x', `mark ${text}`, 'cross-slide'),
  ],
  parseInsertPitches: (text) => [
    parseInsertPitches('x', text, 'in'),
    parseInsertPitches('x', `${text} TPI`, 'mm'),
  ],
  'readLatheForm, every field': (text) =>
    LATHE_FIELDS.map((field) => readLatheForm({ ...EMPTY_LATHE_FORM, name: 'Lathe', [field]: text })),
  'formFrom, text for a draft': (text) => formFrom(text),
  'readEntry, a figure': (text) => [
    readEntry({ kind: 'step', stepId: 'blank', value: text }, context),
    readEntry({ kind: 'pass', plannedPass: '1', reading: text }, context),
    readEntry({ kind: 'measurement', purpose: 'mid', start: text, crest: text }, context),
  ],
  confirmMark: (text) =>
    confirmMark(proposal, SCHEME, {
      lines: [{ id: 'step:blank', points: text, reason: text }],
      capReason: text,
      comment: text,
    }),
  'calc with text for JSON': (text) => Object.keys(CALC_KINDS).map((kind) => calc(kind, text)),
};

function figuresOf({ evaluation, plan }: ReturnType<typeof readPlan>) {
  return { figures: { ...evaluation, thread: null }, plan };
}

test.each(Object.entries(READERS))(
  '%s: any text',
  (_, read) => {
    fc.assert(
      // A property says so itself: an assertion for each of a million texts takes longer than the readers do.
      fc.property(anyText, (text) => allFinite(read(text))),
      RUNS,
    );
  },
  60_000,
);

test('readPlan: any text in any fields of a good plan', () => {
  const fields = fc.dictionary(fc.constantFrom(...PLAN_FIELDS), anyText, { maxKeys: 3 });
  fc.assert(
    fc.property(fields, (typed) => {
      const read = readPlan(formWith({ 'thread.designation': 'M16x2-6g', ...typed }));
      expect(read.issues.filter(({ code }) => code === 'failed')).toEqual([]);
      expect(allFinite(figuresOf(read))).toBe(true);
    }),
    { ...RUNS, numRuns: 600 },
  );
}, 60_000);

const SCHEMAS: Record<string, AnyObjectSchema> = {
  entry: entryEnvelopeSchema,
  mark: markFormSchema,
  draft: saveDraftSchema,
  'hand-out': handOutSchema,
};

test.each(Object.entries(SCHEMAS))(
  'the schema of the %s: any JSON is a value or named issues',
  (_, schema) => {
    fc.assert(
      fc.property(anyJson(namesOf(schema)), (text) => {
        const json = readJson(text);
        if (!json.ok) return json.issues.length === 1;
        try {
          return allFinite(schema.validateSync(json.value, { abortEarly: false, stripUnknown: true }));
        } catch (error) {
          return ValidationError.isError(error);
        }
      }),
      RUNS,
    );
  },
  60_000,
);

test('the content of an entry: any JSON of any kind is content or named issues', () => {
  const names = ['kind', 'stepId', 'value', 'plannedPass', 'reading', 'told', 'passes', 'overWires'];
  fc.assert(
    fc.property(
      anyJson(names),
      fc.constantFrom(...(Object.keys(ENTRY_KINDS) as KnownKind[])),
      (text, kind) => {
        const json = readJson(text);
        if (!json.ok || typeof json.value !== 'object' || json.value === null) return;
        const checked = checkContent(ENTRY_KINDS[kind].format, { ...json.value, kind }, sheet);
        if (checked.how === 'refused') expect(checked.issues[0]?.field).toMatch(/^content\./);
      },
    ),
    RUNS,
  );
}, 60_000);

/** The names of all fields of a schema, of those inside too. */
function namesOf(schema: AnyObjectSchema): string[] {
  return Object.entries(schema.fields).flatMap(([name, inner]) => {
    const field = inner as { fields?: unknown; innerType?: unknown };
    const below = isSchema(field.innerType) && 'fields' in field.innerType ? field.innerType : field;
    return 'fields' in below && below.fields !== undefined
      ? [name, ...namesOf(below as AnyObjectSchema)]
      : [name];
  });
}
