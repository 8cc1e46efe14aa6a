'use client';

import { memo, useMemo } from 'react';
import { idealForm } from '@/core/cutting/cut/ideal-form';
import { grooveCaseOf } from '@/core/cutting/groove/groove-case';
import type { PlanStageId } from '@/core/exercise/plan/draft';
import type { ReadPlan } from '@/core/exercise/plan/read/read-plan';
import { feedDial } from '@/core/machine/lathe/feed-dial';
import { slideOf } from '@/core/machine/technique/slide-of';
import { fitOf } from '@/core/thread/standards/fit';
import { formOf } from '@/core/thread/standards/systems';
import { leadOf, pitchOf, type Thread } from '@/core/thread/standards/thread';
import { printDesignation } from '@/core/thread/standards/print-designation';
import { printTpi } from '@/core/thread/standards/inch-size';
import { ThreadSection } from '@/ui/drawing/thread-section';
import { Tabs } from '@/ui/kit/tabs';
import { fetchedPart } from '@/ui/kit/fetched-part';
import { ThreadTables } from '@/ui/parts/thread/thread-tables';
import { useShowLength, type ShowLength } from '@/ui/units/display-unit';
import { DepthRules } from '@/ui/parts/plan-fields/depth-rules';
import { BlankDrawing } from './drawings/blank-drawing';
import { HoldingDrawing } from './drawings/holding-drawing';
import { ProofDrawing } from './drawings/proof-drawing';
import { ToolDrawing } from './drawings/tool-drawing';
import { TopView } from './drawings/top-view';
import { usePassShown, usePlanning } from '@/ui/parts/plan-fields/planning-context';
import { stopWords } from './stop-words';

/** Whether all is there that the views of a plan show. */
export function isDrawable({ evaluation, inputs }: ReadPlan): boolean {
  const { thread, passes, blank, tip, target, limits, rootDiameter } = evaluation;
  return (
    [thread, passes, blank, tip, target, limits, rootDiameter].every((value) => value !== null) &&
    inputs.compoundAngleDeg !== undefined
  );
}

/**
 * What the plan gives, one view at a time: section, passes, chart, limits, rules of thumb. Only the chosen one is made, and
 * each reads the plan and the pass shown itself, so that the tabs around it are left alone while one types.
 */
export const PlanViews = memo(function PlanViews({
  tab,
  stage,
  onTab,
}: {
  tab: string;
  stage: PlanStageId;
  onTab: (tab: string) => void;
}) {
  const View = tab === 'stage' ? (STAGE_VIEWS[stage] ?? PlanSection) : VIEWS[tab];
  return (
    <Tabs label="What the plan gives" tabs={TABS} value={tab} onChange={onTab}>
      {View !== undefined && <View />}
    </Tabs>
  );
});

const TABS = [
  { id: 'stage', title: 'Drawing' },
  { id: 'section', title: 'Section' },
  { id: 'passes', title: 'Passes' },
  { id: 'chart', title: 'Chart' },
  { id: 'tables', title: 'Limits' },
  { id: 'rules', title: 'Rules' },
  { id: 'machine', title: 'Machine' },
  { id: 'lathes', title: 'Lathes' },
  { id: 'what-if', title: 'What if' },
  { id: 'fair', title: 'Fair?' },
] as const;

function PlanPasses() {
  const shown = usePassShown();
  const { read, lathe } = usePlanning();
  const { thread, passes, stops } = read.evaluation;
  if (thread === null || passes === null) return null;
  return (
    <PassTable
      passes={passes}
      stopAfter={(pass) => stopWords(stops, pass)}
      side={thread.side}
      unit={thread.unit}
      perTurn={feedDial(lathe, slideOf(read.inputs.chosen?.way.infeed ?? 'compound')).dial.perTurn}
      {...shown}
    />
  );
}

function PlanLimits() {
  const { thread } = usePlanning().read.evaluation;
  return thread === null ? null : <ThreadTables narrow fit={fitOf(thread)} />;
}

/** The section of the plan's passes as planned. */
function PlanSection() {
  const { read } = usePlanning();
  const { chosen, onChoose } = usePassShown();
  const show = useShowLength();
  const { thread, passes, blank, tip, target, limits, rootDiameter } = read.evaluation;
  const wire = read.evaluation.wire ?? read.evaluation.bestWire;
  const angle = read.evaluation.feedAngleDeg;
  const way = read.inputs.chosen?.way;
  const groove = useMemo(
    () =>
      thread === null || tip === null || angle === null || way === undefined
        ? null
        : grooveCaseOf(thread, way, tip, angle),
    [thread, tip, angle, way],
  );
  const feeds = useMemo(
    () => passes?.map(({ reading, start }) => ({ reading, start: start - 1 })) ?? [],
    [passes],
  );
  const pitchDiameter = useMemo(
    () => (limits === null || target === null ? null : { ...limits.pitchDiameter, target }),
    [limits, target],
  );
  const ideal = useMemo(
    () =>
      thread === null || blank === null
        ? null
        : idealForm({
            form: formOf(thread),
            pitch: pitchOf(thread),
            nominalDiameter: thread.nominalDiameter,
            side: thread.side,
            workDiameter: blank,
          }),
    [thread, blank],
  );
  if (groove === null || thread === null || blank === null || pitchDiameter === null || rootDiameter === null)
    return null;
  return (
    <ThreadSection
      groove={groove}
      side={thread.side}
      unit={thread.unit}
      workDiameter={blank}
      pitchDiameter={pitchDiameter}
      rootDiameter={rootDiameter}
      feeds={feeds}
      chosen={chosen}
      pitchText={pitchText(thread, show)}
      wire={wire}
      ideal={ideal}
      onChoose={onChoose}
      name={`${read.inputs.title ?? 'section'} ${printDesignation(thread)}`}
    />
  );
}

function pitchText(thread: Thread, show: ShowLength): string {
  const pitch = `P ${show.figures(pitchOf(thread), thread.unit)}`;
  if (thread.starts > 1) return `${pitch} · lead ${show.figures(leadOf(thread), thread.unit)}`;
  return thread.unit === 'in' ? `${pitch} · ${printTpi(thread)} TPI` : pitch;
}

function PlanRules() {
  return (
    <div className="p-3">
      <DepthRules />
    </div>
  );
}

const PassTable = fetchedPart(() => import('./pass-table'), 'Listing the passes…', { ahead: true });
const ScheduleView = fetchedPart(() => import('./views/schedule-view'), 'Drawing the chart…');
const MachineView = fetchedPart(() => import('./views/machine-view'), 'Looking at the machine…');
const WhatIfView = fetchedPart(() => import('./views/what-if-view'), 'Cutting the thread…');
const FairView = fetchedPart(() => import('./views/fair-view'), 'Thinking of the class…');
const WhichLatheView = fetchedPart(() => import('./views/which-lathe-view'), 'Asking the lathes…');

const VIEWS: Record<string, () => React.JSX.Element | null> = {
  section: PlanSection,
  passes: PlanPasses,
  chart: () => <ScheduleView />,
  tables: PlanLimits,
  rules: PlanRules,
  machine: () => <MachineView />,
  lathes: () => <WhichLatheView />,
  'what-if': () => <WhatIfView />,
  fair: () => <FairView />,
};

const StepsList = fetchedPart(() => import('./steps-list'), 'Listing the steps…');

/** Stages that have a drawing of their own; the others show the section. */
const STAGE_VIEWS: Partial<Record<PlanStageId, () => React.JSX.Element | null>> = {
  blank: BlankDrawing,
  holding: HoldingDrawing,
  technique: TopView,
  compound: TopView,
  tool: ToolDrawing,
  target: ProofDrawing,
  steps: () => <StepsList />,
};
