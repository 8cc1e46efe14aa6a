'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { memo, useMemo, useState } from 'react';
import { useForm, useWatch, type UseFormReturn } from 'react-hook-form';
import { grooveCaseOf } from '@/core/groove';
import { dialText, usualLathe, type Lathe } from '@/core/lathe';
import { leafOf, PLAN_STAGES, readPlan, usualWay, type PlanForm, type PlanStageId } from '@/core/plan';
import { fitOf, pitchOf, printTpi } from '@/core/thread';
import { Button, buttonClass } from '../kit/button';
import { PassRibbon } from '../kit/pass-ribbon';
import { StageRail } from '../kit/stage-rail';
import { Tabs } from '../kit/tabs';
import { useToast } from '../kit/toast';
import { ThreadSection } from '../drawing/thread-section';
import { Header } from '../shell/header';
import { ThreadTables } from '../thread/thread-tables';
import { send } from '../shell/send';
import { useSetting } from '../shell/settings';
import { useShowLength } from '../units/display-unit';
import { DepthRules } from './depth-rules';
import { HandOutDialog, type HandOutStudent } from './hand-out-dialog';
import { IssueList } from './issue-list';
import { PassTable } from './pass-table';
import { PlanTargetStrip } from './plan-target-strip';
import { PlanningProvider, type Planning } from './planning-context';
import { StageFields } from './stages/stage-fields';
import { stageResults, stageTitle } from './stage-results';
import { ConflictDialog } from './conflict-dialog';
import { LatheLookedAt } from './lathe-looked-at';
import { NewProposals, useNewProposals } from './new-proposals';
import { useDraftSaving, type SavingState } from './use-draft-saving';

const PassChart = dynamic(() => import('./pass-chart'), {
  ssr: false,
  loading: () => <p className="p-4">Drawing the chart…</p>,
});

const STAGES_WITH_PROPOSALS: ReadonlySet<PlanStageId> = new Set([
  'blank',
  'tool',
  'compound',
  'target',
  'passes',
]);

export interface PlanningViewProps {
  exerciseId: number;
  draft: PlanForm;
  draftVersion: number;
  draftSaveId?: string | null;
  revisions: { number: number; issuedAt: string }[];
  students: HandOutStudent[];
  lathes: { id: number; lathe: Lathe }[];
  who: { name: string; role: string };
}

/** Planning an exercise: the form and its saving, and the desk on which what follows is drawn. */
export function PlanningView(props: PlanningViewProps) {
  const { exerciseId, draft, draftVersion, draftSaveId = null } = props;
  const form = useForm<PlanForm>({
    defaultValues: draft,
  });
  const values = useWatch({ control: form.control }) as PlanForm;
  const saving = useDraftSaving(exerciseId, values, { form: draft, draftVersion, draftSaveId }, (stored) =>
    form.reset(stored, { keepDefaultValues: true }),
  );
  const { dirtyFields, touchedFields } = form.formState;
  // The form changes its records of touched and changed fields in place; their text tells when.
  const marks = JSON.stringify([touchedFields, dirtyFields]);
  return <PlanningDesk {...props} form={form} values={values} marks={marks} saving={saving} />;
}

interface PlanningDeskProps extends PlanningViewProps {
  form: UseFormReturn<PlanForm>;
  values: PlanForm;
  /** Fields touched and fields changed, as text. */
  marks: string;
  saving: ReturnType<typeof useDraftSaving>;
}

/** Rail of stages, drawing, fields, and the passes along the bottom, for values of the form. */
const PlanningDesk = memo(function PlanningDesk(props: PlanningDeskProps) {
  const { exerciseId, draft, revisions, students, lathes, who, form, values, marks, saving } = props;
  const router = useRouter();
  const say = useToast();
  const show = useShowLength();
  const [lookedAt, lookAt] = useSetting('lathe');
  const lathe = useLathe(lathes, lookedAt, values.typedBefore.dialUnit);
  const read = useMemo(() => readPlan(values, lathe), [values, lathe]);
  const proposals = useNewProposals({ form, values, read });
  const [stage, setStage] = useState<PlanStageId>('thread');
  const [tab, setTab] = useState('section');
  const [pass, setPass] = useState<number | null>(null);
  const [handingOut, setHandingOut] = useState(false);

  const [choosing, setChoosing] = useState(true);

  const planning = useMemo<Planning>(() => {
    const [touchedFields, dirtyFields] = JSON.parse(marks) as [object, object];
    const touched = (field: string) =>
      isSet(touchedFields, field) || isSet(dirtyFields, field) || leafOf(draft, field) !== '';
    return { form, values, read, lathe, touched };
  }, [form, values, read, lathe, draft, marks]);
  const { thread, passes, blank, tip, target, limits, rootDiameter } = read.evaluation;
  const chosen = Math.min(pass ?? passes?.length ?? 0, passes?.length ?? 0);
  const stages = useMemo(
    () => stageResults(read, values, show, planning.touched),
    [read, values, show, planning],
  );

  const keys = useMemo(
    () => [
      {
        key: '.',
        does: 'Next pass',
        run: () => setPass((now) => Math.min((now ?? passes?.length ?? 0) + 1, passes?.length ?? 0)),
      },
      {
        key: ',',
        does: 'Pass before',
        run: () => setPass((now) => Math.max((now ?? passes?.length ?? 0) - 1, 0)),
      },
      ...PLAN_STAGES.map(({ id }, index) => ({
        key: String(index + 1),
        does: stageTitle(id, thread),
        run: () => setStage(id),
      })),
      { key: 's', does: 'Section', run: () => setTab('section') },
      { key: 'p', does: 'Table of passes', run: () => setTab('passes') },
      { key: 'c', does: 'Chart of infeed and chip', run: () => setTab('chart') },
      { key: 'l', does: 'Limits of the thread and its mate', run: () => setTab('tables') },
      { key: 'r', does: 'Rules of thumb for the depth', run: () => setTab('rules') },
      { key: 'h', does: 'Hand out', run: () => setHandingOut(true) },
    ],
    [passes?.length, thread],
  );

  async function handOut(studentIds: number[], latheIds: number[]): Promise<string | null> {
    if (saving.conflict !== null) return 'Choose first between the two versions of this exercise.';
    if (read.plan === null) return 'The plan has a field to mend first.';
    const version = await saving.settledVersion();
    const sent = await send<{ revision: number; attempts: { id: number }[] }>(
      'POST',
      `/api/exercises/${exerciseId}/hand-out`,
      {
        form: form.getValues(),
        draftVersion: version,
        studentIds,
        latheIds,
      },
    );
    if (!sent.ok) return sent.message;
    const count = sent.value.attempts.length;
    say(`Revision ${sent.value.revision} handed out to ${count} ${count === 1 ? 'student' : 'students'}.`);
    router.push('/');
    router.refresh();
    return null;
  }

  const angle = read.inputs.compoundAngleDeg;
  const groove = useMemo(
    () =>
      thread === null || tip === null || angle === undefined
        ? null
        : grooveCaseOf(thread, usualWay(thread), tip, angle),
    [thread, tip, angle],
  );
  const feeds = useMemo(
    () => passes?.map(({ reading, start }) => ({ reading, start: start - 1 })) ?? [],
    [passes],
  );
  const pitchDiameter = useMemo(
    () => (limits === null || target === null ? null : { ...limits.pitchDiameter, target }),
    [limits, target],
  );
  const { perTurn } = lathe.compound.dial;
  const ribbon = useMemo(
    () =>
      passes?.map((each) => ({
        n: each.n,
        kind: each.kind,
        infeed: each.infeed,
        chip: each.chipArea,
        reading: dialText(each.dialReading, perTurn),
      })) ?? null,
    [passes, perTurn],
  );
  const drawable =
    groove !== null &&
    thread !== null &&
    passes !== null &&
    blank !== null &&
    pitchDiameter !== null &&
    limits !== null &&
    rootDiameter !== null;

  return (
    <PlanningProvider value={planning}>
      <div className="grid h-dvh min-h-[40rem] grid-rows-[auto_auto_minmax(0,1fr)_auto]">
        <Header who={who} title={values.title === '' ? 'New exercise' : values.title} keys={keys}>
          <SavingText state={saving.state} problem={saving.problem} onChoose={() => setChoosing(true)} />
          <LatheLookedAt lathes={lathes} chosen={lathe} onChoose={(id) => lookAt(String(id))} />
          {revisions[0] !== undefined && (
            <span className="text-sm text-ink-soft">revision {revisions[0].number} is handed out</span>
          )}
        </Header>
        <PlanTargetStrip />
        <main className="grid min-h-0 grid-cols-[13.5rem_minmax(0,1fr)_17.5rem] tablet:grid-cols-[11.5rem_minmax(0,1fr)_16rem]">
          <StageRail label="Stages of the plan" stages={stages} chosen={stage} onChoose={setStage} />
          {drawable ? (
            <Tabs
              label="What the plan gives"
              value={tab}
              onChange={setTab}
              tabs={[
                {
                  id: 'section',
                  title: 'Section',
                  content: (
                    <ThreadSection
                      groove={groove}
                      side={thread.side}
                      unit={thread.unit}
                      workDiameter={blank}
                      pitchDiameter={pitchDiameter}
                      rootDiameter={rootDiameter}
                      feeds={feeds}
                      chosen={chosen}
                      pitchText={
                        thread.unit === 'in'
                          ? `P ${show.figures(pitchOf(thread), 'in')} · ${printTpi(thread)} TPI`
                          : `P ${show.figures(pitchOf(thread), 'mm')}`
                      }
                    />
                  ),
                },
                {
                  id: 'passes',
                  title: 'Passes',
                  content: (
                    <PassTable
                      passes={passes}
                      side={thread.side}
                      unit={thread.unit}
                      perTurn={perTurn}
                      chosen={chosen}
                      onChoose={setPass}
                    />
                  ),
                },
                {
                  id: 'chart',
                  title: 'Chart',
                  content: (
                    <PassChart passes={passes} unit={thread.unit} chosen={chosen} onChoose={setPass} />
                  ),
                },
                {
                  id: 'tables',
                  title: 'Limits',
                  content: <ThreadTables narrow fit={fitOf(thread)} />,
                },
                {
                  id: 'rules',
                  title: 'Depth rules',
                  content: (
                    <div className="p-3">
                      <DepthRules />
                    </div>
                  ),
                },
              ]}
            />
          ) : (
            <section aria-label="What is missing" className="min-h-0 overflow-auto bg-paper-raised p-6">
              <h2 className="mb-2 text-2xl">The drawing appears when these can be read</h2>
              <IssueList onGo={setStage} />
              <NewProposals {...proposals} />
            </section>
          )}
          <section
            aria-label={`Fields of ${stageTitle(stage, thread)}`}
            className="flex min-h-0 flex-col border-l border-rule bg-paper"
          >
            <div className="grid min-h-0 flex-1 content-start gap-3 overflow-y-auto p-3" key={stage}>
              <h2 className="text-xl">{stageTitle(stage, thread)}</h2>
              <StageFields stage={stage} />
              {drawable && <NewProposals {...proposals} />}
              {STAGES_WITH_PROPOSALS.has(stage) && (
                <p className="text-sm text-ink-soft">
                  Figures in <em>italics</em> are proposed. Type over them; empty a field to take the proposal
                  again.
                </p>
              )}
            </div>
            <div className="grid grid-cols-[1fr_auto] gap-2 border-t border-rule p-3">
              <Button tone="main" disabled={read.plan === null} onClick={() => setHandingOut(true)}>
                Hand out…
              </Button>
              <Link
                href={`/exercises/${exerciseId}/card?lathe=${lathes.find((each) => each.lathe === lathe)?.id ?? ''}`}
                className={buttonClass('plain')}
                aria-disabled={read.plan === null}
              >
                Card
              </Link>
              {read.plan === null && (
                <p className="col-span-2 text-sm text-ink-soft">{stillToMend(read.issues.length)}</p>
              )}
            </div>
          </section>
        </main>
        {ribbon !== null && <PassRibbon chosen={chosen} onChoose={setPass} passes={ribbon} />}
      </div>
      {saving.conflict !== null && (
        <ConflictDialog
          conflict={saving.conflict}
          open={choosing}
          onOpenChange={setChoosing}
          onSettle={saving.settle}
        />
      )}
      <HandOutDialog
        open={handingOut && read.plan !== null}
        onOpenChange={setHandingOut}
        students={students}
        lathes={lathes.map(({ id, lathe: { name } }) => ({ id, name }))}
        nextRevision={(revisions[0]?.number ?? 0) + 1}
        onHandOut={handOut}
      />
    </PlanningProvider>
  );
});

/** The lathe looked at: the one chosen in this browser, the first of the shop, or a usual one. */
function useLathe(lathes: PlanningViewProps['lathes'], chosen: string | null, dialUnit: string): Lathe {
  return useMemo(
    () =>
      (lathes.find(({ id }) => String(id) === chosen) ?? lathes[0])?.lathe ??
      usualLathe(dialUnit === 'mm' ? 'mm' : 'in'),
    [lathes, chosen, dialUnit],
  );
}

/** Whether a form's record of touched or changed fields names a field. */
function isSet(record: object, field: string): boolean {
  const found = field
    .split('.')
    .reduce<unknown>((at, name) => (at as Record<string, unknown> | undefined)?.[name], record);
  return found === true;
}

function stillToMend(count: number): string {
  return `${count} ${count === 1 ? 'field' : 'fields'} to mend before it can be handed out.`;
}

function SavingText({
  state,
  problem,
  onChoose,
}: {
  state: SavingState;
  problem: string | null;
  onChoose: () => void;
}) {
  if (state === 'conflict') {
    return (
      <button type="button" onClick={onChoose} className="min-h-9 text-sm font-medium text-nogo underline">
        Two versions: choose
      </button>
    );
  }
  const text = {
    saved: 'Draft saved',
    typing: 'Draft changed',
    saving: 'Saving…',
    waiting: `Not saved yet: ${problem ?? ''} It is sent by itself.`,
    refused: problem ?? 'Not saved',
  }[state];
  return (
    <span
      role="status"
      className={`min-w-0 truncate text-sm ${state === 'waiting' || state === 'refused' ? 'font-medium text-nogo' : 'text-ink-soft'}`}
    >
      {text}
    </span>
  );
}
