import { listOf, maybeFigure, maybeWhole, oneOf, part, words, yesNo } from '@/core/base/documents/parts';

export const sheetDialSchema = part({
  /** How the half nut finds the thread again on this lathe; `not-kept` in sheets made before this was asked. */
  use: oneOf(['marks', 'any-place', 'kept-closed', 'trip', 'not-known', 'not-kept'] as const),
  gearTeeth: maybeWhole(1, 1000),
  /** Several gears on its shaft: this one is to be meshed. */
  ofSeveral: yesNo(),
  marks: listOf(part({ label: words(8), at: words(20), name: words(40), group: maybeWhole(0, 100) }), 100),
  /** Marks that are safe together, in words. */
  groups: listOf(words(300), 100),
  /** Turns of the lead screw until the half nut finds the same groove again. */
  turnsToRepeat: maybeWhole(1, 1_000_000),
  /** Of one turn of the dial, and of the longest way to the next safe dial mark, at the sheet's speed. */
  turnSeconds: maybeFigure(0),
  waitSeconds: maybeFigure(0),
  says: listOf(words(300), 10),
});
