import { part, words } from '@/core/base/documents/parts';
import { bad, good } from '@/core/base/errors/field-issue';
import { saidText, visibleLength } from '@/core/base/documents/visible-text';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

export interface SentBackContent {
  kind: 'sent-back';
  /** The hold point: a step, or a stop of the schedule. */
  stepId: string;
  reason: string;
}

/** Whoever may has looked at a hold point, and it is not right yet. */
export const sentBackKind: EntryKind<'sent-back', SentBackContent> = {
  kind: 'sent-back',
  // Entries of format 1 of any kind held their words inside: a kind begins with 2.
  format: 2,
  schema: part({ kind: kindOf('sent-back'), stepId: words(40).min(1), reason: words(500).min(1) }),
  writtenBy: ['instructor', 'helper'],
  ofWork: false,
  goesOn: false,
  answersHold: false,
  beginsWork: true,
  needsNetwork: true,
  undoable: true,
  freeText: ['reason'],
  read: ({ stepId = '', reason = '' }, { sheet }) => {
    const held = [...sheet.steps, ...sheet.stops].find(({ id, hold }) => id === stepId && hold);
    if (held === undefined) return bad('stepId', 'unreadable', 'There is no such hold point in this plan.');
    const said = saidText(reason);
    if (visibleLength(said) < 3) return bad('reason', 'required', 'Say what has to be mended.');
    return said.length > 500
      ? bad('reason', 'too-long', 'At most 500 characters.')
      : good({ kind: 'sent-back', stepId: held.id, reason: said });
  },
  refuses: ({ reason }) =>
    visibleLength(reason) < 3
      ? { field: 'reason', code: 'required', message: 'Say what has to be mended.' }
      : null,
  words: ({ stepId, reason }, { steps, stops }) => ({
    title: `Sent back: ${[...steps, ...stops].find(({ id }) => id === stepId)?.title ?? stepId}`,
    detail: reason,
  }),
};
