import { loadLathe, saveLathe } from '@/data/shop';
import { answer, handle, handleBare, refuseIssues } from '@/app/server/handle';
import { formOfBody, latheBodySchema } from '../lathe-body';

/** The lathe as a document (format `oyakata-lathe`, see docs/formats/lathe.md). */
export const GET = handleBare(async ({ viewer, id }) => {
  const outcome = await loadLathe(viewer, id);
  const response = answer(outcome, 200, ({ document }) => document);
  if ('done' in outcome)
    response.headers.set(
      'Content-Disposition',
      `attachment; filename="lathe-${id}-revision-${outcome.done.number}.json"`,
    );
  return response;
});

/** Stores the form as the lathe's next revision. */
export const PUT = handle(
  latheBodySchema,
  async ({ viewer, id, body }) =>
    body.seen === null
      ? refuseIssues([{ field: 'seen', message: 'Send the revision that was changed.' }])
      : answer(
          await saveLathe(viewer, { itemId: id, seen: body.seen }, formOfBody(body.form)),
          200,
          (saved) => ({ id: saved }),
        ),
  { instructorsOnly: true },
);
