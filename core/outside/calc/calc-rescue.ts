import { object } from 'yup';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { rescueOf } from '@/core/cutting/cut/rescue';
import { radialDepthFor } from '@/core/thread/depth/radial-depth';
import { FLANK_ANGLE_DEG, GROOVE_FIELDS, grooveCut } from './calc-groove';
import { positive, shape, withoutId } from './request';

const schema = object({ ...GROOVE_FIELDS, pitchDiameter: positive().required('pitchDiameter is missing.') })
  .strict()
  .noUnknown('There is no such field: ${unknown}.');

/**
 * A request of `groove`, what was cut, with the pitch diameter that is wanted of the same tool: whether the groove still
 * lies inside the one that is wanted, and how far the tool has to be moved for it.
 */
export function calcRescue(request: unknown): Result<object> {
  const read = shape(schema, withoutId(request));
  if (!read.ok) return read;
  const cut = grooveCut(read.value);
  if (!cut.ok) return cut;
  const { pitchDiameter, workDiameter } = read.value;
  const { thread, side, pitch, tip } = cut.value;
  const wanted = radialDepthFor(
    { side, workDiameter, pitch, tip, flankAngleDeg: FLANK_ANGLE_DEG },
    pitchDiameter,
  );
  if (wanted <= 0 || (side === 'external' && 2 * wanted >= workDiameter))
    return bad(
      'pitchDiameter',
      'out-of-range',
      'No groove of this tool in this work has that pitch diameter.',
    );
  const { saveable, shift, infeed, toHeadstock, toTailstock, mayBeOff } = rescueOf(
    thread.poses,
    wanted,
    FLANK_ANGLE_DEG,
  );
  // The fed flank, toward the headstock here, is the leading one.
  return good({
    saveable,
    shift,
    infeed,
    marginLeading: toHeadstock,
    marginTrailing: toTailstock,
    mayBeOff,
  });
}
