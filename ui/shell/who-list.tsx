'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Button } from '../kit/button';
import { Message } from '../kit/message';
import { send } from './send';

/** Everybody who may work here; choosing a name opens the book as that person. */
export function WhoList({
  people,
  current,
}: {
  people: { id: number; name: string; role: string }[];
  current: number | null;
}) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);

  async function choose(personId: number) {
    const sent = await send('POST', '/api/session', { personId });
    if (!sent.ok) {
      setProblem(sent.message);
      return;
    }
    router.push('/');
    router.refresh();
  }

  async function leave() {
    const sent = await send('DELETE', '/api/session');
    if (sent.ok) router.refresh();
    else setProblem(sent.message);
  }

  const groups = [
    { title: 'Instructor', people: people.filter(({ role }) => role === 'instructor') },
    { title: 'Students', people: people.filter(({ role }) => role === 'student') },
  ];
  return (
    <div className="grid gap-6">
      {groups.map((group, index) => (
        <section key={group.title} aria-label={group.title}>
          <h2 className="mb-2 text-xl">{group.title}</h2>
          <ul className="grid grid-cols-3 gap-2 tablet:grid-cols-2">
            {group.people.map((person, place) => (
              <li key={person.id}>
                <button
                  type="button"
                  autoFocus={index === 0 && place === 0}
                  aria-current={person.id === current ? 'true' : undefined}
                  onClick={() => void choose(person.id)}
                  className="min-h-14 w-full rounded-cut border border-rule-strong bg-paper-raised px-4 text-left text-lg hover:bg-paper-sunk aria-current:border-l-8 aria-current:border-l-dye"
                >
                  {person.name}
                </button>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {current !== null && (
        <p className="flex items-center gap-3">
          <Button onClick={() => void leave()}>End my session</Button>
          <span className="text-sm text-ink-soft">Nobody works here then until a name is chosen.</span>
        </p>
      )}
      {problem !== null && <Message tone="error">{problem}</Message>}
    </div>
  );
}
