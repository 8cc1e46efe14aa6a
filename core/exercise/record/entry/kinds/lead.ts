import { part } from '@/core/base/documents/parts';
import { good } from '@/core/base/errors/field-issue';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

export interface LeadContent {
  kind: 'lead';
}

/** From here on the device of this entry leads the record; another one takes over by the same entry. */
export const leadKind: EntryKind<'lead', LeadContent> = {
  kind: 'lead',
  format: 2,
  schema: part({ kind: kindOf('lead') }),
  writtenBy: ['student', 'instructor'],
  ofWork: false,
  goesOn: false,
  answersHold: false,
  beginsWork: false,
  needsNetwork: false,
  undoable: false,
  freeText: [],
  read: () => good({ kind: 'lead' }),
  words: () => ({ title: 'This device leads', detail: '' }),
};
