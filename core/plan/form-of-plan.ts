import { showInsertPitch } from '../tool';
import type { Length } from '../units';
import { EMPTY_PLAN_FORM, type PlanForm } from './draft';
import type { Plan } from './plan';
import type { SectionPoints } from './read-plan-form';

/** The form that says what a plan says: where a copy or an imported plan begins to be edited. */
export function formOfPlan(plan: Plan, marking?: SectionPoints): PlanForm {
  const { tip } = plan.tool;
  const text = (length: Length | null) => (length === null ? '' : `${length.value} ${length.unit}`);
  const pitch = (stored: typeof tip.pitchFrom) => {
    if (stored === null) return '';
    if (stored.threadsPerInch !== null)
      return showInsertPitch({ length: null, threadsPerInch: stored.threadsPerInch });
    return text(stored.length);
  };
  const { asked } = plan.schedule;
  const wires = plan.proof.evidence.find(({ kind }) => kind === 'wires');
  return {
    ...EMPTY_PLAN_FORM,
    title: plan.title,
    thread: { designation: plan.thread.designation, startsOrder: plan.thread.startsOrder },
    work: {
      diameter: text(plan.work.diameter),
      end: { kind: plan.work.end.kind, width: text(plan.work.end.width) },
    },
    holding: { kind: plan.holding.kind },
    tool: {
      tip: {
        kind: tip.kind,
        flat: text(tip.flat),
        radius: text(tip.radius),
        pitchFrom: pitch(tip.pitchFrom),
        pitchTo: pitch(tip.pitchTo),
      },
    },
    technique: {
      direction: plan.technique.direction,
      drive: plan.technique.drive,
      side: plan.technique.side,
      clearing: plan.technique.clearing,
      speed: String(plan.technique.spindleSpeedRpm),
    },
    infeed: {
      way: plan.infeed.way,
      angle: plan.infeed.compoundAngleDeg === null ? '' : String(plan.infeed.compoundAngleDeg),
    },
    schedule: {
      scratch: text(asked.scratch),
      roughing: String(asked.roughing),
      largest: text(asked.largestInfeed),
      finishing: String(asked.finishing),
      finishingInfeed: text(asked.finishingInfeed),
      spring: String(asked.spring),
      rows: [],
    },
    proof: {
      target: text(plan.proof.targetPitchDiameter),
      evidence: [{ kind: 'wires', wire: text(wires?.wire ?? null), places: '' }],
    },
    marking:
      marking === undefined
        ? EMPTY_PLAN_FORM.marking
        : {
            setUp: String(marking.setUp),
            passes: String(marking.passes),
            result: String(marking.result),
          },
  };
}
