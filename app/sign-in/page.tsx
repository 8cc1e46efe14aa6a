import type { Metadata } from 'next';
import { isDatabaseDown } from '@/data/errors';
import { demoAccounts } from '@/data/people';
import { DEMO_PASSWORD, DEMO_PIN } from '@/demo/accounts';
import { DatabaseDown } from '@/app/server/page-guard';
import { viewer } from '@/app/server/session';
import { BenchSignIn } from '@/ui/views/people/bench-sign-in';
import { DemoAccounts } from '@/ui/views/people/demo-accounts';
import { PasswordSignIn } from '@/ui/views/people/password-sign-in';
import { SignedInAs } from '@/ui/views/people/signed-in-as';

export const metadata: Metadata = { title: 'Sign in' };
export const dynamic = 'force-dynamic';

export default async function SignInPage() {
  const known = await load();
  if (known === 'database-down') return <DatabaseDown />;
  const { demo, current } = known;
  return (
    <main className="mx-auto grid max-w-5xl gap-6 p-8 tablet:p-5">
      <div>
        <h1 className="text-4xl">Who is working here?</h1>
        <p className="mt-1 text-ink-soft">Every entry is recorded under your name, with the time.</p>
        {current !== null && <SignedInAs name={current.name} />}
      </div>
      <div className="grid grid-cols-[3fr_2fr] gap-10">
        <BenchSignIn />
        <PasswordSignIn />
      </div>
      {demo.length > 0 && <DemoAccounts accounts={demo} password={DEMO_PASSWORD} pin={DEMO_PIN} />}
    </main>
  );
}

async function load() {
  try {
    const [demo, current] = await Promise.all([demoAccounts(), viewer()]);
    return { demo, current };
  } catch (error) {
    if (isDatabaseDown(error)) return 'database-down';
    throw error;
  }
}
