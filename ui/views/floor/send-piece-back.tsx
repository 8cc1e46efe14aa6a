'use client';

import { useState } from 'react';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { Field } from '@/ui/kit/field';
import { useKept } from '@/ui/shell/kept';
import type { AttemptRecord } from '@/ui/parts/work/use-record';

/** What is most often to be done (common practice): a touch puts it into the field, where it can be said otherwise. */
const OFTEN = [
  'File the crests, then try again.',
  'Still tight: one graduation more at a time, try after each.',
  'Measure again, at all places.',
  'Brush it clean, then try again.',
] as const;

/** The piece goes back to whoever cuts it, with what is to be done: the bench says so until it is handed in again. */
export function SendPieceBack({ add, onDone }: { add: AttemptRecord['add']; onDone: () => void }) {
  const [reason, setReason] = useKept('piece-back', '');
  const [stands, setStands] = useState('yes');
  const [problem, setProblem] = useState<string | undefined>();
  return (
    <form
      aria-label="Send the piece back"
      className="grid gap-2 border-t border-rule pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void add({ kind: 'sent-back', stepId: '', reason, stands }).then((added) => {
          setProblem(added.ok ? undefined : (added.fields.reason ?? added.message));
          if (!added.ok) return;
          setReason('');
          onDone();
        });
      }}
    >
      <Field
        label="Or send it back: what is to be done"
        size="bench"
        value={reason}
        error={problem}
        onChange={(event) => setReason(event.target.value)}
      />
      <div className="flex flex-wrap gap-2">
        {OFTEN.map((text) => (
          <Button key={text} tone="quiet" className="min-h-12" onClick={() => setReason(text)}>
            {text.replace(/[:,].*$/, '')}
          </Button>
        ))}
      </div>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <Choice
          label="Where it is now"
          columns={2}
          value={stands}
          options={[
            { value: 'yes', text: 'In the machine, as it was cut' },
            { value: 'no', text: 'Taken out' },
          ]}
          onChange={setStands}
        />
        <Button size="bench" type="submit">
          Send the piece back
        </Button>
      </div>
    </form>
  );
}
