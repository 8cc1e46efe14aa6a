import type { SectionPoints } from '../plan';
import { RULES, type Scheme } from './scheme';

/** Weights of the steps of the usual set-up; common practice: what ruins the part weighs most. */
const STEP_WEIGHTS: Record<string, number> = {
  safety: 2,
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
};

const PASS_WEIGHTS: Record<string, number> = {
  'passes:none': 1,
  'passes:schedule': 10,
  'passes:infeed': 7,
  'passes:reversal': 5,
  'passes:spring': 8,
};

const RESULT_WEIGHTS: Record<string, number> = {
  'result:none': 1,
  'result:pitch-diameter': 20,
  'result:target': 6,
  'result:taper': 4,
  'result:crest': 10,
  'result:measuring': 4,
};

/** The scheme of a plan that asks for points by section and nothing else; common practice throughout. */
export function usualScheme({ setUp, passes, result }: SectionPoints): Scheme {
  const lines = (section: string, weights: Record<string, number>, prefix = '') =>
    Object.entries(weights).map(([id, weight]) => ({ id: `${prefix}${id}`, section, weight, title: null }));
  return {
    format: 'oyakata-scheme',
    version: 1,
    rules: RULES,
    sections: [
      { id: 'set-up', title: 'Set-up', points: setUp },
      { id: 'passes', title: 'Passes', points: passes },
      { id: 'result', title: 'Result', points: result },
    ],
    lines: [
      ...lines('set-up', STEP_WEIGHTS, 'step:'),
      ...lines('passes', PASS_WEIGHTS),
      ...lines('result', RESULT_WEIGHTS),
    ],
    // The instructor may lift it with a reason.
    caps: [{ id: 'step:safety', most: 40 }],
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
