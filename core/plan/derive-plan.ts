import { parseDesignation, threadLimits, type Thread, type ThreadLimits } from '../thread';
import type { Tip } from '../tool';
import { evaluatePlan } from './evaluate-plan';
import type { Plan } from './plan';
import type { PlannedPass } from './planned-pass';

/** All that follows from a complete plan. Lengths are in the thread's unit unless they carry their own. */
export interface DerivedPlan {
  plan: Plan;
  thread: Thread;
  limits: ThreadLimits;
  /** Real major diameter of the blank, or the real bore. */
  blank: number;
  tip: Tip;
  target: number;
  wire: number;
  overWires: { min: number; target: number; max: number };
  radialDepth: number;
  compoundFeed: number;
  rootDiameter: number;
  swivelMarkDeg: number;
  passes: PlannedPass[];
  timeInRunOut: number;
}

/** Thrown when a stored plan does not work out: it was changed outside the program, or written by another version. */
export class BrokenPlanError extends Error {
  override name = 'BrokenPlanError';
}

/** Works a handed-out plan out again. @throws BrokenPlanError when the plan is not consistent. */
export function derivePlan(plan: Plan): DerivedPlan {
  const read = parseDesignation(plan.thread);
  if (!read.ok) throw new BrokenPlanError(`thread ${plan.thread}: ${read.issues[0]?.message ?? ''}`);
  const limits = threadLimits(read.value.thread);
  const evaluation = evaluatePlan({
    ...plan,
    thread: read.value.thread,
    limits,
    dialUnit: plan.dial.graduation.unit,
    dialGraduation: plan.dial.graduation,
    dialPerTurn: plan.dial.perTurn,
  });
  const { blank, tip, target, wire, overWires, radialDepth, compoundFeed, rootDiameter, passes } = evaluation;
  const { swivelMarkDeg, timeInRunOut } = evaluation;
  if (
    blank === null ||
    tip === null ||
    target === null ||
    wire === null ||
    overWires === null ||
    radialDepth === null ||
    compoundFeed === null ||
    rootDiameter === null ||
    passes === null ||
    swivelMarkDeg === null ||
    timeInRunOut === null ||
    evaluation.issues.length > 0
  ) {
    throw new BrokenPlanError(`${plan.title}: ${evaluation.issues[0]?.message ?? 'a figure is missing'}`);
  }
  return {
    plan,
    thread: read.value.thread,
    limits,
    blank,
    tip,
    target,
    wire,
    overWires,
    radialDepth,
    compoundFeed,
    rootDiameter,
    swivelMarkDeg,
    passes,
    timeInRunOut,
  };
}
