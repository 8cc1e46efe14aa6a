import type { Metadata } from 'next';
import { loadAttempt } from '@/data/attempts';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { SetupCard } from '@/ui/card/setup-card';

export const metadata: Metadata = { title: 'Card' };

export default async function AttemptCardPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  return guardedPage(async (who) => {
    const { plan, revision, student, tryNumber } = await loadAttempt(who, id);
    return (
      <SetupCard
        plan={plan}
        revision={revision}
        student={student.name}
        tryNumber={tryNumber}
        back={`/attempts/${id}`}
      />
    );
  });
}
