'use client';

import { boreAdvice, explainBoreAdvice } from '@/core/thread/bore/bore-advice';
import type { PlanEvaluation } from '@/core/exercise/plan/plan-evaluation';
import { Figure } from '@/ui/kit/figure';
import { useShowLength } from '@/ui/units/display-unit';
import { END_LENGTH_FIELD } from '@/core/exercise/plan/read/read-work';
import { endsOf } from '@/core/machine/technique/forbidden';
import type { WorkEnd } from '@/core/machine/technique/choices';
import { PlanFold } from '../plan-fold';
import { PlanCheck, PlanChoice, PlanSelect, PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { BoreByPercent } from './bore-by-percent';
import { END_TEXTS, optionsOf } from './option-texts';
import { plain } from './plain';
import { useUnits } from './use-units';

/** The real blank or bore, how the thread ends, and the part around it. */
export function BlankFields() {
  return (
    <>
      <WorkDiameterField />
      <EndFields />
      <PartFields />
    </>
  );
}

const END_LABELS: Record<WorkEnd, { label: string; hint: string }> = {
  groove: { label: 'Width of the run-out groove', hint: 'What the tool can stop in.' },
  recess: { label: 'Width of the recess', hint: 'What the tool can stop in.' },
  boss: { label: 'Length of the boss', hint: 'Under the root, beyond the thread.' },
  through: {
    label: 'Stand-off from the jaws',
    hint: 'Room behind the work: the whole tool comes out there.',
  },
  mark: { label: 'Imperfect thread length', hint: 'Within which the tool is drawn out.' },
};

/** Where the cut ends, and the room for it; each end keeps its own figure. */
function EndFields() {
  const { read } = usePlanning();
  const units = useUnits();
  const show = useShowLength();
  const { thread, relief, leastRunOut } = read.evaluation;
  const side = thread?.side ?? 'external';
  const end = read.inputs.chosen?.way.end ?? 'groove';
  const { label, hint } = END_LABELS[end];
  const proposed = {
    groove: read.defaults?.runOutWidth,
    recess: read.defaults?.runOutWidth,
    boss: read.defaults?.runOutWidth,
    through: read.defaults?.standOff,
    mark: read.defaults?.imperfectLength,
  }[end];
  const least =
    leastRunOut === null
      ? hint
      : `${hint} At this speed at least ${show.figures(leastRunOut, units.thread)}.`;
  return (
    <>
      <PlanSelect
        field="work.end.kind"
        label="The thread ends"
        options={optionsOf(endsOf(side), END_TEXTS)}
      />
      <PlanTextField
        field={`work.end.${END_LENGTH_FIELD[end]}`}
        label={label}
        unit={units.thread}
        proposed={plain(proposed)}
        hint={least}
      />
      {(end === 'groove' || end === 'recess') && relief !== null && (
        <ReliefFields what={end === 'groove' ? 'Groove' : 'Recess'} relief={relief} />
      )}
    </>
  );
}

/** To which diameter groove or recess is cut, and what each does: tables print it by the form of the root. */
function ReliefFields({
  what,
  relief: { options },
}: {
  what: string;
  relief: NonNullable<PlanEvaluation['relief']>;
}) {
  const { read, values } = usePlanning();
  const units = useUnits();
  const show = useShowLength();
  const by = values.work.end.diameter.trim() === '' ? read.inputs.work?.reliefBy : undefined;
  const chosen = options.find((each) => each.by === by);
  const printed = read.evaluation.thread?.side === 'internal' ? 'major' : 'minor';
  const figures = (length: number) => show.figures(length, units.thread);
  return (
    <>
      <PlanSelect
        field="work.end.reliefBy"
        label={`${what} cut to`}
        options={options.map((option) => ({
          value: option.by,
          text:
            option.by === 'planned-root'
              ? `${figures(option.diameter)}, this tool’s root`
              : `${figures(option.diameter)}, ${option.root}`,
        }))}
        note={
          chosen === undefined
            ? undefined
            : `${chosen.by === 'planned-root' ? '' : `As tables print the ${printed} diameter of such a root. `}${
                chosen.toolCuts > 1e-9
                  ? `The tool still cuts ${figures(chosen.toolCuts)} deep in it: the last pass ends in metal.`
                  : 'The tool comes out clear.'
              }`
        }
      />
      <PlanTextField
        field="work.end.diameter"
        label="Own diameter"
        unit={units.thread}
        hint={values.work.end.diameter.trim() === '' ? undefined : 'It counts, whatever is chosen above.'}
      />
    </>
  );
}

const PART = [
  'work.threadLength',
  'work.totalLength',
  'work.chamfer',
  'work.register',
  'work.end.room',
  'work.material',
] as const;

/** Lengths, chamfer, register and material: folded away, for the drawing and the steps. */
function PartFields() {
  const { values } = usePlanning();
  const units = useUnits();
  const { work } = values;
  const typed = [work.threadLength, work.totalLength, work.material].filter((text) => text.trim() !== '');
  return (
    <PlanFold
      title="The part"
      holds={PART}
      result={typed.length === 0 ? 'lengths, chamfer, register' : typed.join(', ')}
    >
      <div className="grid grid-cols-2 items-start gap-2">
        <PlanTextField field="work.threadLength" label="Usable thread" unit={units.thread} />
        <PlanTextField field="work.totalLength" label="Total length" unit={units.thread} />
        <PlanTextField field="work.chamfer.angle" label="Chamfer" unit="°" />
        <PlanTextField field="work.chamfer.diameter" label="to diameter" unit={units.thread} />
        <PlanTextField field="work.register.diameter" label="Register ⌀" unit={units.thread} />
        <PlanTextField field="work.register.length" label="its length" unit={units.thread} />
      </div>
      {values.work.register.diameter.trim() !== '' && <RegisterFields />}
      <PlanTextField
        field="work.end.room"
        label="Room beyond the run-out"
        unit={units.thread}
        hint="To chuck or shoulder; away from the headstock to the centre."
      />
      <PlanTextField field="work.material" label="Material" />
    </PlanFold>
  );
}

/** Where the register lies, and when it is made. */
function RegisterFields() {
  const { read } = usePlanning();
  const internal = read.evaluation.thread?.side === 'internal';
  return (
    <>
      <PlanChoice
        field="work.register.at"
        label="The register lies"
        columns={2}
        options={[
          { value: 'behind', text: 'Behind the thread' },
          { value: 'mouth', text: internal ? 'At the mouth' : 'Before it' },
        ]}
        proposed="behind"
      />
      <PlanChoice
        field="work.register.made"
        label="It is made"
        columns={2}
        options={[
          { value: 'before', text: 'With the blank' },
          { value: 'after', text: 'After the thread' },
        ]}
        proposed="before"
      />
      <PlanCheck field="work.register.face" label="Seats on the face" />
    </>
  );
}

/** The real blank; of an internal thread the real bore, with drill, chamfer and percent of thread. */
export function WorkDiameterField() {
  const { read } = usePlanning();
  const units = useUnits();
  const internal = read.evaluation.thread?.side === 'internal';
  return (
    <>
      <PlanTextField
        field="work.diameter"
        label={internal ? 'Real bore' : 'Real blank diameter'}
        unit={units.thread}
        proposed={plain(read.defaults?.blankDiameter)}
        hint={
          internal
            ? 'As bored, or as it will be bored, inside the minor limits.'
            : 'As turned, or as it will be turned: a little under nominal.'
        }
      />
      {internal && <BoreFigures />}
      {internal && <BoreByPercent />}
    </>
  );
}

function BoreFigures() {
  const { read } = usePlanning();
  const show = useShowLength();
  const { thread, limits, blank } = read.evaluation;
  if (thread === null || limits?.side !== 'internal' || blank === null) return null;
  const { unit } = thread;
  const { drill, leaves, chamfer, percentOfBasic, percentOfFull } = boreAdvice(thread, limits, blank);
  const whys = explainBoreAdvice(thread, limits, blank);
  return (
    <>
      <Figure
        label="Percent of the basic height"
        why={whys.percent}
        value={percentOfBasic === null ? null : `${percentOfBasic.toFixed(0)} %`}
        sub={percentOfFull === null ? undefined : `${percentOfFull.toFixed(0)} % of 0.6495 P`}
      />
      <Figure
        label="Drill first, at most"
        why={whys.drill}
        value={drill?.name ?? 'too small to bore'}
        sub={leaves === null ? undefined : `leaves ${show.text({ value: leaves, unit })} to bore`}
      />
      <Figure
        label="Chamfer the mouth to"
        why={whys.chamfer}
        value={show.figures(chamfer, unit)}
        unit={show.unitOf(unit)}
        sub="over the major diameter"
      />
    </>
  );
}
