/**
 * Lengths as text, in the unit of the thread or in the one that was chosen.
 * The only place where a length is rounded to be shown, so that screen, print and file agree.
 */
export {};
