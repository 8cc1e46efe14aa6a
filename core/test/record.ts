import type { Entry, EntryContent, Role } from '../attempt';
import { derivePlan, EMPTY_PLAN_FORM, readPlan, type DerivedPlan, type PlanForm } from '../plan';
import { setupSteps } from '../steps';

/** For tests: the plan of a form that must be good. */
export function planFor(form: Partial<PlanForm>): DerivedPlan {
  const read = readPlan({ ...EMPTY_PLAN_FORM, title: 'Clamp screw', thread: '3/4-16 UNF-2A', ...form });
  if (read.plan === null) throw new Error(read.issues.map((issue) => issue.message).join(' '));
  return derivePlan(read.plan);
}

/** For tests: contents as a record, ten seconds apart, with ids `e1`, `e2`, ... */
export function recordOf(contents: readonly EntryContent[], role: Role = 'student'): Entry[] {
  return contents.map((content, index) => {
    const time = new Date(Date.UTC(2026, 8, 1, 8, 0, index * 10)).toISOString();
    return {
      id: `e${index + 1}`,
      author: { id: role === 'student' ? 2 : 1, name: role, role },
      deviceTime: time,
      serverTime: time,
      content,
    };
  });
}

/** For tests: every step done right. */
export function goodSteps(derived: DerivedPlan): EntryContent[] {
  return setupSteps(derived).map((step) =>
    step.kind === 'sign-off'
      ? { kind: 'sign-off', stepId: step.id }
      : { kind: 'step', stepId: step.id, value: step.expected?.value ?? null },
  );
}

/** For tests: every pass cut as planned. */
export function plannedCuts(derived: DerivedPlan): EntryContent[] {
  return derived.passes.map((pass) => ({
    kind: 'pass',
    plannedPass: pass.n,
    reading: pass.dialReading.value,
    asPlanned: true,
  }));
}

/** For tests: a measurement that reads the same over wires at all three places. */
export function measuredAt(
  derived: DerivedPlan,
  over: number,
  purpose: 'mid' | 'final',
  crest = derived.blank,
): EntryContent {
  return {
    kind: 'measurement',
    purpose,
    wire: { value: derived.wire, unit: derived.thread.unit },
    overWires: { start: over, middle: over, end: over },
    crest,
  };
}
