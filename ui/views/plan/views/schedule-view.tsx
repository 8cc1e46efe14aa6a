'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import {
  fewestPasses,
  isReached,
  REACH_SCHOOLS,
  type NotReached,
  type Reached,
  type ReachSchool,
} from '@/core/cutting/bears/fewest-passes';
import { LIMIT_WORDS } from '@/core/cutting/bears/limits';
import type { PassLoad } from '@/core/cutting/bears/pass-loads';
import type { PlanBears } from '@/core/exercise/plan/bears-of-plan';
import { lengthIn } from '@/core/base/units/length';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { Select } from '@/ui/kit/select';
import { useShowLength } from '@/ui/units/display-unit';
import { CompareSchedules, type ComparedSchedule } from '../compare-schedules';
import { ExpectedBending } from '../expected-bending';
import PassChart, { type ChartPass } from '../pass-chart';
import { usePassShown, usePlanning } from '@/ui/parts/plan-fields/planning-context';
import { ScheduleLoads } from '@/ui/parts/plan-fields/schedule-loads';
import { useBears } from '@/ui/parts/plan-fields/use-bears';
import { useScheduleChanges } from '../use-schedule-changes';

/** The schedule at work: bars to drag, what each pass asks of tool, lathe and part, and another schedule beside it. */
export default function ScheduleView() {
  const { read } = usePlanning();
  const { chosen, onChoose } = usePassShown();
  const bears = useBears();
  const changes = useScheduleChanges();
  const [school, setSchool] = useState<ReachSchool | ''>('');
  const { thread, passes } = read.evaluation;
  // The solver tries hundreds of schedules: it follows a moment behind the hand.
  const settled = useDeferredValue(bears);
  const other = useMemo(
    () => (settled === null || school === '' ? null : fewestPasses(school, settled.order, settled.loadCase)),
    [settled, school],
  );
  if (thread === null || passes === null || bears === null)
    return <p className="p-4">The schedule appears when the plan can be worked out.</p>;
  const { unit } = thread;
  const load = bears.loads[chosen - 1];
  const pass = passes[chosen - 1];
  const reached = other !== null && isReached(other) ? other : null;
  const compared: ComparedSchedule[] = [
    {
      name: 'Planned',
      loads: bears.loads,
      end: lengthIn({ value: passes.at(-1)?.reading ?? 0, unit }, 'mm'),
    },
    ...(reached === null || school === ''
      ? []
      : [
          {
            name: 'Fewest', // Every start of the thread takes them.
            loads: Array.from({ length: thread.starts }, () => reached.loads).flat(),
            end: reached.rows.at(-1)?.reading ?? 0,
          },
        ]),
  ];
  const rowOf = (n: number) => passes[n - 1]?.row ?? n;
  return (
    <div className="grid h-full min-h-0 grid-cols-[minmax(0,1fr)_15.5rem] bg-paper-raised tablet:grid-cols-[minmax(0,1fr)_13.5rem]">
      <div className="grid min-h-0 grid-rows-[minmax(0,1fr)_auto] p-2">
        <PassChart
          passes={chartPasses(bears.loads)}
          other={reached === null ? null : chartPasses(reached.loads)}
          unit={unit}
          chosen={chosen}
          onChoose={onChoose}
          onInfeed={(n, mm) => changes.setInfeed(rowOf(n), lengthIn({ value: mm, unit: 'mm' }, unit))}
        />
        {load === undefined ? (
          <p className="border-t border-rule p-2 text-sm text-ink-soft">Choose a pass to see what it asks.</p>
        ) : (
          <ScheduleLoads bears={bears} load={load} unit={unit} />
        )}
      </div>
      <aside
        aria-label="The pass and another schedule"
        className="grid min-h-0 content-start gap-3 overflow-y-auto border-l border-rule p-3"
      >
        {pass !== undefined && pass.kind !== 'spring' && (
          <TypedInfeed
            key={`${chosen} ${pass.infeed}`}
            n={chosen}
            infeed={pass.infeed}
            unit={unit}
            graduation={changes.graduation}
            onInfeed={(infeed) => changes.setInfeed(rowOf(chosen), infeed)}
          />
        )}
        <Select
          label="Compare with the fewest passes"
          value={school}
          onChange={(value) => setSchool(REACH_SCHOOLS.find((each) => each === value) ?? '')}
          options={[
            { value: '', text: 'none' },
            ...REACH_SCHOOLS.map((id) => ({ value: id, text: SCHOOL_NAMES[id] })),
          ]}
        />
        <CompareSchedules bears={bears} schedules={compared} unit={unit} />
        {other !== null && school !== '' && (
          <Outcome other={other} bears={bears} unit={unit} onTake={(taken) => changes.take(school, taken)} />
        )}
        {settled !== null && <ExpectedBending bears={settled} unit={unit} />}
        <p className="text-xs text-ink-soft">
          Forces by Kienzle with textbook values; with bending and times they guide, they do not certify.
          Limits stand in the stage of the passes.
        </p>
      </aside>
    </div>
  );
}

const SCHOOL_NAMES: Record<ReachSchool, string> = {
  bears: 'As much as it bears',
  'constant-area': 'Constant chip area',
  'constant-infeed': 'Constant infeed',
  'two-thirds': 'Steps, two thirds',
};

function chartPasses(loads: readonly PassLoad[]): ChartPass[] {
  return loads.map(({ infeed, area, binds, uses }, index) => ({
    n: index + 1,
    infeed: Math.max(0, infeed),
    chip: area,
    binds: binds === null || (uses[binds] ?? 0) <= 1 + 1e-9 ? null : LIMIT_WORDS[binds],
  }));
}

function Outcome({
  other,
  bears,
  unit,
  onTake,
}: {
  other: Reached | NotReached;
  bears: PlanBears;
  unit: 'in' | 'mm';
  onTake: (reached: Reached) => void;
}) {
  const show = useShowLength();
  if (isReached(other)) return <Button onClick={() => onTake(other)}>Take this schedule</Button>;
  const text = (mm: number) => show.text({ value: lengthIn({ value: mm, unit: 'mm' }, unit), unit });
  const least = text(bears.order.graduation);
  return (
    <Message tone="warning">
      {`Not within the limits: from ${text(other.at)} of feed on even ${least} goes beyond ${other.by.map((id) => LIMIT_WORDS[id]).join(', ')}.`}
    </Message>
  );
}

/** The infeed of the pass shown, typed or by single graduations. */
function TypedInfeed({
  n,
  infeed,
  unit,
  graduation,
  onInfeed,
}: {
  n: number;
  infeed: number;
  unit: 'in' | 'mm';
  graduation: number;
  onInfeed: (infeed: number) => void;
}) {
  const decimals = unit === 'in' ? 4 : 3;
  const [text, setText] = useState(infeed.toFixed(decimals));
  const typed = Number(text);
  const readable = text.trim() !== '' && Number.isFinite(typed) && typed > 0;
  return (
    <form
      className="grid grid-cols-[minmax(0,1fr)_auto_auto_auto] items-start gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        if (readable) onInfeed(typed);
      }}
    >
      <div className="col-span-4">
        <Field
          label={`Infeed of pass ${n}`}
          unit={unit}
          inputMode="decimal"
          value={text}
          error={readable ? undefined : `Type an infeed in ${unit}, such as ${graduation.toFixed(decimals)}.`}
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      <Button type="submit" disabled={!readable}>
        Set
      </Button>
      <Button aria-label="One graduation less" onClick={() => onInfeed(infeed - graduation)}>
        −
      </Button>
      <Button aria-label="One graduation more" onClick={() => onInfeed(infeed + graduation)}>
        +
      </Button>
    </form>
  );
}
