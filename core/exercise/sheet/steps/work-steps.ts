import { formatLength } from '@/core/base/units/format-length';
import { plannedCrest } from '../planned-crest';
import type { SheetStep } from '../sheet-step';
import type { StepCase } from './step-case';
import { atLeast, atMost, confirm, range, value } from './step-makers';

/** The blank or the bore, with its chamfer and its register. */
export function workSteps(stepCase: StepCase): SheetStep[] {
  const { plan, sheet, measuring } = stepCase;
  const { min, max } = plannedCrest(sheet);
  const { unit } = sheet.thread;
  const external = sheet.thread.side === 'external';
  const { register } = plan.work;
  return [
    value(
      'blank',
      external ? 'Blank' : 'Bore',
      external
        ? `Turn the ${measuring.crest} and measure it. ${chamferWords(stepCase)}`
        : `Bore to the ${measuring.crest} and measure it. ${chamferWords(stepCase)}`,
      range(sheet.workDiameter, min, max, unit),
    ),
    ...(register?.made === 'before' ? registerStep(stepCase) : []),
  ];
}

/** The register where the plan has one. */
export function registerStep({ plan, sheet }: StepCase): SheetStep[] {
  const { register } = plan.work;
  if (register?.diameter == null) return [];
  const { diameter, length, at, made } = register;
  const external = sheet.thread.side === 'external';
  const long = length === null ? '' : `, ${show(length.value, length.unit)} long`;
  const place = at === 'behind' ? 'behind the thread' : external ? 'before the thread' : 'at the mouth';
  const step = confirm(
    'register',
    'Register',
    `${external ? 'Turn' : 'Bore'} the register ${place} to ${show(diameter.value, diameter.unit)}${long}; its face square. ${made === 'after' ? 'In the same chucking as the thread. ' : ''}It locates the part, not the thread.`,
  );
  return [made === 'after' ? { ...step, when: 'after-cutting' } : step];
}

function chamferWords({ plan, sheet }: StepCase): string {
  const external = sheet.thread.side === 'external';
  const { chamfer } = plan.work;
  if (chamfer === null)
    return external ? 'Chamfer the start below the root.' : 'Chamfer the mouth to the major diameter.';
  const angle = chamfer.angleDeg === null ? '' : ` at ${chamfer.angleDeg}°`;
  const to = chamfer.diameter === null ? '' : ` to ${show(chamfer.diameter.value, chamfer.diameter.unit)}`;
  return `Chamfer the ${external ? 'start' : 'mouth'}${angle}${to}.`;
}

const show = (length: number, unit: 'in' | 'mm') => `${formatLength({ value: length, unit })} ${unit}`;

/** What the cut ends in. */
export function endSteps({ plan, way, sheet }: StepCase): SheetStep[] {
  const { unit } = sheet.thread;
  const length = show(sheet.speed.runOutWidth, unit);
  const least = sheet.speed.leastRunOut;
  const wide =
    least === null || least > sheet.speed.runOutWidth + 1e-9
      ? `${length} wide`
      : `${length} wide, not under ${show(least, unit)}`;
  switch (way.end) {
    case 'groove':
      return [
        value(
          'run-out',
          'Run-out groove',
          `${wide}, and down to the root or below. Measure its diameter.`,
          atMost(sheet.reliefDiameter, unit),
        ),
      ];
    case 'recess':
      return [
        value(
          'run-out',
          'Recess',
          `${wide}, and out to the root or beyond. Measure its diameter.`,
          atLeast(sheet.reliefDiameter, unit),
        ),
      ];
    case 'mark':
      return [
        confirm(
          'run-out',
          'Line',
          `Scribe the end of the full thread${plan.work.threadLength === null ? '' : `, ${show(plan.work.threadLength.value, plan.work.threadLength.unit)} long`}: there the tool comes out, within ${length}.`,
        ),
      ];
    case 'through':
      return [
        confirm(
          'run-out',
          'Room behind',
          `${length} free behind the work, off jaws and chuck: the whole tool comes out there.`,
          'Contact is never the stop: turn by hand and look before the spindle is live.',
        ),
      ];
    case 'boss':
      return [
        confirm(
          'run-out',
          'Boss beyond',
          `The boss lies under the root, ${length} long: the cut ends over it.`,
        ),
      ];
  }
}
