import 'server-only';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import { sheetFor } from '@/core/exercise/sheet/sheet-for';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { lastPlan, loadExercise } from './exercises';
import { outcomeOf, passOn, type Outcome } from './outcome';
import type { PersonView } from './people';
import { planBook, shopOf } from './shop';

/** The sheet of a plan as it stands on a lathe of the shop; null while the plan is not whole. Nothing is frozen by it. */
export function loadPlanSheet(
  viewer: PersonView,
  exerciseId: number,
  latheId: number | null,
): Promise<Outcome<{ sheet: Sheet | null; revision: number | null }>> {
  return outcomeOf(async () => {
    const exercise = passOn(await loadExercise(viewer, exerciseId));
    const { plan, evaluation } = readPlan(exercise.form);
    if (plan === null) return { sheet: null, revision: null };
    const lathe =
      (exercise.lathes.find(({ id }) => id === latheId) ?? exercise.lathes[0])?.lathe ??
      usualLathe(evaluation.thread?.unit ?? 'in');
    const [shop, book] = await Promise.all([shopOf(), planBook()]);
    const last = await lastPlan(viewer, exerciseId);
    const same = 'done' in last && JSON.stringify(last.done.plan) === JSON.stringify(plan);
    return {
      sheet: sheetFor({
        plan,
        lathe,
        book,
        words: shop.words,
      }),
      revision: same ? last.done.number : null,
    };
  });
}
