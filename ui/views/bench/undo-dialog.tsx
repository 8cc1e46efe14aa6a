import { useState } from 'react';
import { entryWords } from '@/core/exercise/record/entry/entry-words';
import type { Entry } from '@/core/exercise/record/entry/entry';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Button } from '@/ui/kit/button';
import { Dialog } from '@/ui/kit/dialog';
import { Message } from '@/ui/kit/message';
import type { BenchRecord } from './use-bench-record';

/** Why an entry is taken back, each with one touch. */
const REASONS = ['Touched by mistake', 'Wrong reading', 'Not done after all'] as const;

/** Takes the last entry back: it is struck out with a reason and stays readable. */
export function UndoDialog({
  sheet,
  last,
  open,
  onOpenChange,
  add,
}: {
  sheet: Sheet;
  last: Entry | null;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  add: BenchRecord['add'];
}) {
  const [problem, setProblem] = useState<string | null>(null);
  const words = last === null ? null : entryWords(last, sheet);
  return (
    <Dialog
      open={open && last !== null}
      onOpenChange={onOpenChange}
      title="Strike out the last entry?"
      description={words === null ? '' : `${words.title} ${words.detail}`}
    >
      <div className="grid gap-2">
        {REASONS.map((reason) => (
          <Button
            key={reason}
            size="bench"
            onClick={() =>
              void add({ kind: 'strike', entryId: last?.id ?? '', reason }).then((added) => {
                setProblem(added.ok ? null : added.message);
                if (added.ok) onOpenChange(false);
              })
            }
          >
            {reason}
          </Button>
        ))}
        <Button size="bench" tone="quiet" onClick={() => onOpenChange(false)}>
          Leave it
        </Button>
        {problem !== null && <Message tone="error">{problem}</Message>}
      </div>
    </Dialog>
  );
}
