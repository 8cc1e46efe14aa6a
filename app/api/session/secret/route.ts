import { object } from 'yup';
import { exactText, exactWhole } from '@/core/base/json/exact';
import { chooseSecret } from '@/data/sign-in';
import { originOf } from '@/app/server/origin';
import { handleUnknown } from '@/app/server/handle';
import { signedIn } from '@/app/server/signed-in';

const NAME = 'Choose your name.';
const schema = object({
  code: exactText(20).required('Type the code.'),
  secret: exactText(200).required('Choose a password or a PIN.'),
  /** At the bench: whose slip it has to be. */
  student: object({
    classCode: exactText(20).required('Type the code of the class.'),
    personId: exactWhole(1, NAME).required(NAME),
  })
    .nullable()
    .default(null),
});

/** Chooses a password or PIN with a one-time code, and signs in. */
export const POST = handleUnknown(schema, async ({ code, secret, student }, request) =>
  signedIn(request, await chooseSecret(code, secret, await originOf(request), student)),
);
