import { object } from 'yup';
import { good, type Result } from '../errors/field-issue';
import { leadOf, pitchOf, printDesignation, threadLimits, tpiOf } from '../thread';
import { readThread, shape, thread } from './request';

const schema = object({ thread: thread() });

/** `{"thread":"3/4-10 UNC-2A"}`: limits of size. What the standard leaves open is null. */
export function calcLimits(request: unknown): Result<object> {
  const read = shape(schema, request);
  if (!read.ok) return read;
  const parsed = readThread(read.value.thread);
  if (!parsed.ok) return parsed;
  const { standard, side, allowance, major, pitchDiameter, minor } = threadLimits(parsed.value);
  const { unit, hand, starts } = parsed.value;
  return good({
    designation: printDesignation(parsed.value),
    standard,
    unit,
    side,
    hand,
    starts,
    pitch: pitchOf(parsed.value),
    lead: leadOf(parsed.value),
    ...(unit === 'in' ? { tpi: tpiOf(parsed.value).valueOf() } : {}),
    allowance,
    major,
    pitchDiameter,
    minor,
  });
}
