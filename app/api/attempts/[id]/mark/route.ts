import { exactWhole } from '@/core/base/json/exact';
import { markFormSchema } from '@/core/exercise/marking/confirm-mark';
import { markAttempt } from '@/data/marks';
import { answer, handle } from '@/app/server/handle';

const schema = markFormSchema.shape({
  entriesSeen: exactWhole(0, 'Say how many entries you saw.').required('Say how many entries you saw.'),
  /** The decision that this one supersedes; null for the first. */
  supersedes: exactWhole(1, 'Name the decision that you had before you.').nullable().default(null),
});

/** Decides on the mark of an attempt. A decision is final; a later one stands beside it. */
export const POST = handle(schema, async ({ viewer, id, body }) =>
  answer(await markAttempt(viewer, id, body, body.entriesSeen, body.supersedes), 201),
);
