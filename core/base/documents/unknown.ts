/** The type of a validation error: a name stands in a list that this release knows in part only. */
export const UNKNOWN_NAME = 'unknown-name';

/** What a document is read with in the place of a name that a later release has added to a list. */
export const UNKNOWN = 'unknown';
