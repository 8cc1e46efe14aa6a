import type { Metadata } from 'next';
import { loadAttempt } from '@/data/attempts';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { AttemptView } from '@/ui/views/record/attempt-view';

export const metadata: Metadata = { title: 'Record' };

export default async function AttemptPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  return guardedPage(
    (who) => loadAttempt(who, id),
    (attempt, who) => <AttemptView {...attempt} who={{ ...who, role: attempt.role }} />,
  );
}
