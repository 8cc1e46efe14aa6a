import fc from 'fast-check';
import { isSchema, object, ValidationError, type AnyObjectSchema } from 'yup';
import { entryFormSchema, ENTRY_KINDS, readEntry, readStepValue } from './attempt';
import { calc, CALC_KINDS } from './calc';
import { allFinite, readJson } from './json';
import { confirmMark, markFormSchema, proposeMark } from './marking';
import { draftSchema, EMPTY_PLAN_FORM, handOutSchema, PLAN_FIELDS, readPlan, saveDraftSchema } from './plan';
import { anyJson, anyText } from './test/arbitrary-text';
import { planFor, recordOf } from './test/record';
import {
  fitOf,
  parseDesignation,
  printDesignation,
  readSquare,
  suggestThreads,
  threadLimits,
} from './thread';
import { parseAngleDeg, parseFigures, parseLength, parseLengthList, parseWhole } from './units';

/** No text in any field and no JSON value sent may throw, and no number that comes out is without end. */
const RUNS = { numRuns: 1000, seed: 20261125 };
const derived = planFor({});
const record = recordOf([{ kind: 'note', text: 'first' }]);
const proposal = proposeMark(derived, record);

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
  'readPlan, thread': (text) => figuresOf(readPlan({ ...EMPTY_PLAN_FORM, title: 'x', thread: text })),
  'readEntry, every field': (text) =>
    ENTRY_KINDS.map((kind) =>
      readEntry({ ...Object.fromEntries(ENTRY_FIELDS.map((field) => [field, text])), kind }, derived, record),
    ),
  'readEntry, a figure': (text) => [
    readEntry({ kind: 'step', stepId: 'blank', value: text }, derived, record),
    readEntry({ kind: 'pass', plannedPass: '1', reading: text }, derived, record),
    readEntry({ kind: 'measurement', purpose: 'mid', start: text, crest: text }, derived, record),
  ],
  confirmMark: (text) =>
    confirmMark(proposal, {
      lines: [{ id: 'step:blank', points: text, reason: text }],
      capReason: text,
      comment: text,
    }),
  'calc with text for JSON': (text) => Object.keys(CALC_KINDS).map((kind) => calc(kind, text)),
};

const ENTRY_FIELDS = Object.keys(entryFormSchema.fields).filter(
  (name) => !['id', 'deviceTime', 'kind'].includes(name),
);

function figuresOf({ evaluation, plan }: ReturnType<typeof readPlan>) {
  return { figures: { ...evaluation, thread: null }, plan };
}

test.each(Object.entries(READERS))(
  '%s: any text',
  (_, read) => {
    fc.assert(
      fc.property(anyText, (text) => {
        expect(allFinite(read(text))).toBe(true);
      }),
      RUNS,
    );
  },
  60_000,
);

test('readPlan: any text in any fields of a good plan', () => {
  const fields = fc.dictionary(fc.constantFrom(...PLAN_FIELDS), anyText, { maxKeys: 3 });
  fc.assert(
    fc.property(fields, (typed) => {
      const read = readPlan({ ...EMPTY_PLAN_FORM, title: 'Screw', thread: 'M16x2-6g', ...typed });
      expect(read.issues.filter(({ code }) => code === 'failed')).toEqual([]);
      expect(allFinite(figuresOf(read))).toBe(true);
    }),
    { ...RUNS, numRuns: 600 },
  );
}, 60_000);

const SCHEMAS: Record<string, AnyObjectSchema> = {
  entry: entryFormSchema,
  mark: markFormSchema,
  draft: saveDraftSchema,
  'hand-out': handOutSchema,
  'draft alone': object({ form: draftSchema }),
};

test.each(Object.entries(SCHEMAS))(
  'the schema of the %s: any JSON is a value or named issues',
  (_, schema) => {
    fc.assert(
      fc.property(anyJson(namesOf(schema)), (text) => {
        const json = readJson(text);
        if (!json.ok) return expect(json.issues).toHaveLength(1);
        try {
          expect(allFinite(schema.validateSync(json.value, { abortEarly: false, stripUnknown: true }))).toBe(
            true,
          );
        } catch (error) {
          expect(error).toBeInstanceOf(ValidationError);
        }
      }),
      RUNS,
    );
  },
  60_000,
);

test.each(Object.keys(CALC_KINDS))(
  'calc %s: any JSON is answered with finite figures or an error',
  (kind) => {
    const names = [
      'thread',
      'wire',
      'measured',
      'workDiameter',
      'tip',
      'flat',
      'radius',
      'compoundAngle',
      'percent',
      'basis',
      'id',
    ];
    fc.assert(
      fc.property(anyJson([...names, 'pitchDiameter']), (text) => {
        const { ok, answer } = calc(kind, text);
        expect(allFinite(answer)).toBe(true);
        if (!ok) expect(answer).toHaveProperty('error.message');
        if (!ok) expect(answer).not.toHaveProperty('error.code', 'failed');
      }),
      RUNS,
    );
  },
  60_000,
);

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
