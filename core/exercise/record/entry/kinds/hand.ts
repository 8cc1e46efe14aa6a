import { part, yesNo } from '@/core/base/documents/parts';
import { good } from '@/core/base/errors/field-issue';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

export interface HandContent {
  kind: 'hand';
  /** Raised, or taken down again. */
  raised: boolean;
}

/** A hand that is raised at the lathe: somebody is wanted. Whoever came takes it down, or who raised it. */
export const handKind: EntryKind<'hand', HandContent> = {
  kind: 'hand',
  format: 2,
  schema: part({ kind: kindOf('hand'), raised: yesNo() }),
  writtenBy: ['student', 'instructor', 'helper'],
  ofWork: false,
  goesOn: false,
  answersHold: false,
  beginsWork: false,
  needsNetwork: false,
  undoable: false,
  freeText: [],
  read: ({ raised }) => good({ kind: 'hand', raised: raised === 'yes' }),
  words: ({ raised }) => ({ title: raised ? 'Hand raised' : 'Hand taken down', detail: '' }),
};
