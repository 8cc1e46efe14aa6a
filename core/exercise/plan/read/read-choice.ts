import { UNKNOWN } from '@/core/base/documents/unknown';
import type { FieldIssue } from '@/core/base/errors/field-issue';
import { leafOf, type PlanField, type PlanForm } from '../draft';

/**
 * The choice of a field; null where nothing is chosen, or, with an issue, where what is chosen is not known here.
 * @param issues null: the field is not shown, and what stands in it counts for nothing
 */
export function readChoice<const V extends string>(
  form: PlanForm,
  field: PlanField,
  values: readonly V[],
  issues: FieldIssue[] | null,
): V | null {
  const typed = leafOf(form, field);
  const found = values.find((value) => value === typed) ?? null;
  if (found === null && typed !== '')
    issues?.push({ field, code: 'unreadable', message: `${nameOf(typed)} is not known here. Choose anew.` });
  return found;
}

/** A copy of a stored plan does not tell the name any more. */
const nameOf = (typed: string): string =>
  typed === UNKNOWN ? 'What a later release has put here' : `“${typed.slice(0, 40)}”`;
