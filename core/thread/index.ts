/**
 * The thread by itself: the standards with their designations and limits of size, and the geometry of its groove.
 * The tool that cuts it, how deep and at which angle it is fed, the bore before it.
 * No lathe, no student, no plan.
 */
export {};
