/** What is wrong with one field of the input, and what would be right. */
export interface FieldIssue {
  /** Path of the field as the form and the API name it, e.g. `blankDiameter`. */
  field: string;
  /** Stable, machine-readable reason, e.g. `out-of-range`. */
  code: IssueCode;
  /** One or two short sentences for the person at the field: what is wrong, what would be right. */
  message: string;
}

export type IssueCode =
  | 'required'
  | 'not-a-number'
  | 'decimal-comma'
  | 'unreadable'
  | 'unknown-size'
  | 'unsupported'
  | 'out-of-range'
  | 'not-reachable'
  | 'conflict'
  | 'too-long'
  | 'not-json'
  | 'failed';

/** Either a value or the reasons why there is none. Bad input is a value, not an exception. */
export type Result<T> = { ok: true; value: T } | { ok: false; issues: FieldIssue[] };

export function good<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function bad(field: string, code: IssueCode, message: string): { ok: false; issues: FieldIssue[] } {
  return { ok: false, issues: [{ field, code, message }] };
}
