'use client';

import { NO_BOOK } from '@/core/exercise/plan/plan-book';
import { useEffect, useMemo } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { capital, MEASURING_WORDS } from '@/core/measuring/gauging/measuring-words';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import { EMPTY_PLAN_FORM, withLeaf, type PlanForm } from '@/core/exercise/plan/draft';
import type { MemberTable } from '@/core/measuring/tables/thread-table';
import { CopyFigure } from '@/ui/kit/copy-figure';
import { Figure } from '@/ui/kit/figure';
import { DepthRules } from '@/ui/parts/plan-fields/depth-rules';
import { PlanningProvider, usePlanning } from '@/ui/parts/plan-fields/planning-context';
import { AngleField } from '@/ui/parts/plan-fields/stages/compound-fields';
import { WorkDiameterField } from '@/ui/parts/plan-fields/stages/blank-fields';
import { TargetAndWires } from './target-and-wires';
import { ToolFields } from '@/ui/parts/plan-fields/stages/tool-fields';
import { usePlanWhys } from '@/ui/parts/plan-fields/use-plan-whys';
import { useSay } from '@/ui/kit/shop-words';
import { useShowLength } from '@/ui/units/display-unit';

/** A table asks no lathe of the shop. */
const NO_LATHES: never[] = [];

/** Where the view keeps what was typed. */
export interface TypedTool {
  read: () => PlanForm | null;
  write: (typed: PlanForm) => void;
}

/** Tool, depth and feed for a real blank or bore, without an exercise: the fields of planning on their own. */
export default function ToolAndDepth({
  member,
  typed: kept,
  basis,
}: {
  member: MemberTable;
  /** Kept by the view, so that another thread does not clear what was typed. */
  typed: TypedTool;
  basis?: string | undefined;
}) {
  const form = useForm<PlanForm>({ defaultValues: kept.read() ?? EMPTY_PLAN_FORM });
  const typed = useWatch({ control: form.control }) as PlanForm;
  useEffect(() => kept.write(typed), [kept, typed]);
  const values = useMemo(
    () => withLeaf(typed, 'thread.designation', member.designation),
    [typed, member.designation],
  );
  const lathe = useMemo(() => usualLathe(member.thread.unit), [member.thread.unit]);
  const read = useMemo(() => readPlan(values, lathe), [values, lathe]);
  const words = MEASURING_WORDS[member.limits.side];
  const say = useSay();
  return (
    <PlanningProvider
      value={{
        exerciseId: null,
        form,
        values,
        read,
        lathe,
        lathes: NO_LATHES,
        book: NO_BOOK,
        touched: () => true,
      }}
    >
      <section aria-label="Tool and depth" className="grid gap-2">
        <h2 className="text-xl">Tool and depth, {member.designation}</h2>
        {basis !== undefined && (
          <p className="text-sm">Here the limits are those of the normal length of engagement.</p>
        )}
        <div className="grid grid-cols-[repeat(4,minmax(0,1fr))] items-start gap-4 tablet:grid-cols-2">
          <div className="grid gap-3">
            <h3 className="label border-b border-rule text-ink-soft">{words.work}</h3>
            <WorkDiameterField />
          </div>
          <div className="grid gap-3">
            <h3 className="label border-b border-rule text-ink-soft">Tool</h3>
            <ToolFields />
          </div>
          <div className="grid gap-3">
            <h3 className="label border-b border-rule text-ink-soft">Target and {words.pieces}</h3>
            <TargetAndWires />
          </div>
          <div className="grid gap-3">
            <h3 className="label border-b border-rule text-ink-soft">{say('Compound')}</h3>
            <AngleField />
            <DepthFigures over={capital(words.over)} />
          </div>
        </div>
        <DepthRules />
      </section>
    </PlanningProvider>
  );
}

function DepthFigures({ over }: { over: string }) {
  const { read } = usePlanning();
  const whys = usePlanWhys();
  const show = useShowLength();
  const { thread, radialDepth, feed, overWires } = read.evaluation;
  const unit = thread?.unit ?? 'in';
  const figures = [
    { label: 'Radial depth', value: radialDepth, why: whys.radialDepth },
    { label: 'Compound feed', value: feed, why: whys.compoundFeed },
    { label: `${over} at the target`, value: overWires?.target ?? null, why: whys.overWires },
  ];
  return figures.map(({ label, value, why }) => (
    <Figure
      key={label}
      size="large"
      label={label}
      value={
        value === null ? null : (
          <span className="mt-1.5 -ml-1 inline-block">
            <CopyFigure label={label} figures={show.figures(value, unit)} />
          </span>
        )
      }
      unit={show.unitOf(unit)}
      why={why}
    />
  ));
}
