import { array, mixed, object, ValidationError } from 'yup';
import { exactText, exactWhole } from '@/core/base/json/exact';
import { MOST_FIGURES } from '@/core/base/units/typed-text';
import { formFrom, leavesOf, type PlanForm } from './draft';
import { readPlan } from './read/read-plan';

/** Deepest and widest that a form of text may be; the largest honest one has some hundred leaves. */
const MOST_LEAVES = 3000;
const LONGEST_NOTE = 500;

/**
 * A draft as it is sent: the tree of texts, right or wrong. Pages of the release before send the flat form of version 1,
 * which is lifted, so that what was typed in them is kept.
 */
const draftSchema = mixed<PlanForm>()
  .transform((_: unknown, sent: unknown) => sent)
  .required('Send the form.')
  .test('texts', (sent: unknown, context) => {
    const wrong = firstWrongLeaf(sent);
    return (
      wrong === null || context.createError({ path: joined(context.path, wrong.path), message: wrong.says })
    );
  });

/** The form that was sent, in the shape of this release. */
export function sentForm(sent: unknown): PlanForm {
  return formFrom(sent);
}

function firstWrongLeaf(sent: unknown): { path: string; says: string } | null {
  if (typeof sent !== 'object' || sent === null || Array.isArray(sent))
    return { path: '', says: 'Send the form.' };
  let leaves = 0;
  const look = (at: unknown, path: string, depth: number): { path: string; says: string } | null => {
    if (typeof at === 'string') {
      leaves += 1;
      const most = path.endsWith('instruction') ? LONGEST_NOTE : MOST_FIGURES;
      if (at.length > most) return { path, says: `At most ${most} characters.` };
      return leaves > MOST_LEAVES ? { path, says: 'The form has too many fields.' } : null;
    }
    if (typeof at !== 'object' || at === null || depth > 6) return { path, says: 'Type text.' };
    for (const [name, inner] of Object.entries(at)) {
      if (path === '' && (name === 'format' || name === 'version')) continue;
      const wrong = look(inner, joined(path, name), depth + 1);
      if (wrong !== null) return wrong;
    }
    return null;
  };
  return look(sent, '', 0);
}

/** The one schema of a plan, for the form in the browser and for the server; one run reads and checks all of it. */
export const planSchema = draftSchema.test('plan', (sent: unknown, context) => {
  if (firstWrongLeaf(sent) !== null) return true;
  const { issues } = readPlan(sentForm(sent));
  if (issues.length === 0) return true;
  return new ValidationError(
    issues.map(({ field, message }) => context.createError({ path: joined(context.path, field), message })),
  );
});

const rowId = exactWhole(1, 'Give an id.').required('Give an id.');

const draftVersion = exactWhole(0, 'Give the draft version.').required('Give the draft version.');

/** Body of saving a draft. */
export const saveDraftSchema = object({
  form: draftSchema,
  draftVersion,
  /** Pages of releases before it came do not send it. */
  saveId: exactText(36).uuid('Send a UUID made by the client.'),
});

/** Body of handing an exercise out. */
export const handOutSchema = object({
  form: planSchema,
  draftVersion,
  studentIds: array(rowId)
    .min(1, 'Choose at least one student.')
    .max(200, 'At most 200 students.')
    .required('Choose at least one student.'),
  /** The lathe that a student is given; who has none picks it at the bench. */
  latheOf: array(object({ studentId: rowId, latheId: rowId }))
    .max(200, 'At most 200 students.')
    .default([]),
  latheIds: array(rowId)
    .min(1, 'Choose at least one lathe.')
    .max(100, 'At most 100 lathes.')
    .required('Choose at least one lathe.'),
});

/** The fields in which two versions of a form differ, in the order of the form. */
export function differingFields(here: PlanForm, there: PlanForm): string[] {
  const other = new Map(leavesOf(there));
  const differ: string[] = [];
  for (const [path, text] of leavesOf(here)) {
    if ((other.get(path) ?? '') !== text) differ.push(path);
    other.delete(path);
  }
  return [...differ, ...other.keys()];
}

function joined(parent: string, field: string): string {
  if (parent === '') return field;
  return field === '' ? parent : `${parent}.${field}`;
}
