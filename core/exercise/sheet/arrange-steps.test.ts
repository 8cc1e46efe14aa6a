import type { PlanStep } from '../plan/plan';
import { arrangeSteps } from './arrange-steps';
import { confirm } from './steps/step-makers';

const chosen = (id: string, change: Partial<PlanStep> = {}): PlanStep => ({
  id,
  title: null,
  instruction: null,
  group: null,
  evidence: null,
  choices: [],
  times: null,
  value: null,
  expected: null,
  critical: null,
  hold: null,
  helper: false,
  weight: null,
  on: true,
  ...change,
});
const proposed = ['safety', 'blank', 'speed', 'travel'].map((id) => confirm(id, id, `Do ${id}.`));
const ids = (list: PlanStep[]) => arrangeSteps(proposed, list).map(({ id }) => id);

test('without a list the proposal stands', () => expect(arrangeSteps(proposed, [])).toEqual(proposed));

test('the order of the list holds, what it does not know stands after what it follows in the proposal', () => {
  expect(ids([chosen('travel'), chosen('safety')])).toEqual(['travel', 'safety', 'blank', 'speed']);
});

test('switched off is gone, what this way does not need is not there', () =>
  expect(ids([chosen('blank', { on: false }), chosen('dog')])).toEqual(['safety', 'speed', 'travel']));

test('an own value with its limits, with one of them, or taken as it is found', () => {
  const expected = (least: number | null, most: number | null) =>
    arrangeSteps(proposed, [
      chosen('own-1', { title: 'Backlash', evidence: 'value', value: { unit: 'mm', least, most } }),
    ]).find(({ id }) => id === 'own-1');
  expect(expected(0.1, 0.3)).toMatchObject({ kind: 'value', expected: { value: 0.2, min: 0.1, max: 0.3 } });
  expect(expected(null, 0.3)?.expected).toMatchObject({ value: 0.3, sense: 'at-most' });
  expect(expected(null, null)?.expected).toMatchObject({ min: null, max: null, sense: 'any' });
});

test('own words, an own step with its evidence, and its group', () => {
  const steps = arrangeSteps(proposed, [
    chosen('safety', { title: 'Eyes and sleeves', critical: true }),
    chosen('own-1', {
      title: 'Which lever?',
      evidence: 'choice',
      choices: ['A', 'B'],
      group: 'after-cutting',
    }),
    chosen('own-2', { title: 'Show me', evidence: 'sign-off' }),
    ...['blank', 'speed', 'travel'].map((id) => chosen(id)),
  ]);
  expect(steps.map(({ id }) => id)).toEqual(['safety', 'own-2', 'blank', 'speed', 'travel', 'own-1']);
  expect(steps[0]).toMatchObject({ title: 'Eyes and sleeves', instruction: 'Do safety.', critical: true });
  expect(steps[1]).toMatchObject({ kind: 'sign-off', hold: true });
  expect(steps.at(-1)).toMatchObject({ kind: 'choice', choices: ['A', 'B'] });
});
