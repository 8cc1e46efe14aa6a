import { part, words } from '@/core/base/documents/parts';
import { bad, good } from '@/core/base/errors/field-issue';
import { saidText, visibleLength } from '@/core/base/documents/visible-text';
import type { EntryKind } from '../entry-kind';
import { asItWas } from '../as-it-was';
import { kindOf } from '../kind-of';

export interface NoteContent {
  kind: 'note';
  text: string;
}

/** Something that was said. */
export const noteKind: EntryKind<'note', NoteContent> = {
  kind: 'note',
  format: 2,
  schema: part({ kind: kindOf('note'), text: words(500).min(1) }),
  lifts: { 1: asItWas },
  writtenBy: ['student', 'instructor', 'helper'],
  ofWork: false,
  goesOn: false,
  answersHold: false,
  beginsWork: false,
  needsNetwork: false,
  undoable: true,
  freeText: ['text'],
  read: ({ text = '' }) => {
    const said = saidText(text);
    if (visibleLength(said) === 0) return bad('text', 'required', 'Type the note.');
    return said.length > 500
      ? bad('text', 'too-long', 'At most 500 characters.')
      : good({ kind: 'note', text: said });
  },
  refuses: ({ text }) =>
    visibleLength(text) < 1 ? { field: 'text', code: 'required', message: 'Type the note.' } : null,
  words: ({ text }) => ({ title: 'Note', detail: text }),
};
