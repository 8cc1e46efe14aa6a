import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { EMPTY_PLAN_FORM } from './draft';
import { formOfPlan } from './form-of-plan';
import { readPlan } from './read/read-plan';
import { startWith, STARTERS, wayOnly } from './starters';

const INTERNAL = ['through-bore'];

test.each(STARTERS.map((starter) => [starter.name, starter] as const))(
  'a starter, a name and a thread are a whole plan: %s',
  (_, starter) => {
    const designation = INTERNAL.includes(starter.id) ? 'M30x2-6H' : '3/4-16 UNF-2A';
    const thread = { ...EMPTY_PLAN_FORM.thread, designation };
    const lathe = {
      ...usualLathe('in'),
      trip: { fitted: true, findsBy: null, returnsBy: null, scatter: null },
      readout: { axes: [], resolution: { value: 0.0002, unit: 'in' as const }, reads: 'diameter' as const },
    };
    const { plan, issues } = readPlan(startWith(starter, { title: 'Piece', thread }), lathe);
    expect(issues).toEqual([]);
    expect(plan).not.toBeNull();
    // Its copy says the same.
    expect(readPlan(formOfPlan(plan!), lathe).plan?.technique).toEqual(plan?.technique);
  },
);

test('the way of working of a piece fits another one', () => {
  const thread = { ...EMPTY_PLAN_FORM.thread, designation: 'M16x2-6g' };
  const begun = startWith(STARTERS[1]!, { title: 'Stud', thread });
  const { plan } = readPlan({ ...begun, work: { ...begun.work, diameter: '15.9' } });
  const other = wayOnly(formOfPlan(plan!), {
    title: 'Screw',
    thread: { ...EMPTY_PLAN_FORM.thread, designation: '3/4-16 UNF-2A' },
  });
  const read = readPlan(other);
  expect(read.issues).toEqual([]);
  expect(read.plan?.technique.drive).toBe('reversing');
  expect(read.plan?.proof.evidence[0]?.kind).toBe('nut');
  expect(read.plan?.work.diameter.unit).toBe('in');
});
