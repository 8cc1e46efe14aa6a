import { part, words } from '@/core/base/documents/parts';
import { bad, good } from '@/core/base/errors/field-issue';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

export interface LookedOverContent {
  kind: 'looked-over';
  /** The entry that came late from a device that no longer led. */
  entryId: string;
}

/** A person has looked at an entry that came from a device that no longer led: it stands, or is struck out. */
export const lookedOverKind: EntryKind<'looked-over', LookedOverContent> = {
  kind: 'looked-over',
  format: 2,
  schema: part({ kind: kindOf('looked-over'), entryId: words(36).min(1) }),
  writtenBy: ['student', 'instructor', 'helper'],
  ofWork: false,
  goesOn: false,
  answersHold: false,
  beginsWork: false,
  needsNetwork: false,
  undoable: false,
  freeText: [],
  read: ({ entryId = '' }, { entries }) =>
    entries.some(({ id }) => id === entryId)
      ? good({ kind: 'looked-over', entryId })
      : bad('entryId', 'conflict', 'That entry is not in the record.'),
  words: () => ({ title: 'Looked over', detail: '' }),
};
