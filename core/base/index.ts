/**
 * What everything else stands on: lengths with their unit, errors with their field, text and figures as they are read.
 * Documents with format and version, and the one way in which a stored one is read; JSON and CSV taken apart with care.
 * Chance with a seed. Nothing here knows what a thread is.
 */
export {};
