'use client';

import { useState } from 'react';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { Dialog } from '@/ui/kit/dialog';
import { Message } from '@/ui/kit/message';
import { Select } from '@/ui/kit/select';
import { PickList, type PickItem } from './pick-list';

export interface HandOutStudent {
  id: number;
  name: string;
  openAttempt: boolean;
  /** How often this exercise was handed to the student. */
  tries?: number;
  /** The instructor herself, who tries the exercise. */
  self?: boolean;
}

/** A lathe of the shop on which the exercise may be made. */
export interface HandOutLathe {
  id: number;
  name: string;
  /** In what its feeding dial is marked. */
  dials?: 'in' | 'mm';
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
      <PickList
        title="Students"
        find="Find a student"
        items={students.map(studentItem)}
        chosen={(id) => chosen.has(id)}
        onSet={(ids, on) =>
          setChosen(new Set(on ? [...chosen, ...ids] : [...chosen].filter((id) => !ids.includes(id))))
        }
      />
      {(lathes.length > 1 || lathes.some(({ refused }) => refused !== undefined)) && (
        <PickList
          title="Lathes allowed"
          find="Find a lathe"
          items={lathes.map(latheItem)}
          chosen={(id) => allowed.some((lathe) => lathe.id === id)}
          onSet={(ids, on) =>
            setWithout(new Set(on ? [...without].filter((id) => !ids.includes(id)) : [...without, ...ids]))
          }
          onOnly={(id) =>
            setWithout(new Set(lathes.map((lathe) => lathe.id).filter((other) => other !== id)))
          }
        />
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
              <div className="grid max-h-48 grid-cols-2 gap-x-4 gap-y-1 overflow-y-auto">
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
                <Select
                  label="All on"
                  labelHidden
                  value=""
                  options={[
                    { value: '', text: 'All on…' },
                    ...allowed.map((lathe) => ({ value: String(lathe.id), text: `All on ${lathe.name}` })),
                  ]}
                  onChange={(latheId) => setGiven(Object.fromEntries([...chosen].map((id) => [id, latheId])))}
                />
              </div>
            </>
          )}
        </div>
      )}
      {lathes.length === 0 && (
        <Message tone="warning">The shop has no lathe yet. Make one under Shop, then hand out.</Message>
      )}
      {problem !== null && <Message tone="error">{problem}</Message>}
      <div className="sticky -bottom-4 -mx-4 -mb-4 flex justify-end gap-2 border-t border-rule bg-paper-raised px-4 py-3">
        <Button onClick={() => onOpenChange(false)}>Not yet</Button>
        <Button tone="main" disabled={busy} onClick={() => void handOut()}>
          Hand out to {chosen.size}
        </Button>
      </div>
    </Dialog>
  );
}

/** A student in the list, by what the exercise was to him or her so far. */
function studentItem({ id, name, openAttempt, tries = 0, self = false }: HandOutStudent): PickItem {
  const place = self ? 3 : openAttempt ? 2 : tries > 0 ? 1 : 0;
  const group = ['Never had it', 'Had it before', 'At it now', 'Yourself'][place] ?? '';
  const note = openAttempt
    ? 'has an open attempt'
    : self
      ? 'try it yourself'
      : tries > 0
        ? `${tries} ${tries === 1 ? 'try' : 'tries'} so far`
        : undefined;
  return { id, name, note, disabled: openAttempt, byHand: self, group, place };
}

/** A lathe in the list, by the dials that the students will read. */
function latheItem({ id, name, refused, dials }: HandOutLathe): PickItem {
  if (refused !== undefined)
    return { id, name, note: refused, bad: true, disabled: true, group: 'Can not do it', place: 1 };
  return { id, name, group: dials === 'mm' ? 'Metric dials' : 'Inch dials' };
}
