import { part, whole, words } from '@/core/base/documents/parts';
import { bad, good } from '@/core/base/errors/field-issue';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

export interface LatheContent {
  kind: 'lathe';
  /** The sheet of this lathe, of the hand-out. */
  sheetId: number;
  name: string;
}

/** The lathe that was taken; it can be changed until the first cut. */
export const latheKind: EntryKind<'lathe', LatheContent> = {
  kind: 'lathe',
  format: 2,
  schema: part({ kind: kindOf('lathe'), sheetId: whole(1, 2 ** 31 - 1), name: words(80).min(1) }),
  writtenBy: ['student', 'instructor'],
  ofWork: true,
  goesOn: false,
  answersHold: false,
  beginsWork: false,
  needsNetwork: false,
  undoable: true,
  freeText: [],
  read: ({ sheetId = '', name = '' }, { prediction }) => {
    if (prediction.cuts.length > 0)
      return bad('sheetId', 'conflict', 'The first cut is made: this piece stays on its lathe.');
    return /^\d{1,9}$/.test(sheetId) && name !== ''
      ? good({ kind: 'lathe', sheetId: Number(sheetId), name })
      : bad('sheetId', 'unreadable', 'Choose a lathe of the list.');
  },
  words: ({ name }) => ({ title: 'Lathe', detail: name }),
};
