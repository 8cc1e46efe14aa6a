import { object } from 'yup';
import { exactWhole } from '@/core/base/json/exact';
import { lendExercise } from '@/data/exercises';
import { answer, handle } from '@/app/server/handle';

const schema = object({ classId: exactWhole(1, 'Name the class.').required('Name the class.') });

/** Makes a copy of an exercise in another class of the instructor: `{ "classId": 2 }`. */
export const POST = handle(
  schema,
  async ({ viewer, id, body }) =>
    answer(await lendExercise(viewer, id, body.classId), 201, (made) => ({ id: made })),
  { instructorsOnly: true },
);
