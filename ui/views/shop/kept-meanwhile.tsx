'use client';

import type { Refused } from '@/ui/shell/ask';
import { TwoVersions, type Differing } from '@/ui/kit/two-versions';

/** What somebody else has kept of the same thing while it was changed here. */
export interface KeptMeanwhile {
  number: number;
  document: unknown;
}

/** The revision that stands, where the server has refused to write over it; null for any other refusal. */
export function keptMeanwhile({ code, answer }: Refused): KeptMeanwhile | null {
  const { number, document } = (answer ?? {}) as Partial<KeptMeanwhile>;
  return code === 'changed' && typeof number === 'number' ? { number, document } : null;
}

/** Both versions of a thing of the shop: for each field one is chosen, then it is kept as the next revision. */
export function MeanwhileDialog({
  number,
  fields,
  onSettle,
  onClose,
}: {
  number: number;
  fields: readonly Differing[];
  onSettle: (there: string[]) => void;
  onClose: () => void;
}) {
  return (
    <TwoVersions
      title="Two versions of this record"
      description={`Somebody kept revision ${number} while you typed here. Choose for each field, then keep it as the next revision.`}
      fields={fields}
      onSettle={onSettle}
      open
      onOpenChange={(open) => !open && onClose()}
    />
  );
}
