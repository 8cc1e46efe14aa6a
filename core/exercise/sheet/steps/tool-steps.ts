import { frameOfWay } from '@/core/machine/technique/cut-way';
import { showInsertPitch } from '@/core/thread/tool/insert-pitch';
import type { LengthUnit } from '@/core/base/units/length';
import { toolSays } from '../../plan/plan-book';
import { shownOnSheet } from '../shown-on-sheet';
import type { SheetStep } from '../sheet-step';
import type { StepCase } from './step-case';
import { confirm, range, value } from './step-makers';

/** How far a tip may depart from the plan before the depth is wrong by more than a graduation; common practice. */
const TIP_TOLERANCE: Record<LengthUnit, number> = { in: 0.002, mm: 0.05 };

export function tipStep(given: StepCase): SheetStep {
  const step = ownTipStep(given);
  const { tool } = given;
  return tool === null
    ? step
    : { ...step, instruction: `${step.instruction} From the shop’s book: ${toolSays(tool)}.` };
}

function ownTipStep({ plan, sheet }: StepCase): SheetStep {
  const { unit, flankAngleDeg } = sheet.thread;
  const angle = `${2 * flankAngleDeg}°`;
  const { pitchFrom, pitchTo } = plan.tool.tip;
  if (plan.tool.tip.kind === 'insert' && pitchFrom !== null && pitchTo !== null) {
    const [from, to] = [pitchFrom, pitchTo].map((pitch) =>
      showInsertPitch(pitch as Parameters<typeof showInsertPitch>[0]),
    );
    const pitches = from === to ? `pitch ${from}` : `pitches ${from} to ${to}`;
    return confirm(
      'tip',
      'Insert',
      `${angle} insert for ${pitches}, seated, screw tight, no chip off the edge.`,
    );
  }
  if (!sheet.tip.known)
    return confirm(
      'tip',
      'Tip',
      `${angle} by the centre gauge, no nick. Its size is not known: a measurement of the thread decides.`,
    );
  if (sheet.tip.kind === 'sharp')
    return confirm('tip', 'Tip', `Sharp point, ${angle} by the centre gauge, no nick.`);
  const { size, kind } = sheet.tip;
  return {
    ...value(
      'tip',
      'Tip',
      `${angle} by the centre gauge, ${kind} at the tip, no nick. Measure the ${kind}.`,
      range(size, Math.max(0, size - TIP_TOLERANCE[unit]), size + TIP_TOLERANCE[unit], unit),
    ),
    critical: true,
  };
}

export function toolStep({ way }: StepCase): SheetStep {
  const { toolInverted } = frameOfWay(way);
  const up = toolInverted ? ' upside down,' : '';
  if (way.side === 'external')
    return confirm(
      'tool-square',
      'Set the tool',
      way.toolSide === 'back'
        ? `At the back,${up} on centre height, square to the axis by the centre gauge, holder and tool screws tight.`
        : toolInverted
          ? 'Upside down, on centre height, square to the axis by the centre gauge, holder and tool screws tight.'
          : 'On centre height, square to the axis by the centre gauge, holder and tool screws tight.',
    );
  const side = way.toolSide === 'back' ? ' On the far side,' : '';
  return confirm(
    'tool-square',
    'Set the bar',
    `Bar as stout and short as it goes;${side === '' ? '' : `${side.toLowerCase()}`} tool${up === '' ? '' : up.replace(',', '')} on centre height, square by the centre gauge; mark the depth on the bar.`,
  );
}

/** The figure to which the readout is set at touch; zeroed there, the sign of what it then shows is its own affair. */
function readoutSet(sheet: StepCase['sheet']): string {
  const figure = shownOnSheet({ value: 0, unit: sheet.lathe.dial.graduation.unit }, sheet);
  const set = `set the readout to ${figure}`;
  return sheet.feed.zeroFigure === 0
    ? `${set} (the figures here are what was fed: a minus sign before them means the same)`
    : set;
}

/** How the zero is taken: what it means is recorded, for the predicted size hangs on it. */
export function touchOffStep({ plan, way, sheet, words }: StepCase): SheetStep {
  const dials =
    sheet.feed.slide === 'compound'
      ? `set ${words.crossSlide} and ${words.compound} to 0`
      : sheet.feed.slide === 'readout'
        ? readoutSet(sheet)
        : `set the ${words.crossSlide} to 0`;
  const high = way.side === 'internal' ? ' Find the high spot by turning the work by hand.' : '';
  const by = {
    metal: `touch the metal, ${dials}.`,
    dye: `touch the dye, ${dials}.`,
    paper: `touch with paper between, ${dials}. The rows here count from the surface: the bench adds the paper, from paper add it to each figure.`,
    short: `stop just short of touching, ${dials}; the reading of the first chip tells the gap.`,
    scratch: `turn a scratch, as fine as shows, stop there, ${dials}. The rows here count from the surface: take the scratch off each figure, as the bench does.`,
  }[plan.technique.zeroBy ?? 'dye'];
  return confirm('touch-off', 'Touch off, zero', `Dye the work. Come in against the backlash, ${by}${high}`);
}
