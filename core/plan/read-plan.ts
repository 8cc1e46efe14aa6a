import type { FieldIssue } from '../errors/field-issue';
import { printDesignation } from '../thread';
import { evaluatePlan } from './evaluate-plan';
import { dialDefaults } from './plan-defaults';
import { NOTHING, type PlanEvaluation } from './plan-evaluation';
import type { Plan } from './plan';
import type { PlanForm } from './plan-form';
import { readPlanForm, type PlanInputs, type ReadPlanForm } from './read-plan-form';

export interface ReadPlan extends ReadPlanForm {
  evaluation: PlanEvaluation;
  /** The plan, complete only when there is no issue. */
  plan: Plan | null;
  issues: FieldIssue[];
}

/**
 * The one way from the form to a plan: reads the fields, works the numbers out, and says all that is wrong. Whatever a
 * draft holds, it never throws: a form that can not be worked out has an issue, so that it still opens and can be mended.
 */
export function readPlan(form: PlanForm): ReadPlan {
  try {
    return workOut(form);
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    return {
      inputs: { dialUnit: 'in' },
      notes: {},
      defaults: null,
      dialDefaults: dialDefaults('in'),
      evaluation: { ...NOTHING, issues: [], warnings: [] },
      plan: null,
      issues: [
        {
          field: 'thread',
          code: 'failed',
          message: `This plan can not be worked out (${reason}). Change the thread or the field typed last; nothing is lost.`,
        },
      ],
    };
  }
}

function workOut(form: PlanForm): ReadPlan {
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
