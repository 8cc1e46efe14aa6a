import type { Metadata } from 'next';
import { loadExercise } from '@/data/exercises';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { PlanningView } from '@/ui/planning/planning-view';

export const metadata: Metadata = { title: 'Plan' };

export default async function PlanningPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  return guardedPage(async (who) => {
    const exercise = await loadExercise(who, id);
    return (
      <PlanningView
        exerciseId={exercise.id}
        draft={exercise.form}
        draftVersion={exercise.draftVersion}
        draftSaveId={exercise.draftSaveId}
        revisions={exercise.revisions.map(({ number, issuedAt }) => ({ number, issuedAt }))}
        students={exercise.students}
        who={who}
      />
    );
  });
}
