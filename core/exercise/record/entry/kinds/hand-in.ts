import { named, part, words } from '@/core/base/documents/parts';
import { bad, good, type FieldIssue } from '@/core/base/errors/field-issue';
import { saidText, visibleLength } from '@/core/base/documents/visible-text';
import type { EntryKind } from '../entry-kind';
import { asItWas } from '../as-it-was';
import { kindOf } from '../kind-of';

/** How a try ended, as whoever cut it sees it. */
const ENDINGS = ['accepted', 'scrapped', 'given-up'] as const;

export interface HandInContent {
  kind: 'hand-in';
  how: (typeof ENDINGS)[number];
  /** The supposed cause, and what the next try changes. */
  cause: string;
  change: string;
}

function withoutCause({ how, cause }: HandInContent): FieldIssue | null {
  return how === 'scrapped' && visibleLength(cause) < 3
    ? { field: 'cause', code: 'required', message: 'Say what you think went wrong.' }
    : null;
}

/** The try ends, and its work is handed in for the mark. */
export const handInKind: EntryKind<'hand-in', HandInContent> = {
  kind: 'hand-in',
  format: 3,
  schema: part({ kind: kindOf('hand-in'), how: named(ENDINGS), cause: words(500), change: words(500) }),
  lifts: {
    1: asItWas,
    2: (older) => ({ ...older, how: 'accepted', cause: '', change: '' }),
  },
  writtenBy: ['student', 'instructor'],
  ofWork: true,
  goesOn: false,
  answersHold: false,
  beginsWork: true,
  needsNetwork: false,
  undoable: false,
  freeText: ['cause', 'change'],
  read: ({ how = 'accepted', cause = '', change = '' }) => {
    const ended = ENDINGS.find((each) => each === how);
    if (ended === undefined) return bad('how', 'unreadable', 'Say how the try ended.');
    const [why, next] = [saidText(cause), saidText(change)];
    if (why.length > 500) return bad('cause', 'too-long', 'At most 500 characters.');
    if (next.length > 500) return bad('change', 'too-long', 'At most 500 characters.');
    const content = { kind: 'hand-in', how: ended, cause: why, change: next } as const;
    const issue = withoutCause(content);
    return issue === null ? good(content) : { ok: false, issues: [issue] };
  },
  refuses: withoutCause,
  words: ({ how, cause, change }) => ({
    title: { accepted: 'Handed in', scrapped: 'Scrapped, handed in', 'given-up': 'Given up, handed in' }[how],
    detail:
      [cause === '' ? '' : `cause: ${cause}`, change === '' ? '' : `next time: ${change}`]
        .filter((each) => each !== '')
        .join('; ') || 'for marking',
  }),
};
