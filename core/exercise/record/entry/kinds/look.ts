import { named, part, words } from '@/core/base/documents/parts';
import { bad, good } from '@/core/base/errors/field-issue';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

const LOOK_VERDICTS = ['good', 'fair', 'poor'] as const;

export interface LookContent {
  kind: 'look';
  /** What was looked at: a line of the scheme, such as `look:finish`. */
  subject: string;
  verdict: (typeof LOOK_VERDICTS)[number];
}

/** Something that no figure shows was looked at by whoever may judge it. */
export const lookKind: EntryKind<'look', LookContent> = {
  kind: 'look',
  format: 2,
  schema: part({ kind: kindOf('look'), subject: words(60).min(1), verdict: named(LOOK_VERDICTS) }),
  writtenBy: ['instructor', 'helper'],
  ofWork: false,
  goesOn: false,
  answersHold: false,
  beginsWork: true,
  needsNetwork: false,
  undoable: true,
  freeText: [],
  read: ({ subject = '', verdict = '' }) => {
    const found = LOOK_VERDICTS.find((each) => each === verdict);
    return found !== undefined && subject.startsWith('look:')
      ? good({ kind: 'look', subject, verdict: found })
      : bad('verdict', 'unreadable', 'Say whether it looks good, fair or poor.');
  },
  refuses: ({ subject }) =>
    subject.startsWith('look:')
      ? null
      : {
          field: 'subject',
          code: 'unreadable',
          message: 'Send what was looked at: a line that begins with look:.',
        },
  words: ({ subject, verdict }) => ({ title: `Looked at ${subject.replace('look:', '')}`, detail: verdict }),
};
