import type { FieldIssue } from '../errors/field-issue';
import { isVisibleOrEmpty } from './visible-text';

/** Longer than the longest lathe on which a thread is cut by hand: a size beyond it is a slip. 10 m, and about as many inches. */
export const MOST_LENGTH = { in: 400, mm: 10_000 } as const;

/** No count, speed or size in a document of a shop is greater; ids of rows are. */
const MOST_NUMBER = 1e6;
const IDS = new Set(['sheetId', 'entriesSeen']);

/** Longest text of a document. */
const MOST_TEXT = 8000;

/**
 * What in a document or an entry can not be meant, whatever its shape allows: a text in which nothing can be seen, a size
 * that no lathe has. Asked of all that is to be stored, wherever it comes from; never of what is stored.
 * @returns issues with the path of each place
 */
export function nonsenseIn(value: unknown, path = ''): FieldIssue[] {
  if (typeof value === 'string') {
    if (!isVisibleOrEmpty(value)) return [issue(path, 'unreadable', 'Nothing can be seen in this text.')];
    return value.length > MOST_TEXT ? [issue(path, 'too-long', `At most ${MOST_TEXT} characters.`)] : [];
  }
  if (typeof value === 'number')
    return Number.isFinite(value) && Math.abs(value) <= MOST_NUMBER
      ? []
      : [issue(path, 'out-of-range', 'There is no such size at a lathe.')];
  if (typeof value !== 'object' || value === null) return [];
  const length = asLength(value);
  if (length !== null && Math.abs(length.value) > MOST_LENGTH[length.unit])
    return [issue(path, 'out-of-range', `No lathe has ${length.value} ${length.unit}.`)];
  return Object.entries(value).flatMap(([name, part]) =>
    IDS.has(name) ? [] : nonsenseIn(part, joined(path, name, Array.isArray(value))),
  );
}

const issue = (field: string, code: FieldIssue['code'], message: string): FieldIssue => ({
  field,
  code,
  message,
});

const joined = (path: string, name: string, inList: boolean) =>
  inList ? `${path}[${name}]` : path === '' ? name : `${path}.${name}`;

function asLength(value: object): { value: number; unit: keyof typeof MOST_LENGTH } | null {
  const { value: size, unit } = value as { value?: unknown; unit?: unknown };
  return typeof size === 'number' && (unit === 'in' || unit === 'mm') ? { value: size, unit } : null;
}
