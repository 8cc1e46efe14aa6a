/** Whether every number in a value made of JSON's parts is finite; one that is not would be stored as null. */
export function allFinite(value: unknown): boolean {
  if (typeof value === 'number') return Number.isFinite(value);
  if (typeof value !== 'object' || value === null) return true;
  return Object.values(value).every(allFinite);
}
