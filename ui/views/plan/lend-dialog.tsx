'use client';

import { useState } from 'react';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { Dialog } from '@/ui/kit/dialog';
import { Message } from '@/ui/kit/message';
import { PageLink } from '@/ui/kit/page-link';
import { send } from '@/ui/shell/send';

/** Lends an exercise to another class that one teaches: a copy is made there, which says where it came from. */
export default function LendDialog({
  exerciseId,
  classes,
  onClose,
}: {
  exerciseId: number;
  classes: readonly { id: number; name: string }[];
  onClose: () => void;
}) {
  const [chosen, setChosen] = useState(String(classes[0]?.id ?? ''));
  const [problem, setProblem] = useState<string | null>(null);
  const [lent, setLent] = useState<{ id: number; name: string } | null>(null);

  async function lend() {
    const to = classes.find(({ id }) => String(id) === chosen);
    if (to === undefined) return;
    const sent = await send<{ id: number }>('POST', `/api/exercises/${exerciseId}/lend`, { classId: to.id });
    if (!sent.ok) return setProblem(sent.message);
    setProblem(null);
    setLent({ id: sent.value.id, name: to.name });
  }

  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title="Lend to another class"
      description="A copy of the plan as it stands is made there. From then on each is changed by itself; the copy says where it came from."
    >
      {lent === null ? (
        <>
          <Choice
            label="To the class"
            stacked
            value={chosen}
            options={classes.map(({ id, name }) => ({ value: String(id), text: name }))}
            onChange={setChosen}
          />
          {problem !== null && <Message tone="error">{problem}</Message>}
          <div className="flex justify-end gap-2">
            <Button onClick={onClose}>Not yet</Button>
            <Button tone="main" onClick={() => void lend()}>
              Lend a copy
            </Button>
          </div>
        </>
      ) : (
        <>
          <p>
            A copy stands in <strong>{lent.name}</strong>.
          </p>
          <div className="flex items-center justify-end gap-4">
            <PageLink href={`/exercises/${lent.id}`} className="underline underline-offset-2">
              Look at the copy
            </PageLink>
            <Button tone="main" onClick={onClose}>
              Stay here
            </Button>
          </div>
        </>
      )}
    </Dialog>
  );
}
