import { catchesMarks } from '@/core/machine/technique/drives';
import type { Sheet } from '../../sheet/sheet';
import type { Prediction } from '../state/predict';

/** The marks of the thread dial at which the half nut may be closed for the next cut. */
export interface SafeMarks {
  marks: string[];
  /** Where no mark is listed: whether it may be closed at any place, or is not closed anew at all. */
  closeAnywhere: boolean;
}

const labelOf = ({ label, name }: Sheet['dial']['marks'][number]) => (label === '' ? name : label);

/**
 * Before the first catch every mark that comes back is safe; after it those of its set, or that one alone where the plan
 * wants always the same. New zeros in the groove begin a new set.
 */
export function safeMarks(sheet: Sheet, { drive, firstMark }: Prediction): SafeMarks {
  const { marks, use } = sheet.dial;
  if (!catchesMarks(drive)) return { marks: [], closeAnywhere: false };
  if (use === 'any-place') return { marks: [], closeAnywhere: true };
  const back = marks.filter(({ group }) => group !== null);
  const first = back.find((mark) => labelOf(mark) === firstMark || mark.name === firstMark);
  if (first === undefined) return { marks: back.map(labelOf), closeAnywhere: false };
  const safe = sheet.way.markRule === 'same' ? [first] : back.filter(({ group }) => group === first.group);
  return { marks: safe.map(labelOf), closeAnywhere: false };
}

/**
 * Whether a mark that was caught does not bring the tool back into the groove of the set's first catch. A mark of the
 * same group does, also where the plan keeps to one; what is not known is not called wrong.
 */
export function isUnsafeMark({ dial }: Sheet, { drive, firstMark }: Prediction, mark: string): boolean {
  if (mark === '' || firstMark === null || !catchesMarks(drive) || dial.use === 'any-place') return false;
  const markOf = (name: string) => dial.marks.find((each) => labelOf(each) === name || each.name === name);
  const group = markOf(firstMark)?.group ?? null;
  return mark !== firstMark && group !== null && markOf(mark)?.group !== group;
}
