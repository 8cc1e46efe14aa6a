/**
 * The exercise from the plan to the mark: plan, set-up sheet for one lathe, record of the work, judgement.
 * Each is a document with format and version; a later release changes no figure that was given and no mark.
 * Here the words for students are made; screens only set them out.
 */
export {};
