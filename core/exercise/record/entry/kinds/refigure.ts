import { figure, listOf, named, part } from '@/core/base/documents/parts';
import { bad, good } from '@/core/base/errors/field-issue';
import { sheetPassSchema, type SheetPass } from '../../../sheet/sheet';
import { formatLength } from '@/core/base/units/format-length';
import type { EntryKind } from '../entry-kind';
import { unbelievable } from '../believable';
import { kindOf } from '../kind-of';
import { refigured } from '../refigured';

export interface RefigureContent {
  kind: 'refigure';
  /** What was found to be otherwise than planned. */
  what: 'work-diameter' | 'tip';
  /** In the thread's unit. */
  value: number;
  passes: SheetPass[];
}

/** The passes worked out anew from what was measured at the bench; in force from the next cut, the sheet stays as it is. */
export const refigureKind: EntryKind<'refigure', RefigureContent> = {
  kind: 'refigure',
  format: 3,
  schema: part({
    kind: kindOf('refigure'),
    what: named(['work-diameter', 'tip'] as const),
    value: figure(0),
    passes: listOf(sheetPassSchema, 8000),
  }),
  lifts: {
    2: (older) => ({
      ...older,
      passes: (older.passes as object[]).map((pass) => ({
        ...pass,
        pitchDiameterBand: null,
        crestFlat: null,
        until: null,
        drive: null,
      })),
    }),
  },
  writtenBy: ['student', 'instructor'],
  ofWork: true,
  goesOn: true,
  answersHold: false,
  beginsWork: true,
  needsNetwork: false,
  undoable: true,
  freeText: [],
  read: ({ what, value = '' }, { sheet, prediction }) => {
    if (what !== 'work-diameter' && what !== 'tip')
      return bad('what', 'unreadable', 'Say what was found to be otherwise.');
    const found = Number(value);
    if (value.trim() === '' || !Number.isFinite(found) || found < 0)
      return bad('value', 'not-a-number', 'Measure it first: the figure is missing.');
    const passes = refigured(sheet, prediction, { [what]: found });
    return passes === null
      ? bad(
          'value',
          'not-reachable',
          'No passes follow from this figure: measure again, or ask the instructor.',
        )
      : good({ kind: 'refigure', what, value: found, passes });
  },
  refuses: ({ passes, value, what }, sheet) => {
    if (passes.length === 0)
      return { field: 'passes', code: 'required', message: 'Send the passes that follow.' };
    if (what === 'tip' && sheet !== null && value > sheet.thread.pitch)
      return { field: 'value', code: 'out-of-range', message: 'A tip wider than the pitch cuts no thread.' };
    return passes.some(({ kind, drive }) => kind === 'unknown' || drive === 'unknown')
      ? { field: 'passes', code: 'unreadable', message: 'Only passes that are understood can be figured.' }
      : unbelievable({ value }, sheet);
  },
  words: ({ what, value, passes }, { thread, words }) => ({
    title: 'Passes figured anew',
    detail: `${what === 'tip' ? 'tip' : words.work} ${formatLength({ value, unit: thread.unit })} ${thread.unit}, ${passes.length} passes`,
  }),
};
