import type { PlanStep } from '../plan/plan';
import type { SheetStep } from './sheet-step';
import { confirm } from './steps/step-makers';

const KINDS = {
  seen: 'confirm',
  value: 'value',
  choice: 'choice',
  order: 'order',
  counted: 'counted',
  'sign-off': 'sign-off',
} as const;

/**
 * The proposed steps as the instructor arranged them: in her order, with her words, without those that she switched off
 * and with her own. A proposed one that her list does not know, because the way of working changed since, stands after
 * the one that it follows in the proposal.
 */
export function arrangeSteps(proposed: readonly SheetStep[], chosen: readonly PlanStep[]): SheetStep[] {
  if (chosen.length === 0) return [...proposed];
  const known = new Set(chosen.map(({ id }) => id));
  const arranged: { id: string; step: SheetStep | null }[] = chosen.flatMap((each) => {
    const usual = proposed.find(({ id }) => id === each.id);
    const own = each.evidence !== null && each.title !== null;
    // What this way of working does not need is not there.
    if (usual === undefined && !own) return [];
    return [{ id: each.id, step: each.on ? changed(usual ?? ownStep(each), each) : null }];
  });
  proposed.forEach((step, index) => {
    if (known.has(step.id)) return;
    const before = proposed.slice(0, index).findLast(({ id }) => arranged.some((each) => each.id === id));
    const at = before === undefined ? 0 : arranged.findIndex(({ id }) => id === before.id) + 1;
    arranged.splice(at, 0, { id: step.id, step });
  });
  return inGroups(arranged.flatMap(({ step }) => (step === null ? [] : [step])));
}

function ownStep({ id, title, evidence, value }: PlanStep): SheetStep {
  const kind = evidence === null ? 'confirm' : KINDS[evidence];
  return { ...confirm(id, title ?? id, ''), kind, hold: kind === 'sign-off', expected: expectedOf(value) };
}

/** What an own value should come out at; without limits any value is taken as it is found. */
function expectedOf(value: PlanStep['value']): SheetStep['expected'] {
  if (value === null) return null;
  const { unit, least: min, most: max } = value;
  if (min === null || max === null) {
    const sense = min === null ? (max === null ? 'any' : 'at-most') : 'at-least';
    return { value: min ?? max ?? 0, min, max, unit, sense };
  }
  return { value: (min + max) / 2, min, max, unit, sense: 'value' };
}

function changed(step: SheetStep, by: PlanStep): SheetStep {
  return {
    ...step,
    title: by.title ?? step.title,
    instruction: by.instruction ?? step.instruction,
    when: by.group ?? step.when,
    shows: by.expected ?? step.shows,
    critical: by.critical ?? step.critical,
    hold: by.hold ?? step.hold,
    helper: by.helper || step.helper,
    choices: by.choices.length > 0 ? by.choices : step.choices,
    times: by.times ?? step.times,
  };
}

const GROUPS = ['before-cutting', 'after-scratch', 'mid-course', 'after-cutting'] as const;

/** Within a group the order of the list holds; the groups follow the work. */
function inGroups(steps: readonly SheetStep[]): SheetStep[] {
  return GROUPS.flatMap((group) => steps.filter(({ when }) => when === group));
}
