import { part, words } from '@/core/base/documents/parts';
import { bad, good } from '@/core/base/errors/field-issue';
import { saidText, visibleLength } from '@/core/base/documents/visible-text';
import type { EntryKind } from '../entry-kind';
import { asItWas } from '../as-it-was';
import { kindOf } from '../kind-of';

export interface StrikeContent {
  kind: 'strike';
  entryId: string;
  reason: string;
}

/** An earlier entry does not hold; it stays readable, with the reason. */
export const strikeKind: EntryKind<'strike', StrikeContent> = {
  kind: 'strike',
  format: 2,
  schema: part({ kind: kindOf('strike'), entryId: words(36).min(1), reason: words(500).min(1) }),
  lifts: { 1: asItWas },
  writtenBy: ['student', 'instructor', 'helper'],
  ofWork: false,
  goesOn: false,
  answersHold: false,
  beginsWork: false,
  needsNetwork: false,
  undoable: false,
  freeText: ['reason'],
  read: ({ entryId, reason = '' }, { standing }) => {
    const struck = standing.find((entry) => entry.id === entryId);
    if (struck === undefined)
      return bad('entryId', 'conflict', 'That entry is not in the record, or is struck out already.');
    const said = saidText(reason);
    if (visibleLength(said) < 3) return bad('reason', 'required', 'Say why the entry is struck out.');
    return said.length > 500
      ? bad('reason', 'too-long', 'At most 500 characters.')
      : good({ kind: 'strike', entryId: struck.id, reason: said });
  },
  refuses: ({ reason }) =>
    visibleLength(reason) < 3
      ? { field: 'reason', code: 'required', message: 'Say why the entry is struck out.' }
      : null,
  words: ({ reason }) => ({ title: 'Struck out', detail: reason }),
};
