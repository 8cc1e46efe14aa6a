/** Changed with every change of what `summaryOf` gives: stored summaries of another one are made anew. */
export const SUMMARY_DERIVER = 6;
