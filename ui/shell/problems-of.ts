import type { Refused } from './ask';

/** The messages of a refusal by their fields; one that concerns no field stands at the one named. */
export function problemsOf({ fields, message }: Refused, otherwise: string): Record<string, string> {
  return fields.length > 0
    ? Object.fromEntries(fields.map((each) => [each.field, each.message]))
    : { [otherwise]: message };
}
