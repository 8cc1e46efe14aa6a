import { boolean, object } from 'yup';
import { exactWhole } from '@/core/base/json/exact';
import { setSignInRules } from '@/data/sign-in-rules';
import { answer, handle } from '@/app/server/handle';
import { noteOutcome } from '@/app/server/note-sign-in';
import { forgetShop } from '@/app/server/shop-as-known';

const MINUTES = 'Choose the minutes.';
const schema = object({
  idleMinutes: exactWhole(1, MINUTES).required(MINUTES),
  secondFactor: boolean().strict().typeError('Send true or false.').required('Send true or false.'),
});

/** What the shop asks of those who mark: minutes without use, and a second factor. */
export const PUT = handle(
  schema,
  async ({ viewer, body, request }) => {
    const saved = noteOutcome(request, 'rules of signing in', viewer.id, await setSignInRules(viewer, body));
    forgetShop();
    return answer(saved, 204);
  },
  { instructorsOnly: true },
);
