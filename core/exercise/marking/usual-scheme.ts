import type { Plan } from '../plan/plan';
import type { SectionPoints } from '../plan/read/read-plan-form';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { RULES, type Scheme } from './scheme';

/** Weights of the steps of the usual set-up; common practice: what ruins the part weighs most. */
const STEP_WEIGHTS: Record<string, number> = {
  safety: 2,
  'safety-machine': 2,
  'over-wires': 2,
  blank: 2,
  'run-out': 1,
  holding: 1,
  gearing: 2,
  speed: 1,
  compound: 3,
  tip: 1,
  'tool-square': 2,
  travel: 1,
  'touch-off': 2,
  'dry-run': 1,
  'instructor-look': 2,
  'pitch-check': 2,
  register: 1,
  'clean-up': 1,
};

const PASS_WEIGHTS: Record<string, number> = {
  'passes:none': 1,
  'passes:schedule': 10,
  'passes:infeed': 7,
  'passes:reversal': 5,
  'passes:spring': 8,
  'passes:stops': 6,
  'passes:all-the-same': 4,
  'passes:events': 3,
  'passes:mark': 3,
};

const RESULT_WEIGHTS: Record<string, number> = {
  'result:none': 1,
  'result:pitch-diameter': 20,
  'result:target': 6,
  'result:taper': 4,
  'result:crest': 10,
  'result:measuring': 4,
};

/** What a plan says of weights: its evidence, and its steps. */
export type WeighedParts = Pick<Plan, 'proof' | 'steps'>;

/** The scheme of a plan: points by section, and inside them the weights of its steps and its evidence; common practice throughout. */
export function usualScheme(
  { worksheet, setUp, passes, result }: SectionPoints,
  plan?: WeighedParts,
): Scheme {
  const lines = (section: string, weights: Record<string, number>, prefix = '') =>
    Object.entries(weights).map(([id, weight]) => ({ id: `${prefix}${id}`, section, weight, title: null }));
  return {
    format: 'oyakata-scheme',
    version: 1,
    rules: RULES,
    sections: [
      // A plan without a worksheet has the scheme that it always had.
      ...(worksheet === undefined ? [] : [{ id: 'worksheet', title: 'Worksheet', points: worksheet }]),
      { id: 'set-up', title: 'Set-up', points: setUp },
      { id: 'passes', title: 'Passes', points: passes },
      { id: 'result', title: 'Result', points: result },
    ],
    lines: [
      ...lines('set-up', { ...STEP_WEIGHTS, ...stepWeights(plan) }, 'step:'),
      ...lines('passes', PASS_WEIGHTS),
      ...lines('result', { ...RESULT_WEIGHTS, ...evidenceWeights(plan) }),
    ],
    // The instructor may lift it with a reason.
    caps: [
      { id: 'step:safety', most: 40 },
      { id: 'step:safety-machine', most: 40 },
    ],
    judging: {
      scheduleGraduations: 1,
      infeedGraduations: 1,
      agreementIn: 0.0005,
      agreementMm: 0.01,
      taperFull: 0.25,
      taperHalf: 0.5,
      targetFull: 0.25,
      targetNone: 0.75,
      unfinished: 0.25,
      unfinishedPlace: 0.125,
      late: 0.5,
      corrected: 1,
      fair: 0.5,
    },
    pointStep: 0.5,
    passMark: 50,
  };
}

function stepWeights(plan: WeighedParts | undefined): Record<string, number> {
  const weighed =
    plan?.steps.flatMap(({ id, weight }) => (weight === null ? [] : [[id, weight] as const])) ?? [];
  return Object.fromEntries(weighed);
}

/** A measured evidence weighs on its pitch diameter; any other has a line of its own. */
function evidenceWeights(plan: WeighedParts | undefined): Record<string, number> {
  const weighed =
    plan?.proof.evidence.map(({ id, kind, weight }) => {
      const measured = EVIDENCE_DATA[kind].recordedAs === 'measurement';
      return [measured ? 'result:pitch-diameter' : `result:${id}`, weight] as const;
    }) ?? [];
  return Object.fromEntries(weighed);
}
