import type { Metadata } from 'next';
import { listPeople } from '@/data/people';
import { isDatabaseDown } from '@/data/errors';
import { DatabaseDown } from '@/app/server/page-guard';
import { viewer } from '@/app/server/session';
import { WhoList } from '@/ui/shell/who-list';

export const metadata: Metadata = { title: 'Who is working?' };
export const dynamic = 'force-dynamic';

export default async function WhoPage() {
  const known = await load();
  if (known === 'database-down') return <DatabaseDown />;
  return (
    <main className="mx-auto grid max-w-4xl gap-6 p-8">
      <div>
        <h1 className="text-4xl">Who is working here?</h1>
        <p className="mt-1 text-ink-soft">
          Choose your name. Every entry is recorded under it, with the time.
        </p>
      </div>
      <WhoList people={known.people} current={known.current?.id ?? null} />
    </main>
  );
}

async function load() {
  try {
    const [people, current] = await Promise.all([listPeople(), viewer()]);
    return { people, current };
  } catch (error) {
    if (isDatabaseDown(error)) return 'database-down';
    throw error;
  }
}
