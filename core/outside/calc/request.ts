import { mixed, number, object, string, ValidationError, type InferType, type ObjectSchema } from 'yup';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { cutLongLists } from '@/core/base/json/cut-long-lists';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import type { Thread } from '@/core/thread/standards/thread';
import type { Tip } from '@/core/thread/tool/tip';

/** A length, count or angle of a request: a finite number greater than 0, given as a number. */
export const positive = () =>
  number()
    .strict()
    .typeError('${path} must be a number.')
    .test(
      'finite',
      '${path} must be a finite number.',
      (value) => value === undefined || Number.isFinite(value),
    )
    .moreThan(0, '${path} must be greater than 0.');

/** An angle of the compound, counted from the cross-slide axis. */
export const compoundAngle = (most: number) =>
  number()
    .strict()
    .typeError('compoundAngle must be a number.')
    .min(0, `compoundAngle counts from the cross-slide axis: 0 to ${most}.`)
    .max(most, `compoundAngle counts from the cross-slide axis: 0 to ${most}.`)
    .required('compoundAngle is missing.');

export const thread = () =>
  string()
    .strict()
    .typeError('thread must be text.')
    .max(60, 'thread is too long.')
    .required('thread is missing.');

const tipSchema = object({
  flat: number().strict().min(0, '${path} can not be negative.'),
  radius: positive(),
})
  .strict()
  .typeError('tip must be {"flat":..} or {"radius":..}.')
  .required('tip is missing.');

export const tip = () =>
  mixed<InferType<typeof tipSchema>>()
    .required('tip is missing.')
    .test('tip', 'tip must be {"flat":..} or {"radius":..}, one of them.', (value) => {
      // A missing one is `required`'s to refuse.
      if (value === undefined || value === null) return true;
      if (!tipSchema.isValidSync(value)) return false;
      return (value.flat === undefined) !== (value.radius === undefined);
    });

export function readTip(value: { flat?: number | undefined; radius?: number | undefined }): Tip {
  if (value.radius !== undefined) return { kind: 'radius', radius: value.radius };
  return value.flat === undefined || value.flat === 0
    ? { kind: 'sharp' }
    : { kind: 'flat', flat: value.flat };
}

/** The request without its `id`, which every kind takes. */
export function withoutId(request: unknown): object {
  return Object.fromEntries(Object.entries(request as object).filter(([name]) => name !== 'id'));
}

/** Checks the shape of a request; the first thing wrong is refused with its field. */
export function shape<T extends object>(schema: ObjectSchema<T>, request: unknown): Result<T> {
  try {
    return good(schema.validateSync(cutLongLists(schema, request), { abortEarly: false }) as T);
  } catch (error) {
    if (!ValidationError.isError(error)) throw error;
    const first = firstInOrder(error, Object.keys(schema.fields));
    const unknown = first.type === 'noUnknown' ? String(first.params?.unknown) : null;
    const field = unknown ?? (first.path === undefined || first.path === '' ? 'request' : first.path);
    return bad(
      field,
      first.type === 'optionality' || first.type === 'required' ? 'required' : 'out-of-range',
      first.message,
    );
  }
}

export function readThread(text: string): Result<Thread> {
  const read = parseDesignation(text);
  return read.ok ? good(read.value.thread) : read;
}

/** The first thing wrong, in the order in which the fields are documented. */
function firstInOrder(error: ValidationError, fields: readonly string[]): ValidationError {
  const rank = ({ path }: ValidationError) => fields.indexOf((path ?? '').split('.')[0] ?? '');
  return error.inner.toSorted((a, b) => rank(a) - rank(b))[0] ?? error;
}
