/**
 * What can be asked of a student before the lathe, and how an answer is judged.
 * A slip is recognised by the figure that it gives.
 * It knows no plan: what is asked of whom stands there.
 */
export {};
