import type { SwivelZero } from '@/core/thread/compound/compound';
import { recogniseSlip } from '../slip/recognise-slip';
import {
  SLIP_NEEDS,
  usualTolerance,
  type SlipCase,
  type SlipField,
  type SlipQuantity,
} from '../slip/slip-case';
import { printDesignation } from '@/core/thread/standards/print-designation';
import { formatLength, LENGTH_DECIMALS } from '@/core/base/units/format-length';
import type { LengthUnit } from '@/core/base/units/length';
import { ASK_TITLES } from './asks';
import type { WorksheetQuestion } from './question';

const NAMES: Record<SlipField, string> = {
  workDiameter: 'Work, measured',
  tip: 'Tip of the tool',
  compoundAngleDeg: 'Compound, from the cross-slide axis',
  zeroAlong: 'The swivel scale reads 0',
  pitchDiameter: 'Pitch diameter aimed at',
  wire: 'Wire in hand',
};

const ALONG: Record<SwivelZero, string> = {
  'cross-slide': 'with the compound along the cross slide',
  bed: 'with the compound along the bed',
};

/** A question for a figure with what it follows from; null where that is not known, or the standard leaves it open. */
export function figureQuestion(slipCase: SlipCase, quantity: SlipQuantity): WorksheetQuestion | null {
  const { unit } = slipCase.thread;
  const needs = SLIP_NEEDS[quantity];
  if (needs.some((field) => slipCase[field] === null)) return null;
  const tolerance = usualTolerance(quantity, unit);
  const expected = recogniseSlip(slipCase, quantity, 0, tolerance)?.expected;
  if (expected === undefined) return null;
  const isAngle = quantity === 'markToSet';
  return {
    id: quantity,
    title: ASK_TITLES[quantity],
    kind: 'figure',
    givens: [
      { name: 'Thread', value: printDesignation(slipCase.thread) },
      ...needs.map((field) => ({ name: NAMES[field], value: givenText(slipCase, field, unit) })),
    ],
    unit: isAngle ? '°' : unit,
    expected,
    tolerance,
    decimals: isAngle ? 1 : LENGTH_DECIMALS[unit],
    options: [],
    wanted: [],
    before: [],
  };
}

function givenText({ tip, ...slipCase }: SlipCase, field: SlipField, unit: LengthUnit): string {
  const length = (value: number | null) =>
    value === null ? '' : `${formatLength({ value, unit }, unit, field === 'wire' ? 1 : 0)} ${unit}`;
  switch (field) {
    case 'tip':
      if (tip === null) return '';
      return tip.kind === 'sharp'
        ? 'sharp'
        : tip.kind === 'flat'
          ? `flat ${length(tip.flat)}`
          : `radius ${length(tip.radius)}`;
    case 'compoundAngleDeg':
      return `${Number((slipCase.compoundAngleDeg ?? 0).toFixed(2))}°`;
    case 'zeroAlong':
      return slipCase.zeroAlong === null ? '' : ALONG[slipCase.zeroAlong];
    default:
      return length(slipCase[field]);
  }
}
