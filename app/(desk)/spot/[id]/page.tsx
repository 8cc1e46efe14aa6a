import type { Metadata } from 'next';
import { loadPuzzle } from '@/data/puzzles';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { SpotView } from '@/ui/views/spot-the-fault/spot-view';

export const metadata: Metadata = { title: 'Spot the fault' };

export default async function SpotPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  return guardedPage(
    (who) => loadPuzzle(who, id),
    (loaded, who) => <SpotView {...loaded} who={{ ...who, role: loaded.role }} />,
  );
}
