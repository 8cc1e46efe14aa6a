'use client';

import { Checkbox } from 'radix-ui';
import { Check } from 'lucide-react';
import { useState } from 'react';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { Dialog } from '@/ui/kit/dialog';
import { Message } from '@/ui/kit/message';
import { Select } from '@/ui/kit/select';

export interface HandOutStudent {
  id: number;
  name: string;
  openAttempt: boolean;
  /** The instructor herself, who tries the exercise. */
  self?: boolean;
}

/** A lathe of the shop on which the exercise may be made. */
export interface HandOutLathe {
  id: number;
  name: string;
  /** Why it can not do what the plan asks. */
  refused?: string | undefined;
}

/** Choose students and hand the plan out to them as a frozen revision. */
export default function HandOutDialog({
  open,
  onOpenChange,
  students,
  lathes,
  nextRevision,
  onHandOut,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  students: readonly HandOutStudent[];
  lathes: readonly HandOutLathe[];
  nextRevision: number;
  /** Returns what was wrong, or null when done. */
  onHandOut: (
    studentIds: number[],
    latheIds: number[],
    latheOf: { studentId: number; latheId: number }[],
  ) => Promise<string | null>;
}) {
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  /** All are allowed until one is taken out. */
  const [without, setWithout] = useState<ReadonlySet<number>>(new Set());
  const allowed = lathes.filter(({ id, refused }) => !without.has(id) && refused === undefined);
  /** Picked at the bench unless the instructor gives them. */
  const [gives, setGives] = useState(false);
  const [given, setGiven] = useState<Readonly<Record<number, string>>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const free = students.filter((student) => !student.openAttempt && student.self !== true);

  function toggle(id: number, on: boolean) {
    setChosen((before) => new Set(on ? [...before, id] : [...before].filter((other) => other !== id)));
  }

  const latheGiven = (studentId: number) => {
    const latheId = Number(given[studentId] ?? '');
    return allowed.some(({ id }) => id === latheId) ? [{ studentId, latheId }] : [];
  };

  /** One after the other round the lathes allowed, so that no lathe waits while others queue. */
  const spread = () =>
    setGiven(
      Object.fromEntries(
        [...chosen].map((id, index) => [id, String(allowed[index % Math.max(1, allowed.length)]?.id ?? '')]),
      ),
    );

  async function handOut() {
    if (chosen.size === 0) {
      setProblem('Choose at least one student.');
      return;
    }
    if (allowed.length === 0) {
      setProblem(
        lathes.length === 0
          ? 'The shop has no lathe yet: make one under Shop.'
          : 'Choose at least one lathe.',
      );
      return;
    }
    setBusy(true);
    setProblem(
      await onHandOut(
        [...chosen],
        allowed.map(({ id }) => id),
        gives ? [...chosen].flatMap((studentId) => latheGiven(studentId)) : [],
      ),
    );
    setBusy(false);
  }

  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Hand out"
      description={`Freezes the plan as revision ${nextRevision} (or takes the last one if nothing changed) with a sheet for each lathe, and makes one attempt for each student you choose.`}
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
              <Tick
                disabled={student.openAttempt}
                checked={chosen.has(student.id)}
                onChange={(on) => toggle(student.id, on)}
              />
              <span className={student.openAttempt ? 'text-ink-soft' : ''}>
                {student.name}
                {student.self === true && <span className="block text-2xs">try it yourself</span>}
                {student.openAttempt && <span className="block text-2xs">has an open attempt</span>}
              </span>
            </label>
          ))}
        </div>
      </fieldset>
      {(lathes.length > 1 || lathes.some(({ refused }) => refused !== undefined)) && (
        <fieldset className="grid gap-1">
          <legend className="label text-ink-soft">Lathes allowed</legend>
          <div className="grid grid-cols-2 gap-x-4">
            {lathes.map(({ id, name, refused }) => (
              <label key={id} className="flex min-h-10 items-center gap-2">
                <Tick
                  disabled={refused !== undefined}
                  checked={!without.has(id) && refused === undefined}
                  onChange={(on) =>
                    setWithout(new Set(on ? [...without].filter((other) => other !== id) : [...without, id]))
                  }
                />
                <span>
                  {name}
                  {refused !== undefined && <span className="block text-2xs text-nogo">{refused}</span>}
                </span>
              </label>
            ))}
          </div>
        </fieldset>
      )}
      {allowed.length > 1 && chosen.size > 0 && (
        <div className="grid gap-2">
          <Choice
            label="Who takes which lathe"
            value={gives ? 'given' : 'bench'}
            options={[
              { value: 'bench', text: 'Picked at the bench' },
              { value: 'given', text: 'Given here' },
            ]}
            onChange={(value) => setGives(value === 'given')}
          />
          {gives && (
            <>
              <div className="grid grid-cols-2 gap-x-4 gap-y-1">
                {students
                  .filter(({ id }) => chosen.has(id))
                  .map(({ id, name }) => (
                    <Select
                      key={id}
                      label={name}
                      value={given[id] ?? ''}
                      options={[
                        { value: '', text: 'picked at the bench' },
                        ...allowed.map((lathe) => ({ value: String(lathe.id), text: lathe.name })),
                      ]}
                      onChange={(latheId) => setGiven({ ...given, [id]: latheId })}
                    />
                  ))}
              </div>
              <div className="flex flex-wrap items-center gap-2">
                <Button onClick={spread}>Spread over the lathes</Button>
                {allowed.map((lathe) => (
                  <Button
                    key={lathe.id}
                    tone="quiet"
                    onClick={() =>
                      setGiven(Object.fromEntries([...chosen].map((id) => [id, String(lathe.id)])))
                    }
                  >
                    All on {lathe.name}
                  </Button>
                ))}
              </div>
            </>
          )}
        </div>
      )}
      {lathes.length === 0 && (
        <Message tone="warning">The shop has no lathe yet. Make one under Shop, then hand out.</Message>
      )}
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

function Tick({
  checked,
  disabled,
  onChange,
}: {
  checked: boolean;
  disabled?: boolean;
  onChange: (on: boolean) => void;
}) {
  return (
    <Checkbox.Root
      disabled={disabled}
      checked={checked}
      onCheckedChange={(on) => onChange(on === true)}
      className="grid size-6 shrink-0 place-items-center rounded-cut border border-rule-strong bg-paper-raised disabled:bg-paper-sunk data-[state=checked]:bg-dye data-[state=checked]:text-scribe"
    >
      <Checkbox.Indicator>
        <Check aria-hidden className="size-4" />
      </Checkbox.Indicator>
    </Checkbox.Root>
  );
}
