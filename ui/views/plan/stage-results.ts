import { HOLDING_DATA } from '@/core/machine/technique/holdings';
import { PLAN_STAGES, stageOf, type PlanForm, type PlanStageId } from '@/core/exercise/plan/draft';
import { SCHEME_BEGINNINGS } from '@/core/exercise/plan/scheme-starts';
import type { ReadPlan } from '@/core/exercise/plan/read/read-plan';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { feedsByCompound } from '@/core/machine/technique/choices';
import { printDesignation } from '@/core/thread/standards/print-designation';
import type { Thread } from '@/core/thread/standards/thread';
import type { LengthUnit } from '@/core/base/units/length';
import type { RailStage } from '@/ui/kit/stage-rail';
import type { ShowLength } from '@/ui/units/display-unit';
import { driveShort, INFEED_TEXTS } from '@/ui/parts/plan-fields/stages/option-texts';

const STAGE_TITLES: Record<PlanStageId, string> = {
  thread: 'Thread',
  blank: 'Blank and end',
  holding: 'Holding',
  technique: 'Technique',
  tool: 'Tool',
  compound: 'Infeed',
  target: 'Proof',
  passes: 'Passes',
  worksheet: 'Worksheet',
  steps: 'Steps',
  marks: 'Marks',
};

const INTERNAL_TITLES: Partial<Record<PlanStageId, string>> = {
  blank: 'Bore and end',
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
    const result = resultOf(id, read, form, show);
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
  { evaluation, inputs }: ReadPlan,
  form: PlanForm,
  show: ShowLength,
): string | null {
  const { thread, blank, target, passes, tip, swivelGraduationDeg, timeInRunOut, stops } = evaluation;
  const { evidence = [] } = inputs;
  const way = inputs.chosen?.way;
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
    case 'holding':
      return way === undefined ? null : HOLDING_DATA[way.holding].option.toLowerCase();
    case 'technique': {
      if (way === undefined) return null;
      const time = timeInRunOut === null ? '' : `, ${Math.max(0, timeInRunOut).toFixed(1)} s`;
      return `${driveShort(way.drive)}, ${inputs.spindleSpeedRpm ?? form.technique.speed} rpm${time}`;
    }
    case 'compound':
      if (way !== undefined && !feedsByCompound(way.infeed)) return INFEED_TEXTS[way.infeed].toLowerCase();
      return swivelGraduationDeg === null ? null : `scale ${Number(swivelGraduationDeg.toFixed(3))}°`;
    case 'target': {
      if (target === null || thread === null) return null;
      const [first] = evidence;
      return first === undefined
        ? 'no proof'
        : `${show.figures(target, unit)} ${EVIDENCE_DATA[first.kind].name(thread.side).toLowerCase()}`;
    }
    case 'passes':
      return passes === null
        ? null
        : `${passes.length} passes${stops.length === 0 ? '' : `, ${stops.length} ${stops.length === 1 ? 'stop' : 'stops'}`}`;
    case 'worksheet':
      if (inputs.worksheet.length === 0) return 'none: the sheet is open';
      return inputs.worksheet.length === 1 ? '1 question' : `${inputs.worksheet.length} questions`;
    case 'steps':
      return thread === null ? null : form.steps.length === 0 ? 'as proposed' : 'arranged';
    case 'marks': {
      const { scheme } = inputs.marking ?? {};
      if (scheme !== undefined && scheme !== 'usual') return SCHEME_BEGINNINGS[scheme].name;
      return [
        ...(inputs.worksheet.length === 0 ? [] : [form.marking.worksheet]),
        form.marking.setUp,
        form.marking.passes,
        form.marking.result,
        ...(Number(form.marking.talk) > 0 ? [form.marking.talk] : []),
      ].join(' + ');
    }
  }
}
