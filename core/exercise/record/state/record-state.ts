/** States of an attempt in the order of its life. */
export const ATTEMPT_STATES = ['not-begun', 'set-up', 'cutting', 'measured', 'waiting', 'marked'] as const;
export type AttemptState = (typeof ATTEMPT_STATES)[number];
