import { object } from 'yup';
import { good, type Result } from '@/core/base/errors/field-issue';
import { evenMarks, safeMarksFrom } from '@/core/machine/thread-dial/safe-marks';
import { turnsToRepeat } from '@/core/machine/thread-dial/repeat';
import { advance, count, readAdvance } from './advance-request';
import { shape, withoutId } from './request';

const schema = object({
  leadScrew: advance('leadScrew'),
  gearTeeth: count(1000).required('gearTeeth is missing.'),
  marks: count(1000).required('marks is missing.'),
  thread: advance('thread'),
  starts: count(100),
})
  .strict()
  .noUnknown('There is no such field: ${unknown}.');

/**
 * `{"leadScrew":{"tpi":8},"gearTeeth":32,"marks":8,"thread":{"tpi":"11 1/2"},"starts":1}`: marks at which the half nut
 * can be closed again after a first pass taken at mark 0.
 */
export function calcDial(request: unknown): Result<object> {
  const read = shape(schema, withoutId(request));
  if (!read.ok) return read;
  const { gearTeeth, marks, starts = 1 } = read.value;
  const screw = readAdvance('leadScrew', read.value.leadScrew);
  if (!screw.ok) return screw;
  const thread = readAdvance('thread', read.value.thread);
  if (!thread.ok) return thread;
  const lead = { ...thread.value, mm: thread.value.mm.mul(starts) };
  const gearing = { screw: screw.value, gearTeeth, lead };
  const safeMarks = safeMarksFrom(0, evenMarks(marks), gearing);
  return good({
    safeMarks,
    keepHalfNutClosed: safeMarks.length === 0,
    screwPitchesBetweenMarks: gearTeeth / marks,
    screwTurnsToRepeat: turnsToRepeat(gearing),
  });
}
