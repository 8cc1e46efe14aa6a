import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { EMPTY_PLAN_FORM, withLeaf, type PlanForm } from './draft';
import { fairOfPlan } from './fair-of-plan';
import { readPlan } from './read/read-plan';

const lathe = usualLathe('mm');
const form = (leaves: Record<string, string>): PlanForm =>
  Object.entries({ title: 'Foot', 'thread.designation': 'M16x2-6g', ...leaves }).reduce<PlanForm>(
    (made, [field, text]) => withLeaf(made, field, text),
    EMPTY_PLAN_FORM,
  );

test('the exercise of a plan, and what a hand scatters', () => {
  const second = fairOfPlan(readPlan(form({}), lathe), lathe, 'second-term', 0.004);
  const first = fairOfPlan(readPlan(form({}), lathe), lathe, 'first-term', 0.004);
  expect(second?.proof).toBe('wires');
  expect(second?.base.limits).toEqual({ min: 14.503, max: 14.663 });
  expect(second?.spreads.bending).toBe(0.004);
  for (const id of ['tip', 'angle', 'dial', 'zero', 'micrometer'] as const)
    expect(first?.spreads[id]).toBeGreaterThan(second?.spreads[id] ?? Infinity);
});

/** ISO 965-1: a 6H nut has 14.701 to 14.913. */
test('a nut decides: the usual mate, its class, or its own size', () => {
  const of = (leaves: Record<string, string>) =>
    fairOfPlan(readPlan(form({ 'proof.evidence.0.kind': 'nut', ...leaves }), lathe), lathe, 'practised', 0);
  expect(of({})).toMatchObject({ proof: 'nut', nutMeasured: false });
  expect(of({})?.base.nut).toBeCloseTo(14.807, 3);
  expect(of({})?.spreads.nut).toBeCloseTo(0.106, 3);
  const measured = of({ 'proof.evidence.0.nut': '14.75', 'proof.evidence.0.nutUncertainty': '0.01' });
  expect(measured).toMatchObject({ nutMeasured: true, base: { nut: 14.75 }, spreads: { nut: 0.01 } });
});

test('a plan without passes is not asked', () => {
  expect(fairOfPlan(readPlan(EMPTY_PLAN_FORM, lathe), lathe, 'practised', 0)).toBeNull();
});
