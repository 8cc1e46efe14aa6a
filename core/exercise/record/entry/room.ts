/**
 * So many entries one piece's record takes: thirty times what the longest real one has. Who comes new to a record reads it
 * whole, so that one without end would make somebody wait; an entry more costs the same however long it is.
 */
export const MOST_ENTRIES = 5000;
/** What is kept for the instructor behind the student's last one: to sign off, to strike out, to send back. */
const KEPT_FOR_STAFF = 100;
/** From here on the page and the bench say how many are left. */
const SAID_FROM = 4800;

/** Whether one more entry of somebody in this role finds room. */
export function hasRoom(entries: number, role: 'student' | 'helper' | 'instructor'): boolean {
  return entries < (role === 'student' ? MOST_ENTRIES : MOST_ENTRIES + KEPT_FOR_STAFF);
}

/** What is said of the room while there is little left; null while there is plenty. */
export function roomLeft(entries: number): string | null {
  if (entries < SAID_FROM) return null;
  const left = MOST_ENTRIES - entries;
  return left > 0
    ? `This record takes ${left} more ${left === 1 ? 'entry' : 'entries'}: record what counts.`
    : 'This record is full: it takes nothing more. Tell your instructor, who can mark it as it is.';
}
