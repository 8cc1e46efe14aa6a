import { object } from 'yup';
import { compoundFeedFor } from '@/core/thread/compound/compound';
import { depthCaseOf, radialDepthFor } from '@/core/thread/depth/radial-depth';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf } from '@/core/thread/standards/thread';
import { radians } from '@/core/base/units/angle';
import { compoundAngle, positive, readThread, readTip, shape, thread, tip } from './request';

const schema = object({
  thread: thread(),
  workDiameter: positive().required('workDiameter is missing.'),
  tip: tip(),
  compoundAngle: compoundAngle(45),
  pitchDiameter: positive().required('pitchDiameter is missing.'),
});

/** `{"thread":..,"workDiameter":0.748,"tip":{"flat":0.0125},"compoundAngle":29.5,"pitchDiameter":0.6803}`. */
export function calcDepth(request: unknown): Result<object> {
  const read = shape(schema, request);
  if (!read.ok) return read;
  const parsed = readThread(read.value.thread);
  if (!parsed.ok) return parsed;
  const { workDiameter, pitchDiameter, compoundAngle } = read.value;
  const { side } = parsed.value;
  const pitch = pitchOf(parsed.value);
  const material = side === 'external' ? workDiameter - pitchDiameter : pitchDiameter - workDiameter;
  if (material <= 0) {
    const word = side === 'external' ? 'larger than' : 'smaller than';
    return bad(
      'workDiameter',
      'not-reachable',
      `workDiameter must be ${word} pitchDiameter for an ${side} thread.`,
    );
  }
  const pointed = pitch / 2 / Math.tan(radians(formOf(parsed.value).flankAngleDeg));
  if (material >= 2 * pointed)
    return bad(
      'workDiameter',
      'not-reachable',
      'workDiameter is too far from pitchDiameter: the crest would come to a point.',
    );
  const radialDepth = radialDepthFor(
    depthCaseOf(parsed.value, workDiameter, readTip(read.value.tip)),
    pitchDiameter,
  );
  if (radialDepth <= 0)
    return bad('tip', 'not-reachable', 'The tip is wider than the groove at this pitch diameter.');
  return good({ radialDepth, compoundFeed: compoundFeedFor(radialDepth, compoundAngle) });
}
