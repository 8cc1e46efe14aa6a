import { array, object, ValidationError, type ObjectSchema } from 'yup';
import { exactText, exactWhole } from '../json';
import { MOST_FIGURES } from '../units';
import { EMPTY_PLAN_FORM, PLAN_FIELDS, type PlanForm } from './plan-form';
import { readPlan } from './read-plan';

const text = exactText(MOST_FIGURES).defined('This field is missing.');

/** Fields that came later: a form without them takes what is proposed. */
const ADDED: ReadonlySet<string> = new Set(['insertFrom', 'insertTo']);

/** A draft: every field is text, right or wrong. */
export const draftSchema = object(
  Object.fromEntries(PLAN_FIELDS.map((field) => [field, ADDED.has(field) ? text.default('') : text])),
) as unknown as ObjectSchema<PlanForm>;

/** The one schema of a plan, for the form in the browser and for the server. */
export const planSchema: ObjectSchema<PlanForm> = draftSchema.test('plan', (form, context) => {
  // Fields that are no text, or too long, are refused by themselves; no reader runs before they are mended.
  if (!isShortText(form)) return true;
  const { issues } = readPlan({ ...EMPTY_PLAN_FORM, ...form });
  if (issues.length === 0) return true;
  return new ValidationError(
    issues.map(({ field, message }) => context.createError({ path: pathOf(context.path, field), message })),
  );
});

/** A yup test of the whole runs before those of its fields, so it asks itself whether they will pass. */
function isShortText(form: object): boolean {
  return Object.values(form).every(
    (value) => value === undefined || (typeof value === 'string' && value.length <= MOST_FIGURES),
  );
}

const rowId = exactWhole(1, 'Give an id.').required('Give an id.');

const draftVersion = exactWhole(0, 'Give the draft version.').required('Give the draft version.');

/** Body of saving a draft. */
export const saveDraftSchema = object({
  form: draftSchema.required('Send the form.'),
  draftVersion,
  /** Pages of releases before it came do not send it. */
  saveId: exactText(36).uuid('Send a UUID made by the client.'),
});

/** Body of handing an exercise out. */
export const handOutSchema = object({
  form: planSchema.required('Send the form.'),
  draftVersion,
  studentIds: array(rowId)
    .min(1, 'Choose at least one student.')
    .max(200, 'At most 200 students.')
    .required('Choose at least one student.'),
});

function pathOf(parent: string, field: string): string {
  return parent === '' ? field : `${parent}.${field}`;
}
