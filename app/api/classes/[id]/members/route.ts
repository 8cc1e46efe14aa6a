import { array, boolean, object, string } from 'yup';
import { exactText, exactWhole } from '@/core/base/json/exact';
import type { Role } from '@/core/exercise/record/entry/entry';
import { addMembers, changeMember } from '@/data/roster';
import { answer, handle } from '@/app/server/handle';
import { noteOutcome } from '@/app/server/note-sign-in';

const WHO = 'Choose somebody of the list.';
const ROLES: readonly Role[] = ['student', 'helper', 'instructor'];
const joining = object({
  names: array(exactText(200).required('Type the name.')).max(200, 'At most 200 at a time.').default([]),
  personId: exactWhole(1, WHO).nullable().default(null),
  role: string().oneOf(ROLES, 'Choose student, helper or instructor.').required('Choose what they are here.'),
})
  // It is asked of what does not fit as well: names may be anything here.
  .test(
    'somebody',
    'Type a name.',
    ({ names, personId }) => (Array.isArray(names) && names.length > 0) || personId !== null,
  );

/** Adds people to a class by their names, or somebody of another class. */
export const POST = handle(
  joining,
  async ({ viewer, id, body }) =>
    answer(await addMembers(viewer, id, body as typeof body & { role: Role }), 201, (added) => ({ added })),
  { instructorsOnly: true },
);

const change = object({
  personId: exactWhole(1, WHO).required(WHO),
  name: exactText(200),
  archived: boolean().strict().typeError('Send true or false.'),
});

/** Archives somebody, takes somebody back, or mends a name. */
export const PUT = handle(
  change,
  async ({ viewer, id, body, request }) => {
    const changed = await changeMember(viewer, id, body);
    const archived = body.archived === undefined ? 'renamed' : body.archived ? 'archived' : 'taken back';
    return answer(noteOutcome(request, `${archived}: ${body.personId}`, viewer.id, changed), 204);
  },
  { instructorsOnly: true },
);
