'use client';

import { useState } from 'react';
import { Button } from '@/ui/kit/button';
import { Tick } from '@/ui/kit/tick';

/** Some looks at once: each is ticked when it was seen, and only those are recorded. */
export function LooksPicker({ looks, onDone }: { looks: readonly string[]; onDone: (seen: string) => void }) {
  const [seen, setSeen] = useState<readonly string[]>([]);
  return (
    <div className="grid gap-2">
      {looks.map((look) => (
        <Tick
          key={look}
          label={look}
          on={seen.includes(look)}
          size="bench"
          onSet={(on) =>
            setSeen(
              on
                ? looks.filter((each) => each === look || seen.includes(each))
                : seen.filter((each) => each !== look),
            )
          }
        />
      ))}
      <Button tone="main" size="bench" disabled={seen.length === 0} onClick={() => onDone(seen.join('; '))}>
        {seen.length === looks.length
          ? 'All seen'
          : `Record what was seen: ${seen.length} of ${looks.length}`}
      </Button>
    </div>
  );
}
