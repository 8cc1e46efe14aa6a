import type { Sheet } from './sheet';
import type { SheetStep } from './sheet-step';

/**
 * A sheet as a student may see it by now: figures that the student has to find stand at 0 or null, and the steps say so.
 * Only the server makes one; it is shown and never stored.
 */
export function isHeldBack(sheet: Pick<Sheet, 'steps'>, stepId: string): boolean {
  return sheet.steps.some(({ id, heldBack }) => id === stepId && heldBack === true);
}

/** Said in the place of a figure that is to be found. */
export const TO_BE_FOUND = 'to be found';

/** Takes the value that is right out of some steps, and out of every other place of the sheet that tells it. */
export function withHeldBack(sheet: Sheet, stepIds: readonly string[]): Sheet {
  if (stepIds.length === 0) return sheet;
  const held = (id: string) => stepIds.includes(id);
  const blank = { ...sheet };
  if (held('blank')) {
    // What is reckoned meanwhile is reckoned with the limit on the safe side, which every sheet gives.
    blank.workDiameter = sheet.thread.side === 'external' ? sheet.limits.crest.max : sheet.limits.crest.min;
  }
  if (held('run-out')) Object.assign(blank, { rootDiameter: 0, reliefDiameter: 0 });
  // Its drawing, to scale, tells both.
  if (held('blank') || held('run-out')) blank.blank = null;
  // As long as it is not measured it may be anything from pointed to blunt.
  if (held('tip')) blank.tip = { kind: 'flat', size: 0, known: false };
  if (held('over-wires')) {
    blank.wires = { ...sheet.wires, overWires: { min: 0, target: 0, max: 0 } };
    blank.passes = sheet.passes.map((pass) => ({ ...pass, overWires: null }));
  }
  // The angle stays in the computation, hidden or not: advice at the lathe has to be right while the student looks for it.
  if (held('compound')) blank.compound = { ...sheet.compound, angleDeg: 0, markDeg: 0 };
  if (held('gearing')) blank.gearing = { ...sheet.gearing, levers: [], gears: [], says: [] };
  if (held('speed')) {
    // Times of the dial and ways of the carriage follow from it, too.
    blank.dial = { ...blank.dial, turnSeconds: null, waitSeconds: null };
    blank.travel = [];
    blank.speed = {
      ...sheet.speed,
      rpm: 0,
      asked: 0,
      marked: null,
      set: '',
      cap: null,
      timeInRunOut: null,
      turnsLeft: null,
      carriagePerMinute: 0,
      surfacePerMinute: 0,
    };
  }
  return { ...blank, steps: sheet.steps.map((step) => (held(step.id) ? withoutValue(step) : step)) };
}

function withoutValue(step: SheetStep): SheetStep {
  return {
    ...step,
    heldBack: true,
    // Words with a figure in them tell it; what the wires are is given.
    instruction:
      step.id !== 'over-wires' && /\d/.test(step.instruction)
        ? 'Work it out, set it, and record what you have set.'
        : step.instruction,
    expected:
      step.expected === null ? null : { ...step.expected, value: 0, min: null, max: null, sense: 'any' },
    settings: step.settings.map((setting) => ({ ...setting, wanted: '' })),
    choices: step.kind === 'order' ? step.choices.toSorted() : step.choices,
  };
}
