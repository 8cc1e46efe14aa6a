/**
 * So many entries one piece's record takes: ten times what the longest real one has. Each entry is read with all before it,
 * so that a record without end would make everybody wait.
 */
export const MOST_ENTRIES = 1500;
/** What is kept for the instructor behind the student's last one: to sign off, to strike out, to send back. */
const KEPT_FOR_STAFF = 100;
/** From here on the page and the bench say how many are left. */
const SAID_FROM = 1300;

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
