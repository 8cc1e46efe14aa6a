import type { FieldIssue } from '../errors/field-issue';
import { printDesignation } from '../thread';
import { evaluatePlan } from './evaluate-plan';
import type { PlanEvaluation } from './plan-evaluation';
import type { Plan } from './plan';
import type { PlanForm } from './plan-form';
import { readPlanForm, type PlanInputs, type ReadPlanForm } from './read-plan-form';

export interface ReadPlan extends ReadPlanForm {
  evaluation: PlanEvaluation;
  /** The plan, complete only when there is no issue. */
  plan: Plan | null;
  issues: FieldIssue[];
}

/** The one way from the form to a plan: reads the fields, works the numbers out, and says all that is wrong. */
export function readPlan(form: PlanForm): ReadPlan {
  const read = readPlanForm(form);
  const evaluation = evaluatePlan(read.inputs);
  const issues = [...read.issues, ...evaluation.issues];
  const plan = issues.length > 0 ? null : completePlan(read.inputs, evaluation);
  return { ...read, evaluation, issues, plan };
}

function completePlan(inputs: PlanInputs, evaluation: PlanEvaluation): Plan | null {
  const {
    title,
    thread,
    blankDiameter,
    tip,
    compoundAngleDeg,
    swivelZero,
    targetPitchDiameter,
    wireDiameter,
  } = inputs;
  const { dialGraduation, dialPerTurn, scratchInfeed, finishingInfeed, runOutWidth, marking } = inputs;
  const { largestInfeed } = evaluation;
  const { finishingPasses, springPasses, spindleSpeedRpm } = inputs;
  const roughingPasses =
    inputs.roughingPasses === 'suggested' ? evaluation.suggestedRoughing : inputs.roughingPasses;
  if (
    title === undefined ||
    thread === undefined ||
    blankDiameter === undefined ||
    tip === undefined ||
    compoundAngleDeg === undefined ||
    swivelZero === undefined ||
    targetPitchDiameter === undefined ||
    wireDiameter === undefined ||
    dialGraduation === undefined ||
    dialPerTurn === undefined ||
    scratchInfeed === undefined ||
    largestInfeed === null ||
    finishingInfeed === undefined ||
    runOutWidth === undefined ||
    marking === undefined ||
    finishingPasses === undefined ||
    springPasses === undefined ||
    spindleSpeedRpm === undefined ||
    roughingPasses === undefined ||
    roughingPasses === null
  ) {
    return null;
  }
  return {
    format: 'oyakata-plan',
    version: 1,
    title,
    thread: printDesignation(thread),
    blankDiameter,
    tip,
    compoundAngleDeg,
    swivelZero,
    targetPitchDiameter,
    wireDiameter,
    dial: { graduation: dialGraduation, perTurn: dialPerTurn },
    scratchInfeed,
    roughingPasses,
    largestInfeed,
    finishingPasses,
    finishingInfeed,
    springPasses,
    spindleSpeedRpm,
    runOutWidth,
    marking,
  };
}
