/**
 * What a nut answers on a thread, or a plug in it, from the tightest to the loosest (common practice). A nut that starts
 * and then jams has been let on by the chamfer alone.
 */
export const NUT_ANSWERS = ['will-not-start', 'starts', 'tight', 'free', 'little-play', 'wobbles'] as const;

export type NutAnswer = (typeof NUT_ANSWERS)[number];

/** How loose an answer is: 0 does not start at all. */
export const loosenessOf = (answer: NutAnswer): number => NUT_ANSWERS.indexOf(answer);

/** It went on (or in) to its whole length: what is left of metal is no more than its own size. */
export const wentOn = (answer: NutAnswer): boolean => loosenessOf(answer) >= loosenessOf('tight');

/** It runs without force. */
export const runsFree = (answer: NutAnswer): boolean => loosenessOf(answer) >= loosenessOf('free');

/** The answers in the words of the trade; a plug enters where a nut goes on. */
export const NUT_ANSWER_WORDS: Record<NutAnswer, string> = {
  'will-not-start': 'will not start',
  starts: 'starts, then jams',
  tight: 'goes on, tight',
  free: 'runs free',
  'little-play': 'little play',
  wobbles: 'wobbles',
};
