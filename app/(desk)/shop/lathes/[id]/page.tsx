import type { Metadata } from 'next';
import { loadLathe } from '@/data/shop';
import { guardedPage, idOf } from '@/app/server/page-guard';
import { latheFormOf } from '@/core/machine/lathe/form/lathe-form-of';
import { LatheView } from '@/ui/views/shop/lathe-view';

export const metadata: Metadata = { title: 'Lathe' };

export default async function LathePage({ params }: { params: Promise<{ id: string }> }) {
  const id = idOf((await params).id);
  return guardedPage(
    (who) => loadLathe(who, id),
    (item, who) => (
      <LatheView
        id={item.id}
        number={item.number}
        form={latheFormOf(item.document)}
        archived={item.archived}
        usedIn={item.usedIn}
        who={who}
      />
    ),
  );
}
