import type { Metadata } from 'next';
import { loadMark } from '@/data/marks';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { MarkView } from '@/ui/views/mark/mark-view';

export const metadata: Metadata = { title: 'Mark' };

/** The instructor marks; a student sees the mark when it is decided, not the proposal. */
export default async function MarkPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  return guardedPage(
    (who) => loadMark(who, id),
    (mark, who) => <MarkView {...mark} who={{ ...who, role: mark.role }} />,
  );
}
