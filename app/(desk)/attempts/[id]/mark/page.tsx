import type { Metadata } from 'next';
import { loadAttempt } from '@/data/attempts';
import { forbidden } from '@/data/errors';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { MarkView } from '@/ui/marking/mark-view';

export const metadata: Metadata = { title: 'Mark' };

/** The instructor marks; a student sees the mark when it is confirmed, not the proposal. */
export default async function MarkPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  return guardedPage(async (who) => {
    const attempt = await loadAttempt(who, id);
    if (attempt.mark === null && who.role !== 'instructor') throw forbidden('Not marked yet.');
    return (
      <MarkView
        attemptId={attempt.id}
        plan={attempt.plan}
        student={attempt.student.name}
        tryNumber={attempt.tryNumber}
        entries={attempt.entries}
        mark={attempt.mark}
        who={who}
      />
    );
  });
}
