import { ValidationError } from 'yup';
import { EMPTY_PLAN_FORM, formFrom } from './plan-form';
import { handOutSchema } from './plan-schema';
import { readPlan } from './read-plan';

jest.mock('./read-plan', () => {
  const { readPlan: real } = jest.requireActual<{ readPlan: typeof readPlan }>('./read-plan');
  return { readPlan: jest.fn(real) };
});
const reader = jest.mocked(readPlan);

const GOOD = { ...EMPTY_PLAN_FORM, title: 'Screw', thread: '3/4-16 UNF-2A' };

function fieldsOf(form: object): string[] {
  try {
    handOutSchema.validateSync({ form, draftVersion: 0, studentIds: [1] }, { abortEarly: false });
    return [];
  } catch (error) {
    if (!ValidationError.isError(error)) throw error;
    return error.inner.map(({ path }) => path ?? '');
  }
}

beforeEach(() => reader.mockClear());

test('a field that is too long, or no text, ends the check before any reader runs', () => {
  expect(fieldsOf({ ...GOOD, thread: '-'.repeat(60_000) })).toEqual(['form.thread']);
  expect(fieldsOf({ ...GOOD, blankDiameter: `1${' '.repeat(60_000)}!` })).toEqual(['form.blankDiameter']);
  expect(fieldsOf({ ...GOOD, blankDiameter: 5, springPasses: null })).toEqual([
    'form.blankDiameter',
    'form.springPasses',
  ]);
  expect(reader).not.toHaveBeenCalled();
});

test('short text is read, and every field that is wrong is named', () => {
  expect(fieldsOf(GOOD)).toEqual([]);
  expect(fieldsOf({ ...GOOD, blankDiameter: '0,7', springPasses: 'x' })).toEqual([
    'form.blankDiameter',
    'form.springPasses',
  ]);
  expect(reader).toHaveBeenCalledTimes(2);
});

test('a draft that can not be worked out is an issue, not an exception', () => {
  const odd = { ...GOOD, thread: 5 as unknown as string };
  expect(readPlan(odd)).toMatchObject({ plan: null, issues: [{ field: 'thread', code: 'failed' }] });
});

test('whatever was stored is a form of text: what is none is read as what it would say, or empty', () => {
  expect(formFrom({ thread: 'M16', springPasses: 3, title: ['x'], other: 'y' })).toEqual({
    ...EMPTY_PLAN_FORM,
    thread: 'M16',
    springPasses: '3',
  });
  for (const stored of [null, 'text', 7, [], { toString: 1 }])
    expect(formFrom(stored)).toEqual(EMPTY_PLAN_FORM);
});
