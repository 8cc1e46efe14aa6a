import type { GrooveCase } from '@/core/cutting/groove/groove-case';

/** For tests: a pitch of 2, a flat of P/8, the compound at 29.5 degrees. */
export const TRUE_GROOVE: GrooveCase = {
  pitch: 2,
  starts: 1,
  tip: { kind: 'flat', flat: 0.25 },
  flankAngleDeg: 30,
  compoundAngleDeg: 29.5,
  fed: 1,
};
