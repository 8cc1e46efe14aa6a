import { mixed, number, object, string } from 'yup';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { identifyThread } from '@/core/thread/identify/identify-thread';
import { positive, shape, withoutId } from './request';

const schema = object({
  major: positive(),
  minor: positive(),
  pitch: positive(),
  tpi: mixed<number | string>(),
  unit: string()
    .strict()
    .oneOf(['in', 'mm'] as const, 'unit must be "in" or "mm".')
    .required('unit is missing.'),
  side: string()
    .strict()
    .oneOf(['external', 'internal'] as const, 'side must be "external" or "internal".')
    .required('side is missing.'),
  uncertainty: number()
    .strict()
    .typeError('uncertainty must be a number.')
    .min(0, 'uncertainty can not be negative.'),
})
  .strict()
  .noUnknown('There is no such field: ${unknown}.');

/** Two readings of a caliper on a worn crest agree within this; common practice. */
const USUAL_UNCERTAINTY = { in: 0.001, mm: 0.025 } as const;

/**
 * `{"major":0.490,"tpi":13,"unit":"in","side":"external"}`: standard threads that an existing part may be. An internal
 * thread is measured by its bore, `minor`, or by its root, `major`.
 */
export function calcIdentify(request: unknown): Result<object> {
  const read = shape(schema, withoutId(request));
  if (!read.ok) return read;
  const { major, minor, unit, side, uncertainty = USUAL_UNCERTAINTY[unit] } = read.value;
  if (minor !== undefined && side === 'external')
    return bad('minor', 'unsupported', 'An external thread is known by its major diameter.');
  const diameter = minor ?? major;
  if (diameter === undefined) return bad('major', 'required', 'major is missing.');
  const pitch = readPitch(read.value.pitch, read.value.tpi, unit);
  if (!pitch.ok) return pitch;
  return good({
    candidates: identifyThread({
      side,
      unit,
      crest: side === 'external' || minor !== undefined ? diameter : null,
      root: side === 'internal' && minor === undefined ? diameter : null,
      pitch: pitch.value,
      uncertainty,
    }),
  });
}

function readPitch(
  pitch: number | undefined,
  tpi: number | string | undefined,
  unit: 'in' | 'mm',
): Result<number> {
  if (pitch !== undefined && tpi !== undefined)
    return bad('tpi', 'conflict', 'Give the pitch or the threads per inch, not both.');
  if (pitch !== undefined) return good(pitch);
  if (tpi === undefined) return bad('pitch', 'required', 'pitch or tpi is missing.');
  const count = typeof tpi === 'number' ? tpi : mixedNumber(tpi);
  if (!(count > 0) || !Number.isFinite(count))
    return bad('tpi', 'out-of-range', 'tpi must be greater than 0, such as 13 or "11 1/2".');
  return good((unit === 'in' ? 1 : 25.4) / count);
}

/** `11 1/2`, `13`. */
function mixedNumber(text: string): number {
  const shape = /^\s*(\d{1,3}(?:\.\d+)?)(?:\s+(\d{1,2})\/(\d{1,2}))?\s*$/.exec(text);
  if (shape === null) return NaN;
  return Number(shape[1]) + (shape[2] === undefined ? 0 : Number(shape[2]) / Number(shape[3]));
}
