import { entryFormSchema } from '@/core/attempt';
import { appendEntry } from '@/data/attempts';
import { handle, refuseIssues } from '@/app/server/handle';

/** Adds one entry to an attempt's record. */
export const POST = handle(entryFormSchema, async ({ viewer, id, body }) => {
  const outcome = await appendEntry(viewer, id, body);
  return 'issues' in outcome ? refuseIssues(outcome.issues) : Response.json(outcome.done, { status: 201 });
});
