import type { Metadata } from 'next';
import { guardedPage } from '@/app/server/page-guard';
import { TablesView } from '@/ui/tables/tables-view';

export const metadata: Metadata = { title: 'Tables' };

/** `?thread=M20x1.5-6g` opens the tables at a thread. */
export default async function TablesPage({
  searchParams,
}: {
  searchParams: Promise<{ thread?: string | string[] }>;
}) {
  const { thread } = await searchParams;
  const first = typeof thread === 'string' ? thread.slice(0, 60) : '';
  return guardedPage((who) => Promise.resolve(<TablesView first={first} who={who} />));
}
