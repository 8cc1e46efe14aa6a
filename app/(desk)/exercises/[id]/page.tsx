import type { Metadata } from 'next';
import { loadExercise } from '@/data/exercises';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { PlanningView } from '@/ui/views/plan/planning-view';

export const metadata: Metadata = { title: 'Plan' };

export default async function PlanningPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  return guardedPage(
    (who) => loadExercise(who, id),
    ({ id: exerciseId, form, ...exercise }, who) => (
      <PlanningView exerciseId={exerciseId} draft={form} {...exercise} who={who} />
    ),
  );
}
