import { number, object, string } from 'yup';
import { swivelGraduationDeg, type SwivelZero } from '@/core/thread/compound/compound';
import { good, type Result } from '@/core/base/errors/field-issue';
import { shape, withoutId } from './request';

const OUTSIDE = 'angle counts from the cross-slide axis: 0 to 90.';

const schema = object({
  angle: number()
    .strict()
    .typeError('angle must be a number.')
    .min(0, OUTSIDE)
    .max(90, OUTSIDE)
    .required('angle is missing.'),
  zeroAlong: string<SwivelZero>()
    .strict()
    .typeError('zeroAlong must be "cross-slide" or "bed".')
    .oneOf(['cross-slide', 'bed'], 'zeroAlong must be "cross-slide" or "bed".')
    .required('zeroAlong is missing: say where the scale reads 0.'),
})
  .strict()
  .noUnknown('There is no such field: ${unknown}.');

/** `{"angle":29.5,"zeroAlong":"bed"}`: the graduation to set on a scale that reads 0 along the bed, or along the cross slide. */
export function calcCompound(request: unknown): Result<object> {
  const read = shape(schema, withoutId(request));
  return read.ok ? good({ markToSet: swivelGraduationDeg(read.value.angle, read.value.zeroAlong) }) : read;
}
