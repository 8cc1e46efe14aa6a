import { array, number, object, string } from 'yup';
import { good, type Result } from '@/core/base/errors/field-issue';
import { maxRpm } from '@/core/machine/technique/speed-limit';
import { positive, shape, withoutId } from './request';

const notNegative = (name: string) =>
  number().strict().typeError(`${name} must be a number.`).min(0, `${name} can not be negative.`);

const schema = object({
  lead: positive().required('lead is missing.'),
  unit: string()
    .strict()
    .typeError('unit must be "in" or "mm".')
    .oneOf(['in', 'mm'], 'unit must be "in" or "mm".')
    .required('unit is missing.'),
  runOut: positive().required('runOut is missing.'),
  reaction: positive().required('reaction is missing: seconds from seeing to doing.'),
  speeds: array(positive().required('A speed is missing.'))
    .strict()
    .typeError('speeds must be a list of rpm.')
    .max(200, 'At most 200 speeds.')
    .required('speeds is missing.'),
  toolWidth: notNegative('toolWidth'),
  drift: notNegative('drift'),
  runDownTurns: notNegative('runDownTurns'),
})
  .strict()
  .noUnknown('There is no such field: ${unknown}.');

/**
 * `{"lead":2.5,"unit":"mm","runOut":4,"reaction":1.2,"speeds":[45,70,110]}`: the usable width is runOut less toolWidth
 * less drift; it holds the way of the reaction, and runDownTurns of the spindle where it is stopped in the run-out.
 */
export function calcSpeed(request: unknown): Result<object> {
  const read = shape(schema, withoutId(request));
  if (!read.ok) return read;
  const { lead, runOut, reaction, speeds, toolWidth = 0, drift = 0, runDownTurns = 0 } = read.value;
  const usable = Math.max(0, runOut - toolWidth - drift);
  const limit = { endsBy: 'stopping', usable, room: null, runDownTurns } as const;
  const most = maxRpm(limit, lead, reaction) ?? 0;
  // A speed that just leaves the time is not refused by binary noise.
  const allowed = speeds.filter((speed) => speed <= most * (1 + 1e-12));
  const rpm = allowed.length === 0 ? null : Math.max(...allowed);
  return good({
    maxRpm: most,
    rpm,
    timeInRunOut: rpm === null ? null : (60 * usable) / (rpm * lead),
    usableWidth: usable,
  });
}
