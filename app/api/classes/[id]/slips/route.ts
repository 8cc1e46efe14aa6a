import { array, object } from 'yup';
import { exactWhole } from '@/core/base/json/exact';
import { makeSlips } from '@/data/roster';
import { answer, handle } from '@/app/server/handle';
import { noteOutcome } from '@/app/server/note-sign-in';

const WHO = 'Choose somebody of the list.';
const schema = object({
  personIds: array(exactWhole(1, WHO).required(WHO))
    .min(1, WHO)
    .max(200, 'At most 200 at a time.')
    .required(WHO),
});

/** Slips with which a first PIN or password is chosen; they are told once. */
export const POST = handle(
  schema,
  async ({ viewer, id, body, request }) => {
    const response = answer(
      noteOutcome(
        request,
        `slips for ${body.personIds.join(', ')}`,
        viewer.id,
        await makeSlips(viewer, id, body.personIds),
      ),
      201,
      (slips) => ({ slips }),
    );
    response.headers.set('Cache-Control', 'no-store');
    return response;
  },
  { instructorsOnly: true },
);
