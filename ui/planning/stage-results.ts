import {
  PLAN_STAGES,
  stageOf,
  type PlanEvaluation,
  type PlanForm,
  type PlanStageId,
  type ReadPlan,
} from '@/core/plan';
import { printDesignation, type Thread } from '@/core/thread';
import type { LengthUnit } from '@/core/units';
import type { RailStage } from '../kit/stage-rail';
import type { ShowLength } from '../units/display-unit';

const STAGE_TITLES: Record<PlanStageId, string> = {
  thread: 'Thread',
  blank: 'Blank and run-out',
  tool: 'Tool',
  compound: 'Compound',
  target: 'Target and wires',
  passes: 'Passes',
  speed: 'Speed',
  marks: 'Marks',
};

const INTERNAL_TITLES: Partial<Record<PlanStageId, string>> = {
  blank: 'Bore and recess',
  target: 'Target and balls',
};

/** A stage as it is called for this thread: inside, the work is a bore, measured over balls. */
export function stageTitle(id: PlanStageId, thread: Thread | null): string {
  const inside = thread?.side === 'internal' ? INTERNAL_TITLES[id] : undefined;
  return inside ?? STAGE_TITLES[id];
}

/** The rail of planning: each stage with its one-line result and how it stands. */
export function stageResults(
  read: ReadPlan,
  form: PlanForm,
  show: ShowLength,
  touched: (field: string) => boolean,
): RailStage<PlanStageId>[] {
  return PLAN_STAGES.map(({ id }) => {
    const issues = read.issues.filter((issue) => stageOf(issue.field) === id);
    const warned = read.warnings.some((warning) => stageOf(warning.field) === id);
    const onlyUntouched = issues.every((issue) => issue.code === 'required' && !touched(issue.field));
    const result = resultOf(id, read.evaluation, form, show);
    return {
      id,
      title: stageTitle(id, read.evaluation.thread),
      result: issues.length > 0 && !onlyUntouched ? 'mend the field' : (result ?? '—'),
      standing:
        issues.length > 0
          ? onlyUntouched
            ? 'open'
            : 'bad'
          : warned
            ? 'attend'
            : result === null
              ? 'open'
              : 'good',
    };
  });
}

function resultOf(
  id: PlanStageId,
  evaluation: PlanEvaluation,
  form: PlanForm,
  show: ShowLength,
): string | null {
  const { thread, blank, target, passes, tip, swivelMarkDeg, timeInRunOut } = evaluation;
  const unit: LengthUnit = thread?.unit ?? 'in';
  const length = (value: number) => `${show.figures(value, unit)} ${show.unitOf(unit)}`;
  switch (id) {
    case 'thread':
      return thread && printDesignation(thread);
    case 'blank':
      return blank === null ? null : `⌀ ${length(blank)}`;
    case 'tool':
      if (tip === null) return null;
      if (!evaluation.tipKnown) return 'not measured';
      if (form.tool.tip.kind === 'insert' && tip.kind === 'radius') return `insert, r ${length(tip.radius)}`;
      return tip.kind === 'sharp'
        ? 'sharp'
        : `${tip.kind} ${length(tip.kind === 'flat' ? tip.flat : tip.radius)}`;
    case 'compound':
      return swivelMarkDeg === null ? null : `mark ${Number(swivelMarkDeg.toFixed(3))}°`;
    case 'target':
      return target === null ? null : `PD ${length(target)}`;
    case 'passes':
      return passes === null ? null : `${passes.length} passes`;
    case 'speed':
      return timeInRunOut === null ? null : `${form.technique.speed} rpm, ${timeInRunOut.toFixed(1)} s`;
    case 'marks':
      return `${form.marking.setUp} + ${form.marking.passes} + ${form.marking.result}`;
  }
}
