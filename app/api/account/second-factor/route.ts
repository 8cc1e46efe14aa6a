import QRCode from 'qrcode';
import { object } from 'yup';
import { exactText } from '@/core/base/json/exact';
import { beginSecondFactor, confirmSecondFactor, endSecondFactor } from '@/data/second-factors';
import { answer, handle, handleBare } from '@/app/server/handle';
import { noteOutcome } from '@/app/server/note-sign-in';

const schema = object({ code: exactText(20).required('Type the six figures.') });

/** A secret for the viewer's authenticator, with its picture. It counts when its first figures are right. */
export const POST = handleBare(
  async ({ viewer }) => {
    const begun = await beginSecondFactor(viewer);
    const picture = 'done' in begun ? await QRCode.toString(begun.done.uri, { type: 'svg', margin: 1 }) : '';
    return answer(begun, 201, ({ secret }) => ({ secret, picture }));
  },
  { unsecured: true },
);

/** The first figures of the authenticator: from now on they are asked for. */
export const PUT = handle(
  schema,
  async ({ viewer, body, request }) =>
    answer(
      noteOutcome(request, 'second factor on', viewer.id, await confirmSecondFactor(viewer, body.code)),
      204,
    ),
  { unsecured: true },
);

/** Ends the second factor, with its figures. */
export const DELETE = handle(schema, async ({ viewer, body, request }) =>
  answer(noteOutcome(request, 'second factor off', viewer.id, await endSecondFactor(viewer, body.code)), 204),
);
