import { lastPlan } from '@/data/exercises';
import { answer, handleBare } from '@/app/server/handle';

/** The last handed-out plan as a JSON document (format `oyakata-plan`, see docs/formats/plan.md). */
export const GET = handleBare(async ({ viewer, id }) => {
  const outcome = await lastPlan(viewer, id);
  const response = answer(outcome, 200, ({ plan }) => plan);
  if ('done' in outcome)
    response.headers.set(
      'Content-Disposition',
      `attachment; filename="exercise-${id}-revision-${outcome.done.number}.json"`,
    );
  return response;
});
