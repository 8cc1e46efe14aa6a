import { isKind, liveEntries, type Entry } from './entry';

/** States of an attempt in the order of its life. */
export const ATTEMPT_STATES = ['not-begun', 'set-up', 'cutting', 'measured', 'waiting', 'marked'] as const;
export type AttemptState = (typeof ATTEMPT_STATES)[number];

/** The state follows from the record and from whether a mark was confirmed; nothing else. */
export function attemptState(entries: readonly Entry[], isMarked: boolean): AttemptState {
  if (isMarked) return 'marked';
  const live = liveEntries(entries);
  if (live.some(isKind('hand-in'))) return 'waiting';
  const lastPass = live.findLastIndex(isKind('pass'));
  const lastFinal = live.findLastIndex(
    (entry) => entry.content.kind === 'measurement' && entry.content.purpose === 'final',
  );
  if (lastFinal > lastPass) return 'measured';
  if (lastPass >= 0) return 'cutting';
  return live.some(({ content }) => content.kind !== 'note') ? 'set-up' : 'not-begun';
}
