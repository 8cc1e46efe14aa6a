import { object } from 'yup';
import { exactText, exactWhole } from '@/core/base/json/exact';
import { signInByPin } from '@/data/sign-in';
import { originOf } from '@/app/server/origin';
import { handleUnknown } from '@/app/server/handle';
import { signedIn } from '@/app/server/signed-in';

const NAME = 'Choose your name.';
const schema = object({
  classCode: exactText(20).required('Type the code of the class.'),
  personId: exactWhole(1, NAME).required(NAME),
  pin: exactText(8).required('Type your PIN.'),
});

/** A student signs in at the bench. */
export const POST = handleUnknown(schema, async ({ classCode, personId, pin }, request) =>
  signedIn(request, await signInByPin(classCode, personId, pin, await originOf(request))),
);
