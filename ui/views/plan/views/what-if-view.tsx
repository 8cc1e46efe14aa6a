'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { evidenceOf } from '@/core/cutting/fault/evidence-of';
import { FAULTS, faultsFor, withFaults, type FaultData, type FaultOn } from '@/core/cutting/fault/faults';
import { loggedRoot } from '@/core/cutting/fault/puzzle';
import { profileOver } from '@/core/cutting/fault/cut-setup';
import { setupOfPlan } from '@/core/exercise/plan/setup-of-plan';
import { LENGTH_DECIMALS } from '@/core/base/units/format-length';
import type { LengthUnit } from '@/core/base/units/length';
import { ThreadRun } from '@/ui/drawing/thread-run';
import { EvidencePanel } from '@/ui/parts/thread/evidence-panel';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Tick } from '@/ui/kit/tick';
import { useToast } from '@/ui/kit/toast';
import { send } from '@/ui/shell/send';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';

/** As many as show a fault without making it small. */
const SHOWN_PITCHES = 4;

/** What comes of a fault: the thread that would result over several pitches, and what the means of proof find on it. */
export default function WhatIfView() {
  const { exerciseId, read } = usePlanning();
  const [on, setOn] = useState<readonly FaultOn[]>([]);
  const planned = useMemo(() => setupOfPlan(read), [read]);
  const faults = useDeferredValue(on);
  const shown = useMemo(() => {
    if (planned === null) return null;
    const possible = faultsFor(planned.setup).map(({ id }) => id);
    const setup = withFaults(
      planned.setup,
      faults.filter(({ id }) => possible.includes(id)),
    );
    const { measured, ...found } = evidenceOf(setup, planned.held);
    return {
      evidence: {
        ...found,
        rootDiameter: measured.rootDiameter,
        loggedRoot: loggedRoot(planned.setup, faults),
      },
      profile: profileOver(setup, SHOWN_PITCHES),
      right: profileOver(planned.setup, SHOWN_PITCHES),
    };
  }, [planned, faults]);
  const { thread } = read.evaluation;
  if (planned === null || shown === null || thread === null)
    return <p className="p-4">The thread appears when the plan can be worked out.</p>;
  const { setup } = planned;
  const names = FAULTS.filter(({ id }) => on.some((each) => each.id === id)).map(({ name }) => name);
  return (
    <div className="grid h-full min-h-0 grid-cols-[minmax(0,1fr)_17rem] bg-paper-raised">
      <div className="grid min-h-0 grid-rows-[minmax(0,1fr)_auto]">
        <ThreadRun
          profile={shown.profile}
          planned={on.length === 0 ? null : shown.right}
          side={setup.side}
          unit={thread.unit}
          length={SHOWN_PITCHES * setup.nominalPitch}
          depth={0.8 * setup.nominalPitch}
          title="The thread that would result"
          description={names.length === 0 ? 'As planned.' : `With ${names.join(', ')}; dashed, as planned.`}
        />
        <section aria-label="What is found" className="border-t border-rule p-3">
          <EvidencePanel evidence={shown.evidence} held={planned.held} side={setup.side} unit={thread.unit} />
        </section>
      </div>
      <section aria-label="Faults" className="min-h-0 overflow-y-auto border-l border-rule p-3">
        <div className="mb-1 flex items-baseline justify-between gap-2">
          <h3 className="text-lg">What if…</h3>
          {on.length > 0 && (
            <Button tone="quiet" onClick={() => setOn([])}>
              Back to the plan
            </Button>
          )}
        </div>
        <ul className="grid gap-1">
          {faultsFor(setup).map((fault) => {
            const found = on.find(({ id }) => id === fault.id);
            return (
              <li
                key={fault.id}
                className={found === undefined ? '' : 'border-l-4 border-brass bg-brass-wash pb-1 pl-2'}
              >
                <Tick
                  label={fault.name}
                  on={found !== undefined}
                  onSet={(set) =>
                    setOn(
                      set
                        ? [
                            ...on,
                            { id: fault.id, amount: fault.usual(setup), from: middleOf(setup.cuts.length) },
                          ]
                        : on.filter(({ id }) => id !== fault.id),
                    )
                  }
                />
                {found !== undefined && (
                  <FaultAmount
                    fault={fault}
                    found={found}
                    most={fault.amount?.most(setup) ?? 0}
                    cuts={setup.cuts.length}
                    unit={thread.unit}
                    onChange={(next) => setOn(on.map((each) => (each.id === fault.id ? next : each)))}
                  />
                )}
              </li>
            );
          })}
        </ul>
        {exerciseId !== null && on.length === 1 && on[0] !== undefined && (
          <SetAsPuzzle exerciseId={exerciseId} fault={on[0]} />
        )}
        <p className="mt-2 text-xs text-ink-soft">
          Torn flanks, a half nut that was not closed and a run-out that is too short are told by eye, not by
          geometry.
        </p>
      </section>
    </div>
  );
}

/** Gives the class this thread to look at: which fault is it? */
function SetAsPuzzle({ exerciseId, fault }: { exerciseId: number; fault: FaultOn }) {
  const say = useToast();
  const [sending, setSending] = useState(false);
  const [made, setMade] = useState<number | null>(null);
  async function set() {
    setSending(true);
    const { id, amount, from } = fault;
    const sent = await send<{ id: number }>('POST', `/api/exercises/${exerciseId}/puzzles`, {
      fault: id,
      amount,
      from,
    });
    setSending(false);
    if (!sent.ok) return say(sent.message, 'bad');
    setMade(sent.value.id);
    say('The class finds it on its board: spot the fault.');
  }
  return (
    <div className="mt-3 grid gap-1 border-t border-rule pt-3">
      <Button disabled={sending} onClick={() => void set()}>
        Let the class spot it
      </Button>
      {made !== null && (
        <a className="underline underline-offset-2" href={`/spot/${made}`}>
          See it and its answers
        </a>
      )}
    </div>
  );
}

/** A fault that begins in mid-course begins after half of the cuts. */
const middleOf = (cuts: number) => Math.floor(cuts / 2) + 1;

function FaultAmount({
  fault,
  found,
  most,
  cuts,
  unit,
  onChange,
}: {
  fault: FaultData;
  found: FaultOn;
  most: number;
  cuts: number;
  unit: LengthUnit;
  onChange: (next: FaultOn) => void;
}) {
  const decimals =
    fault.amount?.unit === 'length' ? LENGTH_DECIMALS[unit] : fault.amount?.unit === 'pitches' ? 2 : 1;
  const [text, setText] = useState(found.amount.toFixed(decimals));
  const [from, setFrom] = useState(String(found.from));
  const amountWrong = !(Number(text) >= 0 && Number(text) <= most * (1 + 1e-9)) || text.trim() === '';
  const fromWrong = !(Number.isInteger(Number(from)) && Number(from) >= 1 && Number(from) <= cuts);
  return (
    <div className="grid gap-1 pr-1">
      <p className="text-sm text-ink-soft">{fault.says}</p>
      <div className="grid grid-cols-2 items-start gap-2">
        {fault.amount !== null && (
          <Field
            label={fault.amount.label}
            unit={fault.amount.unit === 'length' ? unit : fault.amount.unit === 'degrees' ? '°' : 'P'}
            inputMode="decimal"
            value={text}
            error={amountWrong ? `0 to ${most.toFixed(decimals)}.` : undefined}
            onChange={(event) => {
              setText(event.target.value);
              const amount = Number(event.target.value);
              if (event.target.value.trim() !== '' && amount >= 0 && amount <= most * (1 + 1e-9))
                onChange({ ...found, amount });
            }}
          />
        )}
        {fault.begins && (
          <Field
            label="from pass"
            inputMode="numeric"
            value={from}
            error={fromWrong ? `1 to ${cuts}.` : undefined}
            onChange={(event) => {
              setFrom(event.target.value);
              const at = Number(event.target.value);
              if (Number.isInteger(at) && at >= 1 && at <= cuts) onChange({ ...found, from: at });
            }}
          />
        )}
      </div>
    </div>
  );
}
