import { exactWhole } from '@/core/json';
import { markFormSchema } from '@/core/marking';
import { markAttempt } from '@/data/marks';
import { handle, refuseIssues } from '@/app/server/handle';

const schema = markFormSchema.shape({
  entriesSeen: exactWhole(0, 'Say how many entries you saw.').required('Say how many entries you saw.'),
});

/** Confirms the mark of an attempt; it is final. */
export const POST = handle(schema, async ({ viewer, id, body }) => {
  const outcome = await markAttempt(viewer, id, body, body.entriesSeen);
  return 'issues' in outcome ? refuseIssues(outcome.issues) : Response.json(outcome.done, { status: 201 });
});
