import { object } from 'yup';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import {
  bestWire,
  leadAngleCorrection,
  leadAngleDeg,
  overWires,
  pitchDiameterFrom,
  wireCaseOf,
  wireRange,
} from '@/core/measuring/gauging/three-wires';
import { crestLimits } from '@/core/thread/standards/thread-limits';
import { formOf } from '@/core/thread/standards/systems';
import { leadOf, pitchOf } from '@/core/thread/standards/thread';
import { threadLimits } from '@/core/thread/standards/limits';
import { positive, readThread, shape, thread } from './request';

const schema = object({ thread: thread(), wire: positive(), measured: positive() });

/**
 * `{"thread":"3/4-10 UNC-2A","wire":0.0577,"measured":0.7512}`: three wires (internal: two balls). Lead angle and its
 * correction are given at the middle of the pitch-diameter band.
 */
export function calcWires(request: unknown): Result<object> {
  const read = shape(schema, request);
  if (!read.ok) return read;
  const parsed = readThread(read.value.thread);
  if (!parsed.ok) return parsed;
  const limits = threadLimits(parsed.value);
  const pitch = pitchOf(parsed.value);
  const lead = leadOf(parsed.value);
  const { pitchDiameter } = limits;
  const form = formOf(parsed.value);
  const most = limits.side === 'external' ? 'max' : 'min';
  const range = wireRange(form, pitch, crestLimits(limits)[most], pitchDiameter[most]);
  const best = bestWire(pitch, form.flankAngleDeg);
  const wire = read.value.wire ?? best;
  if (wire < range.min || wire > range.max) {
    return bad(
      'wire',
      'out-of-range',
      `wire ${wire} does not touch the flanks and stand proud of the crest: use ${range.min.toFixed(5)} to ${range.max.toFixed(5)} ${parsed.value.unit}.`,
    );
  }
  const wireCase = wireCaseOf(parsed.value, wire);
  const middle = (pitchDiameter.min + pitchDiameter.max) / 2;
  const over = { min: overWires(wireCase, pitchDiameter.min), max: overWires(wireCase, pitchDiameter.max) };
  const { measured } = read.value;
  if (measured !== undefined && Math.abs(measured - over.max) > 2 * pitch) {
    return bad(
      'measured',
      'out-of-range',
      `measured ${measured} is no reading of this thread over these wires: ${over.min.toFixed(4)} to ${over.max.toFixed(4)} are its limits.`,
    );
  }
  return good({
    bestWire: best,
    wireRange: range,
    wire,
    leadAngle: leadAngleDeg(lead, middle),
    leadAngleCorrection: leadAngleCorrection(wireCase, middle),
    overWires: over,
    ...(measured === undefined ? {} : { pitchDiameter: pitchDiameterFrom(wireCase, measured) }),
  });
}
