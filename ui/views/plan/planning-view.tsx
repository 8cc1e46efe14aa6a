'use client';

import { NO_BOOK, type PlanBook } from '@/core/exercise/plan/plan-book';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { dialText } from '@/core/machine/lathe/dial-text';
import { feedDial } from '@/core/machine/lathe/feed-dial';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { leafOf, type PlanForm, type PlanStageId } from '@/core/exercise/plan/draft';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import { refusedByLathe } from '@/core/exercise/sheet/refused-by-lathe';
import { slideOf } from '@/core/machine/technique/slide-of';
import { PassRibbon } from '@/ui/kit/pass-ribbon';
import { StageRail } from '@/ui/kit/stage-rail';
import { useToast } from '@/ui/kit/toast';
import { rememberClass } from '@/ui/shell/class-on-view';
import { send } from '@/ui/shell/send';
import { fetchedPart } from '@/ui/kit/fetched-part';
import { useSetting, writeSetting } from '@/ui/kit/settings';
import { useShowLength } from '@/ui/units/display-unit';
import type { HandOutStudent } from './hand-out-dialog';
import { IssueList } from './issue-list';
import { PlanTargetStrip } from './plan-target-strip';
import {
  PassShownProvider,
  PlanningProvider,
  StepChosenProvider,
  type Planning,
} from '@/ui/parts/plan-fields/planning-context';
import { StageFields } from '@/ui/parts/plan-fields/stages/stage-fields';
import { stageResults, stageTitle } from './stage-results';
import type { OtherExercise } from './begin-with';
import { NewProposals, useNewProposals } from './new-proposals';
import { PlanActions } from './plan-actions';
import { isDrawable, PlanViews } from './plan-views';
import { PlanningHeader } from './planning-header';
import { stopWords } from './stop-words';
import { useDraftSaving } from './use-draft-saving';
import { usePlanningKeys } from './use-planning-keys';

const STAGES_WITH_PROPOSALS: ReadonlySet<PlanStageId> = new Set([
  'blank',
  'tool',
  'compound',
  'target',
  'passes',
]);

const ConflictDialog = fetchedPart(() => import('./conflict-dialog'), 'Opening…');
const HandOutDialog = fetchedPart(() => import('./hand-out-dialog'), 'Opening…', { ahead: true });
const BeginWith = fetchedPart(() => import('./begin-with'), 'Looking up the ways of working…');
const NONE: OtherExercise[] = [];
const NO_CLASSES: { id: number; name: string }[] = [];

export interface PlanningViewProps {
  exerciseId: number;
  draft: PlanForm;
  draftVersion: number;
  draftSaveId?: string | null;
  revisions: { number: number; issuedAt: string }[];
  students: HandOutStudent[];
  lathes: { id: number; lathe: Lathe }[];
  /** Tools and gauges of the shop's book. */
  book?: PlanBook;
  /** Exercises of the shop to begin a new one with. */
  others?: OtherExercise[];
  /** The class that it is made in; null in tests of the view alone. */
  classId?: number | null;
  className?: string;
  lentFrom?: string | null;
  otherClasses?: readonly { id: number; name: string }[];
  who: { name: string; role: string };
}

/** Planning an exercise: rail of stages, drawing, fields, and the passes along the bottom. */
export function PlanningView(props: PlanningViewProps) {
  const { exerciseId, draft, draftVersion, draftSaveId = null, revisions, students, lathes, who } = props;
  const { others = NONE, book = NO_BOOK, classId = null, otherClasses = NO_CLASSES } = props;
  useEffect(() => {
    if (classId !== null) rememberClass(classId);
  }, [classId]);
  const form = useForm<PlanForm>({
    defaultValues: draft,
  });
  const values = useWatch({ control: form.control }) as PlanForm;
  const saving = useDraftSaving(exerciseId, values, { form: draft, draftVersion, draftSaveId }, (stored) =>
    form.reset(stored, { keepDefaultValues: true, keepFieldsRef: true }),
  );
  const { dirtyFields, touchedFields } = form.formState;
  // The form changes its records of touched and changed fields in place; their text tells when.
  const marks = JSON.stringify([touchedFields, dirtyFields]);
  const router = useRouter();
  const say = useToast();
  const show = useShowLength();
  const [lookedAt] = useSetting('lathe');
  const lathe = useLathe(lathes, lookedAt, values.typedBefore.dialUnit);
  const read = useMemo(() => readPlan(values, lathe), [values, lathe]);
  const proposals = useNewProposals({ form, values, read });
  const [stage, setStage] = useState<PlanStageId>('thread');
  const [tab, setTab] = useState('stage');
  const [pass, setPass] = useState<number | null>(null);
  const [step, setStep] = useState<string | null>(null);
  const [handingOut, setHandingOut] = useState(false);

  const [choosing, setChoosing] = useState(true);
  const openHandOut = useCallback(() => setHandingOut(true), []);
  const openVersions = useCallback(() => setChoosing(true), []);
  const onLookAt = useCallback((id: number) => writeSetting('lathe', String(id)), []);

  const planning = useMemo<Planning>(() => {
    const [touchedFields, dirtyFields] = JSON.parse(marks) as [object, object];
    const touched = (field: string) =>
      isSet(touchedFields, field) || isSet(dirtyFields, field) || leafOf(draft, field) !== '';
    return { exerciseId, form, values, read, lathe, lathes, book, touched };
  }, [exerciseId, form, values, read, lathe, lathes, book, draft, marks]);
  const { thread, passes, stops } = read.evaluation;
  const chosen = Math.min(pass ?? passes?.length ?? 0, passes?.length ?? 0);
  const stepChosen = useMemo(() => ({ chosen: step, onChoose: setStep }), [step]);
  const shown = useMemo(() => ({ chosen, onChoose: setPass }), [chosen]);
  const stages = useMemo(
    () => stageResults(read, values, show, planning.touched),
    [read, values, show, planning],
  );

  const keys = usePlanningKeys({
    passes: passes?.length ?? 0,
    thread,
    onPass: setPass,
    onStage: setStage,
    onTab: setTab,
    onHandOut: openHandOut,
  });

  async function handOut(
    studentIds: number[],
    latheIds: number[],
    latheOf: { studentId: number; latheId: number }[],
  ): Promise<string | null> {
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
        latheOf,
      },
    );
    if (!sent.ok) return sent.message;
    const count = sent.value.attempts.length;
    say(`Revision ${sent.value.revision} handed out to ${count} ${count === 1 ? 'student' : 'students'}.`);
    router.push(classId === null ? '/' : `/?class=${classId}`);
    router.refresh();
    return null;
  }

  const { perTurn } = feedDial(lathe, slideOf(read.inputs.chosen?.way.infeed ?? 'compound')).dial;
  const ribbon = useMemo(
    () =>
      passes?.map((each) => ({
        n: each.n,
        kind: each.kind,
        infeed: each.infeed,
        chip: each.chipArea,
        reading: dialText(each.dialReading, perTurn),
        stop: stopWords(stops, each),
      })) ?? null,
    [passes, perTurn, stops],
  );
  return (
    <PlanningProvider value={planning}>
      <StepChosenProvider value={stepChosen}>
        <div className="grid h-dvh min-h-[40rem] grid-rows-[auto_auto_minmax(0,1fr)_auto]">
          <PlanningHeader
            who={who}
            title={values.title}
            keys={keys}
            state={saving.state}
            problem={saving.problem}
            onChooseVersion={openVersions}
            lathes={lathes}
            lathe={lathe}
            onLookAt={onLookAt}
            handedOut={revisions[0]?.number}
            exerciseId={exerciseId}
            inClass={otherClasses.length === 0 ? null : (props.className ?? null)}
            lentFrom={props.lentFrom ?? null}
            otherClasses={otherClasses}
          />
          <PlanTargetStrip />
          <main className="grid min-h-0 grid-cols-[13.5rem_minmax(0,1fr)_17.5rem] tablet:grid-cols-[11.5rem_minmax(0,1fr)_16rem]">
            <StageRail label="Stages of the plan" stages={stages} chosen={stage} onChoose={setStage} />
            {isDrawable(read) ? (
              <PassShownProvider value={shown}>
                <PlanViews tab={tab} stage={stage} onTab={setTab} />
              </PassShownProvider>
            ) : (
              <section aria-label="What is missing" className="min-h-0 overflow-auto bg-paper-raised p-6">
                {values.thread.designation === '' ? (
                  <BeginWith others={others} />
                ) : (
                  <>
                    <h2 className="mb-2 text-2xl">The drawing appears when these can be read</h2>
                    <IssueList onGo={setStage} />
                    <NewProposals {...proposals} />
                  </>
                )}
              </section>
            )}
            <section
              aria-label={`Fields of ${stageTitle(stage, thread)}`}
              className="flex min-h-0 flex-col border-l border-rule bg-paper contain-strict"
            >
              <div className="grid min-h-0 flex-1 content-start gap-3 overflow-y-auto p-3" key={stage}>
                <h2 className="text-xl">{stageTitle(stage, thread)}</h2>
                <StageFields stage={stage} />
                {isDrawable(read) && <NewProposals {...proposals} />}
                {STAGES_WITH_PROPOSALS.has(stage) && (
                  <p className="text-sm text-ink-soft">
                    Figures in <em>italics</em> are proposed. Type over them; empty a field to take the
                    proposal again.
                  </p>
                )}
              </div>
              <PlanActions
                ready={read.plan !== null}
                toMend={read.issues.length}
                sheet={`/exercises/${exerciseId}/sheet?lathe=${lathes.find((each) => each.lathe === lathe)?.id ?? ''}`}
                onHandOut={openHandOut}
              />
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
        {handingOut && read.plan !== null && (
          <HandOutDialog
            open
            onOpenChange={setHandingOut}
            students={students}
            lathes={lathes.map(({ id, lathe: each }) => ({
              id,
              name: each.name,
              dials: feedDial(each, slideOf(read.inputs.chosen?.way.infeed ?? 'compound')).dial.graduation
                .unit,
              refused: read.plan === null ? undefined : refusedByLathe(read.plan, each)[0],
            }))}
            nextRevision={(revisions[0]?.number ?? 0) + 1}
            onHandOut={handOut}
          />
        )}
      </StepChosenProvider>
    </PlanningProvider>
  );
}

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
