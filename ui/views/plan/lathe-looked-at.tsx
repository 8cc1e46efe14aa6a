'use client';

import { memo } from 'react';
import type { Lathe } from '@/core/machine/lathe/lathe';

/** Which lathe's graduation, dial and readings are shown while planning. The plan itself knows no lathe. */
export const LatheLookedAt = memo(function LatheLookedAt({
  lathes,
  chosen,
  onChoose,
}: {
  lathes: readonly { id: number; lathe: Lathe }[];
  chosen: Lathe;
  onChoose: (id: number) => void;
}) {
  if (lathes.length === 0) return <span className="text-sm text-ink-soft">seen on {chosen.name}</span>;
  return (
    <label className="flex items-center gap-1.5 text-sm">
      <span className="text-ink-soft tablet:sr-only">seen on</span>
      <select
        value={lathes.find(({ lathe }) => lathe === chosen)?.id}
        onChange={(event) => onChoose(Number(event.target.value))}
        className="min-h-9 max-w-36 rounded-cut border border-rule-strong bg-paper-raised px-2 tablet:min-h-12"
      >
        {lathes.map(({ id, lathe }) => (
          <option key={id} value={id}>
            {lathe.name}
          </option>
        ))}
      </select>
    </label>
  );
});
