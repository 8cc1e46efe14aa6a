import { meets } from '../../sheet/sheet-step';
import type { Sheet } from '../../sheet/sheet';
import { wasNotUsed } from '../entry/not-used';
import { isKind, type Entry, type EntryOf } from '../entry/entry';
import { allOf } from '../entry/of-kind';

/** Beyond it a compound hardly feeds in any more: the mark is taken as not known. */
const STEEPEST_DEG = 80;

/**
 * The angle from the cross-slide axis at which the compound really stands, by what was recorded of it: the plan's, where
 * that is right or nobody who may tell it has judged it yet; null: not known, so no depth of the dial tells the groove's.
 */
export function angleAsSet(sheet: Sheet, { id, content }: EntryOf<'step'>, isLast: boolean): number | null {
  const planned = sheet.feed.angleDeg;
  const { value, how } = content;
  // What the cross slide fed straight in has no angle.
  if (wasNotUsed(content)) return planned;
  if (how === 'not-done') return null;
  const step = sheet.steps.find((each) => each.id === COMPOUND);
  if (step === undefined || value === null) return planned;
  const angle = angleAtMark(sheet, value);
  if (step.heldBack === true) {
    // What is right is with the server. An entry that came before the last one was judged when it was the last.
    const wrong = isLast ? step.judged?.entryId === id && step.judged.verdict === 'wrong' : true;
    return wrong && (angle === null || Math.abs(angle - planned) > TOLERANCE_DEG) ? angle : planned;
  }
  return step.expected === null || meets(step.expected, value) ? planned : angle;
}

/**
 * The record that tells how the compound stood from an entry of it on: where it was found otherwise next, and not set
 * anew, it stood so all the while.
 */
export function toldOf(live: readonly Entry[], entry: EntryOf<'step'>): EntryOf<'step'> {
  const next = live.slice(live.indexOf(entry) + 1).find(isOfCompound);
  return next?.content.how === 'found' ? next : entry;
}

/**
 * What of a record decides how earlier cuts are told: another such list is another groove. Where the sheet is silent of what
 * is right, an entry is told otherwise once it is not the last one.
 */
export function toldFrom({ steps }: Sheet, live: readonly Entry[]): string {
  const set = allOf(live, 'step').filter(isOfCompound);
  const isSilent = steps.some(({ id, heldBack }) => id === COMPOUND && heldBack === true);
  return set
    .filter((entry) => entry.content.how === 'found' || (isSilent && entry === set.at(-1)))
    .map(({ id }) => id)
    .join();
}

export const isOfCompound = (entry: Entry): entry is EntryOf<'step'> =>
  isKind('step')(entry) && entry.content.stepId === COMPOUND;

/** The step at which it is recorded. */
export const COMPOUND = 'compound';

/** As near as a scale is set and read; common practice. */
const TOLERANCE_DEG = 0.5;

/** A mark of this lathe's scale as an angle from the cross-slide axis; null where no feed comes of it. */
function angleAtMark({ compound, lathe }: Sheet, mark: number): number | null {
  const plain = mark > 180 ? 360 - mark : mark;
  const angle = lathe.zeroAlong === 'bed' && !compound.offScale ? 90 - plain : plain;
  return angle < 0 || angle > STEEPEST_DEG ? null : angle;
}

const SHEETS = new WeakMap<Sheet, Map<number, Sheet>>();

/** The sheet with the compound at another angle, so that what the dial feeds is reckoned as it is. */
export function sheetAtAngle(sheet: Sheet, angleDeg: number): Sheet {
  if (angleDeg === sheet.feed.angleDeg) return sheet;
  const known = SHEETS.get(sheet) ?? new Map<number, Sheet>();
  SHEETS.set(sheet, known);
  const at = known.get(angleDeg) ?? { ...sheet, feed: { ...sheet.feed, angleDeg } };
  known.set(angleDeg, at);
  return at;
}
