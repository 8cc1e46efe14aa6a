import { part } from '../../documents';
import { good } from '../../errors/field-issue';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

export interface HandInContent {
  kind: 'hand-in';
}

/** The work is handed in for its mark. */
export const handInKind: EntryKind<'hand-in', HandInContent> = {
  kind: 'hand-in',
  format: 2,
  schema: part({ kind: kindOf('hand-in') }),
  writtenBy: ['student', 'instructor'],
  freeText: [],
  read: () => good({ kind: 'hand-in' }),
  words: () => ({ title: 'Handed in', detail: 'for marking' }),
};
