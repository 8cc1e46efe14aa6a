'use client';

import { useMemo, useState } from 'react';
import { Button } from '@/ui/kit/button';

/** Things are put in order by touching them one after the other; they stand there in another one. */
export function OrderPicker({
  choices,
  onDone,
}: {
  choices: readonly string[];
  onDone: (order: string) => void;
}) {
  const [order, setOrder] = useState<string[]>([]);
  // Shown by the alphabet: the right order is not given away.
  const shown = useMemo(() => [...choices].sort((a, b) => a.localeCompare(b)), [choices]);
  return (
    <div className="grid gap-2">
      <div className="grid gap-1">
        {shown.map((each) => (
          <Button
            key={each}
            size="bench"
            aria-pressed={order.includes(each)}
            disabled={order.includes(each)}
            onClick={() => setOrder([...order, each])}
          >
            {order.includes(each) ? `${order.indexOf(each) + 1}. ` : ''}
            {each}
          </Button>
        ))}
      </div>
      <div className="flex gap-2">
        <Button
          tone="main"
          size="bench"
          disabled={order.length < choices.length}
          onClick={() => onDone(order.join('; '))}
        >
          Record this order
        </Button>
        <Button onClick={() => setOrder([])}>Begin again</Button>
      </div>
    </div>
  );
}
