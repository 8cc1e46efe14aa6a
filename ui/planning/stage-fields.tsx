'use client';

import { DIAL_DEFAULTS, type PlanStageId } from '@/core/plan';
import { suggestThreads } from '@/core/thread';
import type { Length } from '@/core/units';
import { Figure } from '../kit/figure';
import { Message } from '../kit/message';
import { useShowLength } from '../units/display-unit';
import { PlanChoice, PlanTextField } from './plan-field';
import { usePlanning } from './planning-context';
import { usePlanWhys } from './use-plan-whys';

/** The few fields of the chosen stage, with what they lead to. */
export function StageFields({ stage }: { stage: PlanStageId }) {
  const Fields = STAGE_FIELDS[stage];
  return <Fields />;
}

const STAGE_FIELDS: Record<PlanStageId, () => React.JSX.Element> = {
  thread: ThreadFields,
  blank: BlankFields,
  tool: ToolFields,
  compound: CompoundFields,
  target: TargetFields,
  passes: PassesFields,
  speed: SpeedFields,
  marks: MarksFields,
};

function plain(length: Length | undefined): string | undefined {
  return length === undefined ? undefined : String(length.value);
}

function useUnits() {
  const { read } = usePlanning();
  return { thread: read.evaluation.thread?.unit ?? 'in', dial: read.inputs.dialUnit };
}

function ThreadFields() {
  const { values, read } = usePlanning();
  const { thread, limits } = read.evaluation;
  const whys = usePlanWhys();
  const show = useShowLength();
  return (
    <>
      <PlanTextField field="title" label="Exercise" autoFocus={values.title === ''} />
      <PlanTextField
        field="thread"
        label="Thread"
        suggestions={suggestThreads(values.thread, 8, ['external'])}
        hint="External, right-hand: 3/4-16 UNF-2A, #10-32, M16x2-6g, M20x1.5."
      />
      {thread !== null && limits !== null && (
        <div className="grid gap-2 border-t border-rule pt-3">
          <Figure
            label="Major diameter"
            value={`${show.figures(limits.major.min, thread.unit)} – ${show.figures(limits.major.max, thread.unit)}`}
            unit={show.unitOf(thread.unit)}
            why={whys.major}
          />
          <Figure
            label="Pitch diameter"
            value={`${show.figures(limits.pitchDiameter.min, thread.unit)} – ${show.figures(limits.pitchDiameter.max, thread.unit)}`}
            unit={show.unitOf(thread.unit)}
            why={whys.pitchDiameter}
          />
          <Figure
            label="Minor diameter, at most"
            value={show.figures(limits.minor.max, thread.unit)}
            unit={show.unitOf(thread.unit)}
          />
        </div>
      )}
    </>
  );
}

function BlankFields() {
  const { read } = usePlanning();
  const units = useUnits();
  return (
    <>
      <PlanTextField
        field="blankDiameter"
        label="Real blank diameter"
        unit={units.thread}
        proposed={plain(read.defaults?.blankDiameter)}
        hint="As turned, or as it will be turned: a little under nominal."
      />
      <PlanTextField
        field="runOutWidth"
        label="Width of the run-out groove"
        unit={units.thread}
        proposed={plain(read.defaults?.runOutWidth)}
        hint="What the tool can stop in."
      />
    </>
  );
}

function ToolFields() {
  const { values, read } = usePlanning();
  const units = useUnits();
  const whys = usePlanWhys();
  const show = useShowLength();
  const { tipLimit } = read.evaluation;
  return (
    <>
      <PlanChoice
        field="tipKind"
        label="Tip of the tool"
        options={[
          { value: 'flat', text: 'Flat' },
          { value: 'radius', text: 'Radius' },
          { value: 'sharp', text: 'Sharp' },
        ]}
      />
      {values.tipKind === 'flat' && (
        <PlanTextField
          field="tipFlat"
          label="Flat at the tip"
          unit={units.thread}
          proposed={plain(read.defaults?.tipFlat)}
        />
      )}
      {values.tipKind === 'radius' && (
        <PlanTextField
          field="tipRadius"
          label="Radius at the tip"
          unit={units.thread}
          proposed={plain(read.defaults?.tipRadius)}
        />
      )}
      {values.tipKind === 'sharp' && (
        <Message tone="note">
          A sharp tip must go deeper for the same pitch diameter, and breaks sooner.
        </Message>
      )}
      {tipLimit !== null && values.tipKind !== 'sharp' && (
        <Figure
          label="At most"
          value={show.figures(values.tipKind === 'radius' ? tipLimit.radius : tipLimit.flat, units.thread)}
          unit={show.unitOf(units.thread)}
          why={whys.tipLimit}
        />
      )}
    </>
  );
}

const ANGLES = ['29', '29.5', '30'];

function CompoundFields() {
  const { values, form, read } = usePlanning();
  const units = useUnits();
  const whys = usePlanWhys();
  const show = useShowLength();
  const { trailingStep } = read.evaluation;
  return (
    <>
      <div className="grid gap-2">
        <div className="flex items-end gap-1" role="group" aria-label="Usual angles">
          {ANGLES.map((angle) => (
            <button
              key={angle}
              type="button"
              aria-pressed={values.compoundAngle === angle}
              onClick={() => form.setValue('compoundAngle', angle, { shouldDirty: true, shouldTouch: true })}
              className="min-h-9 flex-1 rounded-cut border border-rule-strong bg-paper-raised aria-pressed:bg-dye aria-pressed:text-scribe tablet:min-h-12"
            >
              {angle}°
            </button>
          ))}
        </div>
        <PlanTextField
          field="compoundAngle"
          label="Angle from the cross slide"
          unit="°"
          hint={trailingText(trailingStep)}
        />
      </div>
      {trailingStep !== null && (
        <Figure
          label="Trailing flank, a pass"
          value={show.figures(trailingStep, units.thread, 1)}
          unit={show.unitOf(units.thread)}
          why={whys.trailingStep}
          attend={trailingStep < 0}
        />
      )}
      <PlanChoice
        field="swivelZero"
        label="Swivel scale reads 0 with the compound"
        stacked
        options={[
          { value: 'cross-slide', text: 'along the cross slide' },
          { value: 'bed', text: 'along the bed' },
        ]}
      />
      <PlanChoice
        field="dialUnit"
        label="Dial of the compound"
        options={[
          { value: '', text: 'As thread' },
          { value: 'in', text: 'Inch' },
          { value: 'mm', text: 'mm' },
        ]}
      />
      <div className="grid grid-cols-2 gap-2">
        <PlanTextField
          field="dialGraduation"
          label="Graduation"
          unit={units.dial}
          proposed={plain(DIAL_DEFAULTS[units.dial].dialGraduation)}
        />
        <PlanTextField
          field="dialPerTurn"
          label="One turn"
          unit={units.dial}
          proposed={plain(DIAL_DEFAULTS[units.dial].dialPerTurn)}
        />
      </div>
    </>
  );
}

function trailingText(step: number | null): string {
  if (step === null) return '29 to 30 are the usual schools.';
  if (Math.abs(step) < 1e-9) return 'At 30° the trailing flank rubs: simplest to teach.';
  return step > 0
    ? 'The trailing flank is shaved clean at each pass.'
    : 'The trailing flank is left behind as steps.';
}

function TargetFields() {
  const { read } = usePlanning();
  const units = useUnits();
  const whys = usePlanWhys();
  const show = useShowLength();
  const { limits, overWires, wireRange, bestWire } = read.evaluation;
  const band = (low: number, high: number, extra = 0) =>
    `${show.figures(low, units.thread, extra)} – ${show.figures(high, units.thread, extra)}`;
  return (
    <>
      <PlanTextField
        field="targetPitchDiameter"
        label="Target pitch diameter"
        unit={units.thread}
        proposed={plain(read.defaults?.targetPitchDiameter)}
        hint={
          limits === null ? undefined : `Band ${band(limits.pitchDiameter.min, limits.pitchDiameter.max)}.`
        }
      />
      <PlanTextField
        field="wireDiameter"
        label="Wires in hand"
        unit={units.thread}
        proposed={plain(read.defaults?.wireDiameter)}
        hint={
          bestWire === null || wireRange === null
            ? undefined
            : `Best ${show.figures(bestWire, units.thread, 1)}; usable ${band(wireRange.min, wireRange.max)}.`
        }
      />
      {overWires !== null && (
        <Figure
          label="Over wires, limits"
          value={band(overWires.min, overWires.max)}
          unit={show.unitOf(units.thread)}
          why={whys.overWires}
        />
      )}
    </>
  );
}

function PassesFields() {
  const { read } = usePlanning();
  const { dial } = useUnits();
  const defaults = DIAL_DEFAULTS[dial];
  const suggested = read.evaluation.suggestedRoughing;
  return (
    <>
      <div className="grid grid-cols-2 gap-x-2 gap-y-3">
        <PlanTextField
          field="scratchInfeed"
          label="Scratch pass"
          unit={dial}
          proposed={plain(defaults.scratchInfeed)}
        />
        <PlanTextField
          field="largestInfeed"
          label="Largest infeed"
          unit={dial}
          proposed={plain(defaults.largestInfeed)}
        />
      </div>
      <PlanTextField
        field="roughingPasses"
        label="Roughing passes"
        proposed={suggested === null ? undefined : String(suggested)}
        hint={suggested === null ? undefined : `${suggested} is the fewest that keeps to the largest infeed.`}
      />
      <div className="grid grid-cols-2 gap-x-2 gap-y-3">
        <PlanTextField field="finishingPasses" label="Finishing passes" />
        <PlanTextField
          field="finishingInfeed"
          label="of"
          unit={dial}
          proposed={plain(defaults.finishingInfeed)}
        />
      </div>
      <PlanTextField
        field="springPasses"
        label="Spring passes"
        hint="At no infeed, until no more chip comes."
      />
    </>
  );
}

function SpeedFields() {
  const { read } = usePlanning();
  const whys = usePlanWhys();
  const { timeInRunOut } = read.evaluation;
  return (
    <>
      <PlanTextField
        field="spindleSpeed"
        label="Spindle speed"
        unit="rpm"
        hint="Beginners 60 to 120. Obey the machine’s placards."
      />
      {timeInRunOut !== null && (
        <Figure
          label="Time in the run-out groove"
          value={timeInRunOut.toFixed(1)}
          unit="s"
          why={whys.timeInRunOut}
        />
      )}
    </>
  );
}

function MarksFields() {
  return (
    <>
      <p className="text-sm text-ink-soft">Points of the three sections of the mark; together 100.</p>
      <PlanTextField field="markSetUp" label="Set-up" unit="points" />
      <PlanTextField field="markPasses" label="Passes" unit="points" />
      <PlanTextField field="markResult" label="Result" unit="points" />
    </>
  );
}
