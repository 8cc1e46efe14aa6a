import { array, mixed, number, object, string } from 'yup';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { NUT_ANSWERS } from '@/core/measuring/nut/nut-answer';
import { nutLimits, reckonNut } from '@/core/measuring/nut/reckon-nut';
import { nutOfClass, nutOfSize, type NutSize } from '@/core/measuring/nut/nut-size';
import { threadLimits } from '@/core/thread/standards/limits';
import type { Thread } from '@/core/thread/standards/thread';
import { positive, readThread, shape, thread, withoutId } from './request';

const sizeSchema = object({
  pitchDiameter: positive().required('nut.pitchDiameter is missing.'),
  uncertainty: number()
    .strict()
    .typeError('nut.uncertainty must be a number.')
    .min(0, 'nut.uncertainty can not be negative.')
    .default(0),
}).noUnknown('nut has a field that is not known: ${unknown}.');

const schema = object({
  thread: thread(),
  nut: mixed().nullable().defined('nut is missing: its class, its size, or null where it is not known.'),
  answers: array(
    string()
      .strict()
      .oneOf(NUT_ANSWERS, `answers are ${NUT_ANSWERS.join(', ')}.`)
      .required('An answer is missing.'),
  )
    .strict()
    .typeError('answers must be a list.')
    .min(1, 'Give at least one answer.')
    .max(200, 'At most 200 answers.')
    .required('answers is missing.'),
  crest: positive(),
  compoundAngle: number()
    .strict()
    .typeError('compoundAngle must be a number.')
    .min(0, 'compoundAngle counts from the cross-slide axis: 0 to 45.')
    .max(45, 'compoundAngle counts from the cross-slide axis: 0 to 45.')
    .required('compoundAngle is missing.'),
  graduation: positive().required('graduation is missing.'),
})
  .strict()
  .noUnknown('There is no such field: ${unknown}.');

/**
 * `{"thread":"3/4-16 UNF-2A","nut":"2B","answers":["tight"],"crest":0.7438,"compoundAngle":29.5,"graduation":0.001}`:
 * what a nut says of the pitch diameter, and what to take next. The crest is that of the last answer.
 */
export function calcNut(request: unknown): Result<object> {
  const read = shape(schema, withoutId(request));
  if (!read.ok) return read;
  const parsed = readThread(read.value.thread);
  if (!parsed.ok) return parsed;
  const nut = readNut(parsed.value, read.value.nut);
  if (!nut.ok) return nut;
  const { answers, crest = null, compoundAngle, graduation } = read.value;
  const { pitchDiameter, againstLimits, nextInfeed, contradiction } = reckonNut(
    {
      limits: nutLimits(threadLimits(parsed.value)),
      nut: nut.value,
      trials: answers.map((answer, index) => ({
        answer: answer,
        crest: index === answers.length - 1 ? crest : null,
      })),
      feedAngleDeg: compoundAngle,
      graduation,
    },
    parsed.value.unit,
  );
  return good({ pitchDiameter, againstLimits, nextInfeed, contradiction });
}

function readNut(ofThread: Thread, nut: unknown): Result<NutSize> {
  if (nut === null) return good(null);
  if (typeof nut === 'string') return nutOfClass(ofThread, nut);
  if (typeof nut !== 'object' || Array.isArray(nut))
    return bad('nut', 'unreadable', 'nut must be its class such as "2B", {"pitchDiameter":..}, or null.');
  const read = shape(sizeSchema, nut);
  if (!read.ok) return { ok: false, issues: read.issues.map((issue) => ({ ...issue, field: 'nut' })) };
  return good(nutOfSize(read.value.pitchDiameter, read.value.uncertainty));
}
