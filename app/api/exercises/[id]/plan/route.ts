import { loadExercise } from '@/data/exercises';
import { handleBare, refusal } from '@/app/server/handle';

/** The last handed-out plan as a JSON document (format `oyakata-plan`, see docs/formats/plan.md). */
export const GET = handleBare(async ({ viewer, id }) => {
  const { revisions } = await loadExercise(viewer, id);
  const last = revisions[0];
  if (last === undefined) return refusal(404, 'not-found', 'This exercise has not been handed out yet.');
  return Response.json(last.plan, {
    headers: { 'Content-Disposition': `attachment; filename="exercise-${id}-revision-${last.number}.json"` },
  });
});
