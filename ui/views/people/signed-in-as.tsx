'use client';

import { useState } from 'react';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { PageLink } from '@/ui/kit/page-link';
import { signOut } from '@/ui/parts/outbox/sign-out';

/** Says on the sign-in page that somebody is signed in still. */
export function SignedInAs({ name }: { name: string }) {
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <div className="mt-3 flex flex-wrap items-center gap-3 border-l-8 border-dye bg-paper-raised px-4 py-2">
      <span>
        Signed in: <strong>{name}</strong>.
      </span>
      <PageLink href="/" className="underline underline-offset-2">
        Go on as {name}
      </PageLink>
      <Button onClick={() => void signOut().then(setProblem)}>Sign out</Button>
      {problem !== null && <Message tone="error">{problem}</Message>}
    </div>
  );
}
