import type { Metadata } from 'next';
import { loadAttempt } from '@/data/attempts';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { AttemptView } from '@/ui/recording/attempt-view';

export const metadata: Metadata = { title: 'Record' };

export default async function AttemptPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  return guardedPage(async (who) => {
    const attempt = await loadAttempt(who, id);
    return (
      <AttemptView
        attemptId={attempt.id}
        plan={attempt.plan}
        student={attempt.student.name}
        tryNumber={attempt.tryNumber}
        revision={attempt.revision}
        entries={attempt.entries}
        marked={attempt.mark !== null}
        who={who}
      />
    );
  });
}
