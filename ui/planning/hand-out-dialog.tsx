'use client';

import { Checkbox } from 'radix-ui';
import { Check } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/button';
import { Dialog } from '../kit/dialog';
import { Message } from '../kit/message';

export interface HandOutStudent {
  id: number;
  name: string;
  openAttempt: boolean;
}

/** Choose students and hand the plan out to them as a frozen revision. */
export function HandOutDialog({
  open,
  onOpenChange,
  students,
  nextRevision,
  onHandOut,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  students: readonly HandOutStudent[];
  nextRevision: number;
  /** Returns what was wrong, or null when done. */
  onHandOut: (studentIds: number[]) => Promise<string | null>;
}) {
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const free = students.filter((student) => !student.openAttempt);

  function toggle(id: number, on: boolean) {
    setChosen((before) => new Set(on ? [...before, id] : [...before].filter((other) => other !== id)));
  }

  async function handOut() {
    if (chosen.size === 0) {
      setProblem('Choose at least one student.');
      return;
    }
    setBusy(true);
    setProblem(await onHandOut([...chosen]));
    setBusy(false);
  }

  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Hand out"
      description={`Freezes the plan as revision ${nextRevision} (or takes the last one if nothing changed) and makes one attempt for each student you choose.`}
    >
      <fieldset className="grid gap-1">
        <legend className="label flex w-full items-center justify-between text-ink-soft">
          Students
          <Button
            tone="quiet"
            onClick={() =>
              setChosen(chosen.size === free.length ? new Set() : new Set(free.map(({ id }) => id)))
            }
          >
            {chosen.size === free.length && free.length > 0 ? 'Choose none' : 'Choose all'}
          </Button>
        </legend>
        <div className="grid grid-cols-2 gap-x-4">
          {students.map((student) => (
            <label key={student.id} className="flex min-h-10 items-center gap-2">
              <Checkbox.Root
                disabled={student.openAttempt}
                checked={chosen.has(student.id)}
                onCheckedChange={(on) => toggle(student.id, on === true)}
                className="grid size-6 shrink-0 place-items-center rounded-cut border border-rule-strong bg-paper-raised disabled:bg-paper-sunk data-[state=checked]:bg-dye data-[state=checked]:text-scribe"
              >
                <Checkbox.Indicator>
                  <Check aria-hidden className="size-4" />
                </Checkbox.Indicator>
              </Checkbox.Root>
              <span className={student.openAttempt ? 'text-ink-soft' : ''}>
                {student.name}
                {student.openAttempt && <span className="block text-2xs">has an open attempt</span>}
              </span>
            </label>
          ))}
        </div>
      </fieldset>
      {problem !== null && <Message tone="error">{problem}</Message>}
      <div className="flex justify-end gap-2">
        <Button onClick={() => onOpenChange(false)}>Not yet</Button>
        <Button tone="main" disabled={busy} onClick={() => void handOut()}>
          Hand out to {chosen.size}
        </Button>
      </div>
    </Dialog>
  );
}
