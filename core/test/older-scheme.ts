import type { Plan } from '@/core/exercise/plan/plan';
import type { SectionPoints } from '@/core/exercise/plan/read/read-plan-form';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { PROOF_CAP } from '@/core/exercise/marking/rules-4/caps';
import { OLDER_RULES, TOLD, type OlderScheme } from '@/core/exercise/marking/older/older-scheme';

const PASS_MARK = 50;
const POINT_STEP = 0.5;

/** What a plan says of weights: its evidence, and its steps. */
export type WeighedParts = Pick<Plan, 'proof' | 'steps'>;

/**
 * For tests: the usual scheme of releases before version 4: points by section, and inside them the weights of its steps and its evidence; common practice
 * throughout. Every line that can be judged of its sheets is listed, by the judges themselves.
 */
export function olderScheme(
  { worksheet, setUp, passes, result }: SectionPoints,
  plan?: WeighedParts,
  sheets: readonly Sheet[] = [],
): OlderScheme {
  const known = sheets.map(linesOf2);
  const lines = (section: string, ...weights: Readonly<Record<string, number>>[]) =>
    Object.entries(
      Object.assign({}, ...known.map((each) => each[section] ?? {}), ...weights) as Record<string, number>,
    ).map(([id, weight]) => ({ id, section, weight, title: null }));
  const usualSteps = Object.fromEntries(
    Object.entries(STEP_WEIGHTS).map(([id, weight]) => [`step:${id}`, weight]),
  );
  return {
    format: 'oyakata-scheme',
    version: 3,
    rules: OLDER_RULES,
    sections: [
      // A plan without a worksheet has the scheme that it always had.
      ...(worksheet === undefined ? [] : [{ id: 'worksheet', title: 'Worksheet', points: worksheet }]),
      { id: 'set-up', title: 'Set-up', points: setUp },
      { id: 'passes', title: 'Passes', points: passes },
      { id: 'result', title: 'Result', points: result },
    ],
    lines: [
      ...(worksheet === undefined ? [] : lines('worksheet')),
      ...lines('set-up', usualSteps, stepWeights(plan)),
      ...lines('passes', PASS_LINES),
      ...lines('result', RESULT_LINES, evidenceWeights(plan)),
    ],
    unlisted: 'refused',
    // The instructor may lift it with a reason.
    caps: [
      { id: 'step:safety', most: 40 },
      { id: 'step:safety-machine', most: 40 },
      // A part that failed its proof does not pass.
      { id: PROOF_CAP, most: PASS_MARK - POINT_STEP },
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
      told: TOLD,
      fair: 0.5,
    },
    pointStep: POINT_STEP,
    passMark: PASS_MARK,
  };
}

function stepWeights(plan: WeighedParts | undefined): Record<string, number> {
  const weighed =
    plan?.steps.flatMap(({ id, weight }) => (weight === null ? [] : [[`step:${id}`, weight] as const])) ?? [];
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

/** Every line that these rules can judge of a sheet, each with the weight that is usual for it, by section. */
const linesOf2 = (sheet: Sheet): Record<string, Readonly<Record<string, number>>> => ({
  worksheet: worksheetLines(sheet),
  'set-up': stepLines(sheet),
  passes: PASS_LINES,
  result: { ...RESULT_LINES, ...evidenceLines(sheet) },
});

/** One line for each evidence of a sheet that is not measured; a plan says its weight. */
const evidenceLines = ({ proof }: Sheet): Record<string, number> =>
  Object.fromEntries(
    proof
      .filter(({ kind }) => EVIDENCE_DATA[kind].recordedAs !== 'measurement')
      .map(({ id }) => [`result:${id}`, 1]),
  );

/** The lines of a measured thread with their usual weights; common practice. */
const RESULT_LINES: Readonly<Record<string, number>> = {
  'result:none': 1,
  'result:pitch-diameter': 20,
  'result:target': 6,
  'result:taper': 4,
  'result:crest': 10,
  'result:measuring': 4,
};

/** One line for each step of a sheet; a step that is not a usual one weighs 1. */
const stepLines = ({ steps }: Sheet): Record<string, number> =>
  Object.fromEntries(steps.map(({ id }) => [`step:${id}`, STEP_WEIGHTS[id] ?? 1]));

/** Weights of the steps of the usual set-up; common practice: what ruins the part weighs most. */
const STEP_WEIGHTS: Readonly<Record<string, number>> = {
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

/** One line for each question, all alike. */
const worksheetLines = ({ worksheet }: Sheet): Record<string, number> =>
  Object.fromEntries(worksheet.map(({ id }) => [`worksheet:${id}`, 1]));

/** The lines of this section with their usual weights; common practice. */
const PASS_LINES: Readonly<Record<string, number>> = {
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
