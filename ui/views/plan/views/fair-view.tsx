'use client';

import { useState } from 'react';
import {
  Bar,
  ComposedChart,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { SOURCES, type FairProof, type SourceId } from '@/core/cutting/fair/fair-case';
import type { Fairness } from '@/core/cutting/fair/fairness';
import { fairOfPlan, HANDS, type FairBase, type Hand } from '@/core/exercise/plan/fair-of-plan';
import { lengthIn, type LengthUnit } from '@/core/base/units/length';
import { LENGTH_DECIMALS } from '@/core/base/units/format-length';
import type { FairRequest } from '@/workers/fairness.worker';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { Select } from '@/ui/kit/select';
import { TaskProgress } from '@/ui/kit/task-progress';
import { useWorkerTask } from '@/ui/shell/use-worker-task';
import { useShowLength } from '@/ui/units/display-unit';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';
import { useBears } from '@/ui/parts/plan-fields/use-bears';

/** Tries of one run: the chance is then good to a hundredth. */
const TRIES = 20_000;
/** One seed: the same figures give the same answer. */
const SEED = 1;

const HAND_TEXTS: Record<Hand, string> = {
  'first-term': 'A first-term student',
  'second-term': 'A second-term student',
  practised: 'A practised hand',
};

const makeWorker = () => new Worker(new URL('../../../../workers/fairness.worker.ts', import.meta.url));

/** Is this exercise fair: on this lathe, in this hand, by this proof? Tried many times over beside the page. */
export default function FairView() {
  const { read, lathe } = usePlanning();
  const bears = useBears();
  const [hand, setHand] = useState<Hand>('second-term');
  const [chosenProof, setProof] = useState<FairProof | null>(null);
  const [typed, setTyped] = useState<Partial<Record<SourceId, string>>>({});
  const { state, run, stop } = useWorkerTask<FairRequest, Fairness>(makeWorker);
  const bending = bears?.loads.findLast(({ infeed }) => infeed > 0)?.bend ?? 0;
  const proposal = fairOfPlan(read, lathe, hand, bending);
  const { thread } = read.evaluation;
  if (proposal === null || thread === null)
    return <p className="p-4">The question can be asked when the plan can be worked out.</p>;
  const proof = chosenProof ?? proposal.proof;
  const { unit } = thread;
  const spreads = Object.fromEntries(
    SOURCES.map(({ id }) => [id, readSpread(typed[id]) ?? proposal.spreads[id]]),
  ) as Record<SourceId, number>;
  const wrong = SOURCES.some(({ id }) => typed[id] !== undefined && readSpread(typed[id]) === null);
  const mate = thread.side === 'external' ? 'nut' : 'plug';
  const proofs: Record<FairProof, string> = {
    dial: 'The dial alone',
    wires: thread.side === 'external' ? 'Three wires' : 'Balls',
    nut: proposal.nutMeasured
      ? `The ${mate} at hand, ${proposal.base.nut} ${unit}`
      : `Any good ${mate} of its class`,
  };
  return (
    <div className="grid h-full min-h-0 grid-cols-[minmax(0,1fr)_17rem] bg-paper-raised">
      <section aria-label="Answer" className="grid min-h-0 content-start gap-2 overflow-y-auto p-3">
        {state.is === 'done' ? (
          <Answer result={state.result} base={proposal.base} unit={unit} />
        ) : (
          <div className="grid min-h-64 place-content-center gap-2 p-6 text-center">
            <p className="text-lg">Is this exercise fair?</p>
            <p className="max-w-prose text-ink-soft">
              {state.is === 'stopped'
                ? 'Stopped before the end: nothing is said.'
                : `It is cut ${TRIES.toLocaleString('en')} times on ${lathe.name}, each time a little otherwise, and it is counted how many land in the band.`}
            </p>
          </div>
        )}
        {state.is === 'failed' && (
          <Message tone="error">The tries could not be worked out. Change a figure and try again.</Message>
        )}
      </section>
      <section
        aria-label="Who cuts and what scatters"
        className="grid min-h-0 content-start gap-2.5 overflow-y-auto border-l border-rule p-3"
      >
        <Select
          label="Who cuts"
          value={hand}
          options={HANDS.map((id) => ({ value: id, text: HAND_TEXTS[id] }))}
          onChange={(value) => {
            setHand(HANDS.find((each) => each === value) ?? 'second-term');
            setTyped({});
          }}
        />
        <Select
          label="Proved by"
          value={proof}
          options={Object.entries(proofs).map(([value, text]) => ({ value, text }))}
          onChange={(value) => setProof(value as FairProof)}
        />
        <div className="flex flex-wrap items-center gap-2">
          <Button
            tone="main"
            disabled={wrong || state.is === 'running'}
            onClick={() => run({ fair: { ...proposal.base, proof, spreads }, tries: TRIES, seed: SEED })}
          >
            Try it
          </Button>
          {state.is === 'running' && (
            <TaskProgress share={state.share} label="Share of the tries" onStop={stop} />
          )}
        </div>
        <div className="grid grid-cols-2 items-start gap-2">
          {SOURCES.filter(({ proofs: of }) => of.includes(proof)).map(({ id, name, unit: kind, spread }) => (
            <Field
              key={id}
              label={`${id === 'nut' ? `The ${mate}` : name}${spread === 'most' ? ', most' : ' ±'}`}
              unit={kind === 'length' ? unit : '°'}
              inputMode="decimal"
              placeholder={String(proposal.spreads[id])}
              value={typed[id] ?? ''}
              error={
                typed[id] !== undefined && readSpread(typed[id]) === null ? 'A figure, 0 or more.' : undefined
              }
              onChange={(event) => {
                const text = event.target.value;
                setTyped({ ...typed, [id]: text.trim() === '' ? undefined : text });
              }}
            />
          ))}
        </div>
        <p className="text-xs text-ink-soft">
          Proposals are common practice. ± is one standard deviation; of the blank and the {mate} half of the
          width in which all are alike.
        </p>
      </section>
    </div>
  );
}

function readSpread(text: string | undefined): number | null {
  if (text === undefined || text.trim() === '') return null;
  const value = Number(text);
  return Number.isFinite(value) && value >= 0 ? value : null;
}

/** The chance in words, where the sizes fall, and what they come from. */
function Answer({ result, base, unit }: { result: Fairness; base: FairBase; unit: LengthUnit }) {
  const show = useShowLength();
  const shown = show.unitOf(unit);
  const scale = lengthIn({ value: 1, unit }, shown);
  const figures = (value: number) => show.figures(value, unit);
  const ofHundred = (share: number) =>
    share > 0.995 && share < 1
      ? 'over 99'
      : share > 0 && share < 0.005
        ? 'under 1'
        : String(Math.round(100 * share));
  const data = result.histogram.map(({ from, to, count }) => ({ at: ((from + to) / 2) * scale, count }));
  const sum = result.ranking.reduce((all, { total }) => all + total, 0);
  const { min, max } = base.limits;
  const [first = 0, last = 0] = [data[0]?.at, data.at(-1)?.at];
  const domain: [number, number] = [Math.min(first, min * scale), Math.max(last, max * scale)];
  const [larger, smaller] =
    base.side === 'external' ? ['still too large', 'cut too small'] : ['cut too large', 'still too small'];
  return (
    <>
      <p className="text-xl">
        <strong className="figures text-3xl">{ofHundred(result.lands)}</strong> of 100 land in the band.
      </p>
      <p className="text-ink-soft">
        <span className="figures">{ofHundred(result.tooLarge)}</span> are {larger},{' '}
        <span className="figures">{ofHundred(result.tooSmall)}</span> {smaller}. Nine in ten lie from{' '}
        <span className="figures">{figures(result.from)}</span> to{' '}
        <span className="figures">{figures(result.to)}</span> {shown}.
      </p>
      <div
        className="h-44"
        role="img"
        aria-label={`Pitch diameters of ${result.tries} tries against the band from ${figures(min)} to ${figures(max)} ${shown}.`}
      >
        <ResponsiveContainer width="100%" height="100%">
          <ComposedChart
            data={data}
            margin={{ top: 8, right: 28, bottom: 0, left: 28 }}
            accessibilityLayer={false}
            barCategoryGap={1}
          >
            <ReferenceArea
              x1={min * scale}
              x2={max * scale}
              fill="var(--color-go-wash)"
              stroke="var(--color-go)"
            />
            <ReferenceLine x={base.target * scale} stroke="var(--color-brass)" strokeDasharray="5 3" />
            <XAxis
              dataKey="at"
              type="number"
              domain={domain}
              tick={{ fontFamily: 'var(--font-figure)', fontSize: 12, fill: 'var(--color-ink)' }}
              tickFormatter={(value: number) => value.toFixed(LENGTH_DECIMALS[shown] - 1)}
              stroke="var(--color-ink-soft)"
            />
            <YAxis hide />
            <Bar dataKey="count" fill="var(--color-dye)" isAnimationActive={false} />
          </ComposedChart>
        </ResponsiveContainer>
      </div>
      <h3 className="text-lg">What it comes from</h3>
      {result.ranking.length === 0 && <p>Nothing scatters.</p>}
      <ol className="grid gap-1">
        {result.ranking.map(({ id, total }) => (
          <li key={id} className="grid grid-cols-[11rem_minmax(0,1fr)_5.5rem] items-center gap-2">
            <span>{SOURCES.find((each) => each.id === id)?.name}</span>
            <span aria-hidden className="h-3 bg-dye" style={{ width: `${Math.max(0.5, 100 * total)}%` }} />
            <span className="figures text-right">{ofHundred(total)} %</span>
          </li>
        ))}
      </ol>
      <p className="text-xs text-ink-soft">
        Share of the spread, with all that a source meets (Sobol, total order).
        {sum > 1.005 &&
          ` They add to ${Math.round(100 * sum)} %, for they overlap: what two sources do together counts with both.`}
      </p>
    </>
  );
}
