import { formatLength } from '@/core/base/units/format-length';
import { DRIVE_DATA } from '@/core/machine/technique/drives';
import type { SheetStep } from './sheet-step';
import { afterSteps } from './steps/after-steps';
import { holdingStep } from './steps/holding-steps';
import {
  compoundSteps,
  driveStep,
  gearingStep,
  pitchExpected,
  speedStep,
  travelStep,
} from './steps/machine-steps';
import { INSTRUCTOR_LOOKS, SAFETY_STEPS } from './steps/safety-steps';
import type { StepCase } from './steps/step-case';
import { confirm, range, value } from './steps/step-makers';
import { tipStep, toolStep, touchOffStep } from './steps/tool-steps';
import { endSteps, workSteps } from './steps/work-steps';

/**
 * The steps that are proposed for a way of working, in the practitioner's order (common practice), with the values
 * that the plan expects on this lathe.
 */
export function setupSteps(stepCase: StepCase): SheetStep[] {
  const { way, drive, words } = stepCase;
  return [
    ...SAFETY_STEPS,
    ...overWiresStep(stepCase),
    ...workSteps(stepCase),
    ...endSteps(stepCase),
    holdingStep(stepCase),
    gearingStep(stepCase),
    speedStep(stepCase),
    driveStep(stepCase),
    ...compoundSteps(stepCase),
    tipStep(stepCase),
    toolStep(stepCase),
    travelStep(stepCase),
    touchOffStep(stepCase),
    confirm(
      'dry-run',
      'Dry run',
      // Where the half nut finds the thread anywhere and there is no dial, none is caught.
      stepCase.sheet.dial.use === 'any-place' && stepCase.sheet.dial.marks.length === 0
        ? DRIVE_DATA[drive].dryRun(way, words).replace('catch the thread dial', `close the ${words.halfNut}`)
        : DRIVE_DATA[drive].dryRun(way, words),
      DRIVE_DATA[drive].hazards(way, words)[0],
    ),
    INSTRUCTOR_LOOKS,
    {
      ...value(
        'pitch-check',
        'Pitch',
        'Lay the pitch gauge on the scratch, or count along a rule. Wrong? Stop and mend the gearing.',
        pitchExpected(stepCase, stepCase.sheet.thread.starts > 1),
        'Measure only with the spindle stopped.',
      ),
      when: 'after-scratch',
      critical: true,
    },
    ...afterSteps(stepCase),
  ];
}

/** Only where wires prove the thread. */
function overWiresStep({ plan, sheet, measuring }: StepCase): SheetStep[] {
  if (plan.proof.evidence.every(({ kind }) => kind !== 'wires')) return [];
  // On the worksheet it is found already.
  if (plan.worksheet.asks.includes('overWires')) return [];
  const { unit } = sheet.thread;
  const { target, min, max } = sheet.wires.overWires;
  return [
    {
      ...value(
        'over-wires',
        `Target ${measuring.over}`,
        `Work it out with ${measuring.pieces} of ${formatLength({ value: sheet.wires.diameter, unit }, unit, 1)} ${unit}, from limits and pitch.`,
        range(target, min, max, unit),
      ),
      shows: 'after-entry',
    },
  ];
}
