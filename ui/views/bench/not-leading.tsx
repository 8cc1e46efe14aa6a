import { useState } from 'react';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import type { BenchRecord } from './use-bench-record';

/** Another device leads this record; one touch takes over. */
export function NotLeading({ add }: { add: BenchRecord['add'] }) {
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <section aria-label="Another device leads" className="grid max-w-2xl gap-4">
      <h2 className="text-5xl">Another device leads</h2>
      <p className="text-xl">
        This piece is recorded on another device. Take over, and it goes on here; what the other one has not
        sent yet comes later and is flagged until somebody has looked.
      </p>
      <div>
        <Button
          tone="main"
          size="bench"
          className="min-h-20 px-10 text-2xl"
          onClick={() =>
            void add({ kind: 'lead' }).then((added) => setProblem(added.ok ? null : added.message))
          }
        >
          Go on here
        </Button>
      </div>
      {problem !== null && <Message tone="error">{problem}</Message>}
    </section>
  );
}
