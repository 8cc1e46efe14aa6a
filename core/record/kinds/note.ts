import { part, words } from '../../documents';
import { bad, good } from '../../errors/field-issue';
import { saidText } from '../../units';
import type { EntryKind } from '../entry-kind';
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
  writtenBy: ['student', 'instructor', 'helper'],
  freeText: ['text'],
  read: ({ text = '' }) => {
    const said = saidText(text);
    if (said === '') return bad('text', 'required', 'Type the note.');
    return said.length > 500
      ? bad('text', 'too-long', 'At most 500 characters.')
      : good({ kind: 'note', text: said });
  },
  words: ({ text }) => ({ title: 'Note', detail: text }),
};
