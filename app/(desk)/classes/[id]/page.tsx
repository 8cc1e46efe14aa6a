import type { Metadata } from 'next';
import { loadRoster } from '@/data/roster';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { RosterPage } from '@/ui/views/people/roster-page';

export const metadata: Metadata = { title: 'Class and people' };

export default async function ClassRosterPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  return guardedPage(
    (who) => loadRoster(who, id),
    (roster, who) => <RosterPage {...roster} who={who} />,
  );
}
