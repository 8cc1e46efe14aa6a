import { object } from 'yup';
import { exactText } from '@/core/base/json/exact';
import { classAtBench } from '@/data/sign-in';
import { noteOutcome } from '@/app/server/note-sign-in';
import { originOf } from '@/app/server/origin';
import { answer, handleUnknown } from '@/app/server/handle';

const schema = object({ classCode: exactText(20).required('Type the code of the class.') });

/** Who may sign in at a bench of this class: `{ "classCode": "KQ7M4F" }`. */
export const POST = handleUnknown(schema, async ({ classCode }, request) =>
  answer(
    noteOutcome(request, 'code of a class', null, await classAtBench(classCode, await originOf(request))),
  ),
);
