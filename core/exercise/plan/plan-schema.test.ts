import { ValidationError } from 'yup';
import { EMPTY_PLAN_FORM, formFrom } from './draft';
import { handOutSchema } from './plan-schema';
import { readPlan } from './read/read-plan';
import { formWith } from '@/core/test/record';

jest.mock('./read/read-plan', () => {
  const { readPlan: real } = jest.requireActual<{ readPlan: typeof readPlan }>('./read/read-plan');
  return { readPlan: jest.fn(real) };
});
const reader = jest.mocked(readPlan);

function fieldsOf(form: object): string[] {
  try {
    handOutSchema.validateSync(
      { form, draftVersion: 0, studentIds: [1], latheIds: [1] },
      { abortEarly: false },
    );
    return [];
  } catch (error) {
    if (!ValidationError.isError(error)) throw error;
    return error.inner.map(({ path }) => path ?? '');
  }
}

beforeEach(() => reader.mockClear());

test('a field that is too long, or no text, ends the check before any reader runs', () => {
  expect(fieldsOf(formWith({ 'thread.designation': '-'.repeat(60_000) }))).toEqual([
    'form.thread.designation',
  ]);
  expect(fieldsOf(formWith({ 'work.diameter': `1${' '.repeat(60_000)}!` }))).toEqual(['form.work.diameter']);
  const form = formWith({});
  expect(fieldsOf({ ...form, work: { ...form.work, diameter: 5 } })).toEqual(['form.work.diameter']);
  expect(fieldsOf({ ...form, schedule: null })).toEqual(['form.schedule']);
  expect(
    fieldsOf({
      ...form,
      steps: Array.from({ length: 5000 }, () => ({ id: 'x', title: '', instruction: '' })),
    }),
  ).toHaveLength(1);
  expect(reader).not.toHaveBeenCalled();
});

test('short text is read once, and every field that is wrong is named', () => {
  expect(fieldsOf(formWith({}))).toEqual([]);
  expect(reader).toHaveBeenCalledTimes(1);
  expect(fieldsOf(formWith({ 'work.diameter': '0,7', 'schedule.spring': 'x' }))).toEqual([
    'form.work.diameter',
    'form.schedule.spring',
  ]);
  expect(reader).toHaveBeenCalledTimes(2);
});

test('a flat form of a page of the release before is read too', () => {
  expect(
    fieldsOf({
      title: 'Screw',
      thread: '3/4-16 UNF-2A',
      finishingPasses: '2',
      springPasses: '2',
      spindleSpeed: '70',
      markSetUp: '30',
      markPasses: '30',
      markResult: '40',
      tipKind: 'flat',
    }),
  ).toEqual([]);
});

test('whatever was stored is a form of text: what is none is read as what it would say, or empty', () => {
  expect(formFrom({ thread: 'M16', springPasses: 3, title: ['x'], other: 'y' })).toEqual({
    ...EMPTY_PLAN_FORM,
    thread: { ...EMPTY_PLAN_FORM.thread, designation: 'M16' },
    schedule: { ...EMPTY_PLAN_FORM.schedule, spring: '3' },
  });
  for (const stored of [null, 'text', 7, [], { toString: 1 }])
    expect(formFrom(stored)).toEqual(EMPTY_PLAN_FORM);
});
