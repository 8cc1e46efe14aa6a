'use client';

import { FORM_60 } from '@/core/thread/standards/thread-form';
import { formOf } from '@/core/thread/standards/systems';
import { Figure } from '@/ui/kit/figure';
import { useShowLength } from '@/ui/units/display-unit';
import { feedDial } from '@/core/machine/lathe/feed-dial';
import { feedsByCompound, feedsByReadout, INFEED_WAYS } from '@/core/machine/technique/choices';
import { slideOf } from '@/core/machine/technique/slide-of';
import { useSay } from '@/ui/kit/shop-words';
import { PlanChoice, PlanSelect, PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { usePlanWhys } from '../use-plan-whys';
import { INFEED_TEXTS, optionsOf } from './option-texts';
import { useUnits } from './use-units';

/** The way of feeding; the compound's angle where it feeds, and what it is on the lathe looked at. */
export function CompoundFields() {
  const { read } = usePlanning();
  const way = read.inputs.chosen?.way;
  return (
    <>
      <PlanSelect field="infeed.way" label="Fed by" options={optionsOf(INFEED_WAYS, INFEED_TEXTS)} />
      {way === undefined || feedsByCompound(way.infeed) ? <CompoundAngle /> : <PlungeDial />}
    </>
  );
}

/** What the slide that plunges shows on the lathe looked at. */
function PlungeDial() {
  const { lathe, read } = usePlanning();
  const way = read.inputs.chosen?.way;
  if (way === undefined) return null;
  const { dial, known } = feedDial(lathe, slideOf(way.infeed));
  const reads = dial.reads === 'diameter' ? 'on the diameter' : 'on the radius';
  return (
    <div className="grid gap-1 border-t border-rule pt-2 text-sm">
      <p>
        <span className="label block text-ink-soft">On {lathe.name}</span>
        {feedsByReadout(way.infeed) ? 'Readout' : 'Cross-slide dial'} in{' '}
        <span className="figures">{dial.graduation.value}</span> {dial.graduation.unit}, {reads}
        {known ? '' : ' (taken as usual: nobody has looked it up)'}
      </p>
      <p className="text-ink-soft">Both flanks cut: good for fine pitches, light cuts and inserts.</p>
    </div>
  );
}

function CompoundAngle() {
  const say = useSay();
  const { lathe, read } = usePlanning();
  const { swivel, dial } = lathe.compound;
  const graduation = read.evaluation.swivelGraduationDeg;
  return (
    <>
      <AngleField />
      <PlanChoice
        field="infeed.side"
        label="Compound swung"
        columns={2}
        options={[
          { value: 'usual', text: 'Usual side' },
          { value: 'other', text: 'Other side' },
        ]}
        note="On the usual side the leading flank is fed."
      />
      <div className="grid gap-1 border-t border-rule pt-2 text-sm">
        <p>
          <span className="label block text-ink-soft">On {lathe.name}</span>
          {graduation === null ? (
            'no graduation yet'
          ) : (
            <>
              graduation <strong className="figures">{Number(graduation.toFixed(3))}°</strong>
            </>
          )}
          , the scale reads 0 {say(swivel.zeroAlong === 'bed' ? 'along the bed' : 'along the cross slide')}
        </p>
        <p>
          Dial in <span className="figures">{dial.graduation.value}</span> {dial.graduation.unit},{' '}
          <span className="figures">{dial.perTurn.value}</span> a turn
        </p>
        <p className="text-ink-soft">
          Each lathe gets its own sheet. Look at another one above; lathes are kept under Shop.
        </p>
      </div>
    </>
  );
}

/** The angle with the usual schools at a touch, and what it does to the trailing flank. */
export function AngleField() {
  const { form, read } = usePlanning();
  const units = useUnits();
  const whys = usePlanWhys();
  const show = useShowLength();
  const { trailingStep, thread } = read.evaluation;
  const { flankAngleDeg } = thread === null ? FORM_60 : formOf(thread);
  const angles = [flankAngleDeg - 1, flankAngleDeg - 0.5, flankAngleDeg];
  const chosen = read.inputs.compoundAngleDeg;
  return (
    <>
      <div className="grid gap-2">
        <div className="flex items-end gap-1" role="group" aria-label="Usual angles">
          {angles.map((angle) => (
            <button
              key={angle}
              type="button"
              aria-pressed={chosen === angle}
              onClick={() =>
                form.setValue('infeed.angle', String(angle), { shouldDirty: true, shouldTouch: true })
              }
              className="min-h-9 flex-1 rounded-cut border border-rule-strong bg-paper-raised aria-pressed:bg-dye aria-pressed:text-scribe tablet:min-h-12"
            >
              {angle}°
            </button>
          ))}
        </div>
        <PlanTextField
          field="infeed.angle"
          label="Angle from the cross slide"
          unit="°"
          proposed={read.defaults === null ? undefined : String(read.defaults.compoundAngleDeg)}
          hint={trailingText(trailingStep, flankAngleDeg)}
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
    </>
  );
}

function trailingText(step: number | null, flankAngleDeg: number): string {
  if (step === null) return `${flankAngleDeg - 1} to ${flankAngleDeg} are the usual schools.`;
  if (Math.abs(step) < 1e-9) return `At ${flankAngleDeg}° the trailing flank rubs: simplest to teach.`;
  return step > 0
    ? 'The trailing flank is shaved clean at each pass.'
    : 'The trailing flank is left behind as steps.';
}
