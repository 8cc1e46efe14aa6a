'use client';

import { useState } from 'react';
import type { DemoAccount } from '@/core/people/account';
import { Message } from '@/ui/kit/message';
import { send } from '@/ui/shell/send';
import { useSignedIn, type SignedIn } from './use-signed-in';

const GROUPS = [
  { role: 'instructor', title: 'Instructor' },
  { role: 'helper', title: 'Helper' },
  { role: 'student', title: 'Students' },
];

/** The people of the demo shop: a touch signs in as one of them, with what is shown here. */
export function DemoAccounts({
  accounts,
  password,
  pin,
}: {
  accounts: DemoAccount[];
  password: string;
  pin: string;
}) {
  const signedIn = useSignedIn();
  const [problem, setProblem] = useState<string | null>(null);

  async function enter({ id, name, signInName, classCode }: DemoAccount) {
    const sent =
      signInName === null
        ? await send<SignedIn>('POST', '/api/session/bench', { classCode, personId: id, pin })
        : await send<SignedIn>('POST', '/api/session', { name: signInName, password });
    if (!sent.ok) setProblem(`${name}: ${sent.message}`);
    signedIn(sent);
  }

  return (
    <section aria-label="Demo shop" className="border-t border-rule-strong pt-4">
      <h2 className="text-2xl">Demo shop</h2>
      <p className="mt-1 text-ink-soft">
        Invented people, open to everybody at this machine: touch a name. Password{' '}
        <span className="figures text-ink">{password}</span>, class code{' '}
        <span className="figures text-ink">{accounts[0]?.classCode}</span>, PIN{' '}
        <span className="figures text-ink">{pin}</span>. Whoever chooses an own one is no longer listed here.
      </p>
      {GROUPS.map(({ role, title }) => {
        const people = accounts.filter((each) => each.role === role);
        return people.length === 0 ? null : (
          <div key={role} className="mt-3">
            <h3 className="label text-ink-soft">{title}</h3>
            <ul className="mt-1 grid grid-cols-4 gap-1.5 tablet:grid-cols-3">
              {people.map((person) => (
                <li key={person.id}>
                  <button
                    type="button"
                    onClick={() => void enter(person)}
                    className="min-h-10 w-full rounded-cut border border-rule-strong bg-paper-raised px-3 text-left hover:bg-paper-sunk tablet:min-h-12"
                  >
                    {person.name}
                  </button>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
      {problem !== null && <Message tone="error">{problem}</Message>}
    </section>
  );
}
