/** What a cut would do that somebody should hear before it is made. Codes are stored with the cut: never renamed. */
export const CUT_WARNINGS = {
  backwards: 'That is back from where the dial stands: slack would be in it, and the tool would cut nothing.',
  'whole-turn': 'That is a whole turn of the dial or more beyond where it stands: count the turns.',
  'over-largest': 'That is more than the largest infeed of this plan in one cut.',
  'skips-check': 'A check of the schedule lies before that reading: it would be skipped.',
  'past-target': 'By the last measurement that goes past the size aimed at.',
} as const;

export type CutWarning = keyof typeof CUT_WARNINGS;

export function isCutWarning(code: string): code is CutWarning {
  return Object.hasOwn(CUT_WARNINGS, code);
}
