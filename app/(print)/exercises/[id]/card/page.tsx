import type { Metadata } from 'next';
import Link from 'next/link';
import { readPlan } from '@/core/plan';
import { loadExercise } from '@/data/exercises';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { SetupCard } from '@/ui/card/setup-card';
import { Notice } from '@/ui/shell/notice';

export const metadata: Metadata = { title: 'Card' };

/** The card of the plan as it stands: the draft, or the revision when nothing changed since. */
export default async function ExerciseCardPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  return guardedPage(async (who) => {
    const exercise = await loadExercise(who, id);
    const { plan } = readPlan(exercise.form);
    const back = `/exercises/${id}`;
    if (plan === null) {
      return (
        <Notice title="The plan is not whole yet">
          <p>
            A field is still to mend.{' '}
            <Link href={back} className="underline">
              Go back to the plan
            </Link>
          </p>
        </Notice>
      );
    }
    const last = exercise.revisions[0];
    const same = last !== undefined && JSON.stringify(last.plan) === JSON.stringify(plan);
    return (
      <SetupCard
        plan={plan}
        revision={same ? last.number : null}
        student={null}
        tryNumber={null}
        back={back}
      />
    );
  });
}
