'use client';

import { FORM_60, formOf } from '@/core/thread';
import { Figure } from '../../kit/figure';
import { useShowLength } from '../../units/display-unit';
import { PlanChoice, PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { usePlanWhys } from '../use-plan-whys';
import { plain } from './plain';
import { useUnits } from './use-units';

/** The compound's angle, its swivel scale and its dial. */
export function CompoundFields() {
  const units = useUnits();
  const { read } = usePlanning();
  return (
    <>
      <AngleField />
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
          proposed={plain(read.dialDefaults.dialGraduation)}
        />
        <PlanTextField
          field="dialPerTurn"
          label="One turn"
          unit={units.dial}
          proposed={plain(read.dialDefaults.dialPerTurn)}
        />
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
                form.setValue('compoundAngle', String(angle), { shouldDirty: true, shouldTouch: true })
              }
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
