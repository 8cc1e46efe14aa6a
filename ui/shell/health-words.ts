/** What a health answer that is not well says, in words. */
export function healthWords(answer: unknown): string {
  const { database, disk } = (answer ?? {}) as { database?: string; disk?: string };
  if (disk === 'full') return 'The disk of the server is full: nothing can be stored until there is room.';
  if (database !== undefined && database !== 'ok') return 'The database can not be reached.';
  return 'The server is not well.';
}
