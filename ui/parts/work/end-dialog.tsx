'use client';

import { useState } from 'react';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { Dialog } from '@/ui/kit/dialog';
import { Field } from '@/ui/kit/field';
import { useToast } from '@/ui/kit/toast';
import { useKept } from '@/ui/shell/kept';
import type { AttemptRecord } from './use-record';

/** How the try ends: accepted, scrapped or given up, with the supposed cause and what the next one changes. */
export function EndDialog({
  proven,
  open,
  onOpenChange,
  add,
}: {
  /** Whether the proof of the plan is recorded. */
  proven: boolean;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  add: AttemptRecord['add'];
}) {
  const say = useToast();
  const [how, setHow] = useState('accepted');
  const [cause, setCause] = useKept('end-cause', '');
  const [change, setChange] = useKept('end-change', '');
  const [problem, setProblem] = useState<string | undefined>();

  async function handIn() {
    const added = await add({ kind: 'hand-in', how, ...(how === 'accepted' ? {} : { cause, change }) });
    setProblem(added.ok ? undefined : (added.fields.cause ?? added.message));
    if (!added.ok) return;
    onOpenChange(false);
    say('Handed in for marking.', 'good');
  }

  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Hand in"
      description={
        proven || how !== 'accepted'
          ? 'The work goes to its mark; nothing more is cut.'
          : 'The proof of this plan is not recorded yet: without it the result earns no points. You can still measure or try first.'
      }
    >
      <Choice
        label="This try is"
        value={how}
        options={[
          { value: 'accepted', text: 'Accepted' },
          { value: 'scrapped', text: 'Scrapped' },
          { value: 'given-up', text: 'Given up' },
        ]}
        onChange={setHow}
      />
      {how !== 'accepted' && (
        <>
          <Field
            label="What you think went wrong"
            value={cause}
            error={problem}
            onChange={(event) => setCause(event.target.value)}
          />
          <Field
            label="What the next try changes"
            value={change}
            onChange={(event) => setChange(event.target.value)}
          />
        </>
      )}
      <div className="flex justify-end gap-2">
        <Button onClick={() => onOpenChange(false)}>Go on working</Button>
        <Button tone="main" onClick={() => void handIn()}>
          {proven || how !== 'accepted' ? 'Hand in' : 'Hand in as it is'}
        </Button>
      </div>
    </Dialog>
  );
}
