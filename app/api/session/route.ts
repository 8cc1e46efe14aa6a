import { object } from 'yup';
import { exactWhole } from '@/core/json';
import { findPerson } from '@/data/people';
import { guarded, handleUnknown, refuseIssues } from '@/app/server/handle';
import { beginSession, finishSession } from '@/app/server/session';

const UNKNOWN = 'Choose a name of the list.';
const schema = object({ personId: exactWhole(1, UNKNOWN).required(UNKNOWN) });

/** Says who works here: `{ "personId": 1 }`. */
export const POST = handleUnknown(schema, async ({ personId }) => {
  const person = await findPerson(personId);
  if (person === null) return refuseIssues([{ field: 'personId', message: UNKNOWN }]);
  await beginSession(person.id);
  return Response.json({ person });
});

/** Ends the session: the cookie is worth nothing afterwards, wherever it was copied to. */
export const DELETE = guarded(async () => {
  await finishSession();
  return new Response(null, { status: 204 });
});
