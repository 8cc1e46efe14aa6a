import type { Metadata } from 'next';
import { guardedPage } from '@/app/server/page-guard';
import { outcomeOf } from '@/data/outcome';
import { gaugesOf } from '@/data/shop';
import { TablesView } from '@/ui/views/tables/tables-view';

export const metadata: Metadata = { title: 'Tables' };

/** `?thread=M20x1.5-6g&engagement=30&coating=0.005 0.008` opens the tables as they were. */
export default async function TablesPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const query = await searchParams;
  const text = (name: string) => {
    const value = query[name];
    return typeof value === 'string' ? value.slice(0, 60) : '';
  };
  const first = { thread: text('thread'), engagement: text('engagement'), coating: text('coating') };
  return guardedPage(
    () => outcomeOf(gaugesOf),
    (gauges, who) => (
      <TablesView
        first={first}
        who={who}
        wires={gauges.find(({ document }) => document.kind === 'wires')?.document ?? null}
      />
    ),
  );
}
