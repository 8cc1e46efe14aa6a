import { object, string } from 'yup';
import { boreForPercent, percentForBore } from '@/core/thread/bore/bore';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf } from '@/core/thread/standards/thread';
import { threadLimits } from '@/core/thread/standards/limits';
import { positive, readThread, shape, thread } from './request';

const schema = object({
  thread: thread(),
  percent: positive().max(110, 'percent can be 110 at most.').required('percent is missing.'),
  basis: string()
    .strict()
    .oneOf(['basic', 'full'] as const, 'basis must be "basic" or "full".')
    .required('basis is missing: "basic" or "full".'),
});

/** `{"thread":"3/4-10 UNC-2B","percent":75,"basis":"full"}`: bore of an internal thread by percent of thread. */
export function calcBore(request: unknown): Result<object> {
  const read = shape(schema, request);
  if (!read.ok) return read;
  const parsed = readThread(read.value.thread);
  if (!parsed.ok) return parsed;
  const limits = threadLimits(parsed.value);
  if (limits.side === 'external')
    return bad('thread', 'unsupported', 'A bore needs an internal class, such as 2B or 6H.');
  const { nominalDiameter } = parsed.value;
  const form = formOf(parsed.value);
  const pitch = pitchOf(parsed.value);
  const diameter = boreForPercent(form, nominalDiameter, pitch, read.value.percent, read.value.basis);
  if (diameter === null)
    return bad('basis', 'unsupported', `A ${form.name} thread has the basis "basic" only.`);
  return good({
    diameter,
    range: limits.minor,
    percentOfBasic: percentForBore(form, nominalDiameter, pitch, diameter, 'basic'),
    percentOfFull: percentForBore(form, nominalDiameter, pitch, diameter, 'full'),
  });
}
