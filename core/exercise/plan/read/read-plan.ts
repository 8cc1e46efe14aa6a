import type { FieldIssue } from '@/core/base/errors/field-issue';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { evaluatePlan } from '../evaluate-plan';
import type { PlanField, PlanForm } from '../draft';
import { infeedDefaults } from '../plan-defaults';
import type { PlanEvaluation } from '../plan-evaluation';
import type { PlanIssue } from '../plan-issue';
import type { Plan } from '../plan';
import { planOf } from '../plan-of';
import { readPlanForm, type ReadPlanForm } from './read-plan-form';
import { wordPlanIssue } from '../word-plan-issue';

export interface PlanWarning {
  field: PlanField;
  message: string;
}

export interface ReadPlan extends ReadPlanForm {
  evaluation: PlanEvaluation;
  /** The plan, complete only when there is no issue. */
  plan: Plan | null;
  /** What stands in the way of handing out, in words. */
  issues: FieldIssue[];
  warnings: PlanWarning[];
}

/**
 * The one way from the form to a plan: reads the fields, works the numbers out, and says all that is wrong. Whatever a
 * draft holds, it never throws: a form that can not be worked out has an issue, so that it still opens and can be mended.
 * @param lathe the one looked at: marks, readings and dials are shown for it; the plan does not hold it
 */
export function readPlan(form: PlanForm, lathe: Lathe = usualLathe('in')): ReadPlan {
  try {
    return workOut(form, lathe);
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    const message = `This plan can not be worked out (${reason}). Change the thread or the field typed last; nothing is lost.`;
    return {
      inputs: { startsOrder: 'start-by-start', worksheet: [] },
      notes: {},
      defaults: null,
      infeedDefaults: infeedDefaults('in'),
      evaluation: evaluatePlan({ startsOrder: 'start-by-start', worksheet: [] }, lathe),
      plan: null,
      warnings: [],
      issues: [{ field: 'thread.designation', code: 'failed', message }],
    };
  }
}

function workOut(form: PlanForm, lathe: Lathe): ReadPlan {
  const read = readPlanForm(form, lathe);
  const evaluation = evaluatePlan(read.inputs, lathe);
  const refusals = evaluation.issues.filter(({ severity }) => severity === 'refuse');
  const issues = [...read.issues, ...refusals.map(worded)];
  const warnings = evaluation.issues
    .filter(({ severity }) => severity === 'warn')
    .map((issue) => ({ field: issue.field, message: wordPlanIssue(issue) }));
  const plan = issues.length > 0 ? null : planOf(read.inputs, evaluation);
  return { ...read, evaluation, issues, warnings, plan };
}

const CODES: Partial<Record<PlanIssue['code'], FieldIssue['code']>> = {
  'insert-range-reversed': 'conflict',
  'insert-other-pitch': 'conflict',
  'scratch-over-largest': 'conflict',
  'finishing-over-largest': 'conflict',
  'length-over-total': 'conflict',
  'end-not-of-side': 'conflict',
  'away-needs-start': 'conflict',
  'no-centre-in-bore': 'conflict',
  'compound-does-not-feed': 'conflict',
  'compound-not-along-bed': 'conflict',
  'finishing-takes-all': 'not-reachable',
  'too-few-passes': 'not-reachable',
  'infeed-too-small': 'not-reachable',
};

function worded(issue: PlanIssue): FieldIssue {
  return { field: issue.field, code: CODES[issue.code] ?? 'out-of-range', message: wordPlanIssue(issue) };
}
