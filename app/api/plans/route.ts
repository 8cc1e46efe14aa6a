import { mixed, object } from 'yup';
import { importPlan } from '@/data/exercises';
import { answer, classNamed, handle } from '@/app/server/handle';

const schema = object({ plan: mixed<object>().required('Send the plan’s document.') });

/** Makes an exercise out of a plan's document of any version, in the class on view (`?class=2`): `{ "plan": { "format": "oyakata-plan", ... } }`. */
export const POST = handle(
  schema,
  async ({ viewer, body, request }) =>
    answer(await importPlan(viewer, body.plan, classNamed(request)), 201, (id) => ({ id })),
  { instructorsOnly: true },
);
