import { figure, maybePart, oneOf, part, yesNo, namedOrUnknown } from '@/core/base/documents/parts';
import { REGISTER_MADE, REGISTER_PLACES } from '@/core/machine/blank/part-shape';
import { WORK_ENDS } from '@/core/machine/technique/choices';

/** The part before the thread; null in sheets made before it was kept. Lengths in the thread's unit. */
export const sheetBlankSchema = maybePart({
  side: oneOf(['external', 'internal'] as const),
  diameter: figure(0),
  root: figure(),
  relief: figure(0),
  end: namedOrUnknown(WORK_ENDS),
  endLength: figure(0),
  threadLength: figure(0),
  threadLengthKnown: yesNo(),
  chamfer: part({ length: figure(0), diameter: figure(0) }),
  register: maybePart({
    diameter: figure(0),
    length: figure(0),
    at: oneOf(REGISTER_PLACES),
    made: oneOf(REGISTER_MADE),
  }),
});
