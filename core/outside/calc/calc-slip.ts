import { number, object, string } from 'yup';
import type { SwivelZero } from '@/core/thread/compound/compound';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { recogniseSlip } from '@/core/learning/slip/recognise-slip';
import { SLIP_NEEDS, SLIP_QUANTITIES, usualTolerance, type SlipField } from '@/core/learning/slip/slip-case';
import { positive, readThread, readTip, shape, thread, tip, withoutId } from './request';

const ANGLE = 'compoundAngle counts from the cross-slide axis: 0 to 90.';
const ZERO = 'zeroAlong must be "cross-slide" or "bed".';

const schema = object({
  thread: thread(),
  workDiameter: positive(),
  tip: tip().notRequired(),
  compoundAngle: number()
    .strict()
    .typeError('compoundAngle must be a number.')
    .min(0, ANGLE)
    .lessThan(90, ANGLE),
  zeroAlong: string<SwivelZero>().strict().typeError(ZERO).oneOf(['cross-slide', 'bed'], ZERO),
  pitchDiameter: positive(),
  wire: positive(),
  quantity: string()
    .strict()
    .typeError('quantity must be text.')
    .oneOf(SLIP_QUANTITIES, `quantity must be one of ${SLIP_QUANTITIES.join(', ')}.`)
    .required('quantity is missing.'),
  answer: number()
    .strict()
    .typeError('answer must be a number.')
    .test(
      'finite',
      'answer must be a finite number.',
      (value) => value === undefined || Number.isFinite(value),
    )
    .required('answer is missing.'),
  tolerance: positive(),
})
  .strict()
  .noUnknown('There is no such field: ${unknown}.');

/** The names of the request for what a quantity follows from. */
const NAMES: Record<SlipField, string> = {
  workDiameter: 'workDiameter',
  tip: 'tip',
  compoundAngleDeg: 'compoundAngle',
  zeroAlong: 'zeroAlong',
  pitchDiameter: 'pitchDiameter',
  wire: 'wire',
};

/**
 * `{"thread":"3/4-10 UNC-2A","workDiameter":0.748,"tip":{"flat":0.0125},"compoundAngle":29.5,"pitchDiameter":0.6803,
 * "quantity":"compoundFeed","answer":0.0663}`: what is right, and the slip that the answer shows. Only what the quantity
 * follows from has to be given.
 */
export function calcSlip(request: unknown): Result<object> {
  const read = shape(schema, withoutId(request));
  if (!read.ok) return read;
  const parsed = readThread(read.value.thread);
  if (!parsed.ok) return parsed;
  const { quantity, answer, workDiameter, compoundAngle, zeroAlong, pitchDiameter, wire } = read.value;
  const tipGiven = read.value.tip ?? null;
  const slipCase = {
    thread: parsed.value,
    workDiameter: workDiameter ?? null,
    tip: tipGiven === null ? null : readTip(tipGiven),
    compoundAngleDeg: compoundAngle ?? null,
    zeroAlong: zeroAlong ?? null,
    pitchDiameter: pitchDiameter ?? null,
    wire: wire ?? null,
  };
  const missing = SLIP_NEEDS[quantity].find((field) => slipCase[field] === null);
  if (missing !== undefined)
    return bad(NAMES[missing], 'required', `${NAMES[missing]} is missing: ${quantity} follows from it.`);
  const tolerance = read.value.tolerance ?? usualTolerance(quantity, parsed.value.unit);
  const found = recogniseSlip(slipCase, quantity, answer, tolerance);
  return found === null
    ? bad('quantity', 'unsupported', `The standard leaves ${quantity} of this thread open.`)
    : good(found);
}
