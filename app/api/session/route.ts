import { number, object } from 'yup';
import { findPerson } from '@/data/people';
import { guarded, refuseIssues } from '@/app/server/handle';
import { session } from '@/app/server/session';

const schema = object({ personId: number().integer().min(1).required('Choose a name.') });

/** Says who works here: `{ "personId": 1 }`. */
export const POST = guarded(async (request) => {
  const body: unknown = await request.json().catch(() => null);
  const valid = await schema.isValid(body);
  const person = valid ? await findPerson((body as { personId: number }).personId) : null;
  if (person === null) return refuseIssues([{ field: 'personId', message: 'Choose a name of the list.' }]);
  const current = await session();
  current.personId = person.id;
  await current.save();
  return Response.json({ person });
});

/** Forgets who works here. */
export const DELETE = guarded(async () => {
  (await session()).destroy();
  return new Response(null, { status: 204 });
});
