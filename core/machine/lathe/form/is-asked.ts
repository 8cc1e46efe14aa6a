import type { LatheFieldData } from './lathe-field';
import type { LatheField } from './lathe-fields';
import type { LatheForm } from './lathe-form';

/** Whether a field is asked for, as the others stand. */
export function isAsked(form: LatheForm, { onlyIf }: LatheFieldData): boolean {
  if (onlyIf === undefined) return true;
  const other = form[onlyIf.field as LatheField];
  return onlyIf.is !== undefined ? other === onlyIf.is : other !== onlyIf.isNot;
}
