import {
  figure,
  listOf,
  maybeFigure,
  maybeOneOf,
  oneOf,
  part,
  whole,
  words,
  yesNo,
} from '@/core/base/documents/parts';
import { GEAR_ROLES } from '@/core/machine/lathe/lathe-names';

export const sheetGearingSchema = part({
  /** From which of the lathe's charts, or found in its stock; `not-kept` in sheets made before these were asked. */
  from: oneOf(['quick-change', 'change-gears', 'stock', 'nothing', 'not-kept'] as const),
  /** In the machine's own names, each with all of its positions where they are known. */
  levers: listOf(part({ lever: words(40), position: words(20), positions: listOf(words(20), 60) }), 40),
  gears: listOf(part({ place: words(40), role: oneOf(GEAR_ROLES), teeth: whole(1, 1000) }), 8),
  /** Gears to choose from at a place: the stock, or what the chart names. */
  choices: listOf(whole(1, 1000), 80),
  idlers: whole(0, 3),
  /** Of the lead screw, for the hand wanted; null where nothing is kept. */
  turns: maybeOneOf(['with-spindle', 'against-spindle'] as const),
  /** Of the lead, signed; null: not worked out. */
  errorPpm: maybeFigure(),
  /** What that makes over the length of thread engaged, in the thread's unit. */
  errorOverLength: maybeFigure(),
  overLength: figure(0),
  /** The error makes the thread fit as if its pitch diameter were off by more than the class allows. */
  tooFar: yesNo(),
  says: listOf(words(300), 10),
});
