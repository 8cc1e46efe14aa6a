import { object } from 'yup';
import { good, type Result } from '@/core/base/errors/field-issue';
import { leadOf, pitchOf, tpiOf } from '@/core/thread/standards/thread';
import { namesSquare, readSquare } from '@/core/thread/standards/square/square-thread';
import { printDesignation } from '@/core/thread/standards/print-designation';
import { threadLimits } from '@/core/thread/standards/limits';
import { readThread, shape, thread } from './request';

const schema = object({ thread: thread() });

/** `{"thread":"3/4-10 UNC-2A"}`: limits of size. What the standard leaves open is null. */
export function calcLimits(request: unknown): Result<object> {
  const read = shape(schema, request);
  if (!read.ok) return read;
  if (namesSquare(read.value.thread)) return squareSizes(read.value.thread);
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

/** A square thread has basic sizes only: they stand as the limit of most material, the other is null. */
function squareSizes(text: string): Result<object> {
  const read = readSquare(text);
  if (!read.ok) return read;
  const { designation, unit, hand, starts, pitch, lead, major, pitchDiameter, minor } = read.value;
  const basic = (max: number) => ({ min: null, max });
  return good({
    designation,
    standard: null,
    unit,
    side: 'external',
    hand,
    starts,
    pitch,
    lead,
    ...(unit === 'in' ? { tpi: 1 / pitch } : {}),
    allowance: 0,
    major: basic(major),
    pitchDiameter: basic(pitchDiameter),
    minor: basic(minor),
  });
}
