import { object } from 'yup';
import { exactText } from '@/core/base/json/exact';
import { sessionOf } from '@/data/sessions';
import { pinAgain } from '@/data/sign-in';
import { handleUnknown, refusal } from '@/app/server/handle';
import { originOf } from '@/app/server/origin';
import { token } from '@/app/server/session';
import { signedIn } from '@/app/server/signed-in';

const schema = object({ pin: exactText(8).required('Type your PIN.') });

/** The PIN anew, at a bench whose session is of an earlier day. */
export const POST = handleUnknown(schema, async ({ pin }, request) => {
  const found = await sessionOf(await token());
  if (found.state !== 'asleep') return refusal(401, 'unknown-person', 'Sign in first.');
  return signedIn(request, await pinAgain(found.person, pin, await originOf(request)));
});
