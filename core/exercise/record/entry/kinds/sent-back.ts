import { maybeWords, maybeYesNo, part, words } from '@/core/base/documents/parts';
import { bad, good, type FieldIssue } from '@/core/base/errors/field-issue';
import { saidText, visibleLength } from '@/core/base/documents/visible-text';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

export interface SentBackContent {
  kind: 'sent-back';
  /** The hold point: a step, or a stop of the schedule; null: the piece itself, which is to be mended and handed in again. */
  stepId: string | null;
  reason: string;
  /** Of a piece: whether it still stands in the machine as it was cut; null of a hold point. */
  stands: boolean | null;
}

function issueIn({ stepId, reason, stands }: SentBackContent): FieldIssue | null {
  if (visibleLength(reason) < 3)
    return { field: 'reason', code: 'required', message: 'Say what has to be mended.' };
  return stepId === null && stands === null
    ? { field: 'stands', code: 'required', message: 'Say whether the piece still stands in the machine.' }
    : null;
}

/** Whoever may has looked at a hold point, or at the piece, and it is not right yet. */
export const sentBackKind: EntryKind<'sent-back', SentBackContent> = {
  kind: 'sent-back',
  // Entries of format 1 of any kind held their words inside: a kind begins with 2.
  format: 3,
  schema: part({
    kind: kindOf('sent-back'),
    stepId: maybeWords(40),
    reason: words(500).min(1),
    stands: maybeYesNo(),
  }),
  lifts: { 2: (older) => ({ ...older, stands: null }) },
  writtenBy: ['instructor', 'helper'],
  ofWork: false,
  goesOn: false,
  answersHold: false,
  beginsWork: true,
  needsNetwork: true,
  undoable: true,
  freeText: ['reason'],
  read: ({ stepId = '', reason = '', stands = '' }, { sheet }) => {
    const held = [...sheet.steps, ...sheet.stops].find(({ id, hold }) => id === stepId && hold);
    if (held === undefined && stepId !== '')
      return bad('stepId', 'unreadable', 'There is no such hold point in this plan.');
    const said = saidText(reason);
    if (said.length > 500) return bad('reason', 'too-long', 'At most 500 characters.');
    const content: SentBackContent = {
      kind: 'sent-back',
      stepId: held?.id ?? null,
      reason: said,
      stands: held !== undefined ? null : stands === 'yes' ? true : stands === 'no' ? false : null,
    };
    const issue = issueIn(content);
    return issue === null ? good(content) : { ok: false, issues: [issue] };
  },
  refuses: issueIn,
  words: ({ stepId, reason, stands }, { steps, stops }) => ({
    title:
      stepId === null
        ? `Sent back: the piece${stands === false ? ', out of the machine' : ''}`
        : `Sent back: ${[...steps, ...stops].find(({ id }) => id === stepId)?.title ?? stepId}`,
    detail: reason,
  }),
};
