/** What somebody is in a class. */
const ROLES = ['instructor', 'helper', 'student'] as const;
export type Role = (typeof ROLES)[number];
