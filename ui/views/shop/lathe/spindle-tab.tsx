import { TABLE_COLUMNS } from '@/core/machine/lathe/form/lathe-form';
import { SPEED_SETTERS } from '@/core/machine/lathe/lathe-names';
import { LatheChoice, LathePart, LatheTableField, LatheText, useLatheForm } from './lathe-form-context';
import { INCH_MM, YES_NO } from './options';

/** Nose, speeds and how each is set, trip and readout. */
export function SpindleTab() {
  const { form } = useLatheForm();
  return (
    <div className="grid grid-cols-[2fr_1fr_1fr] items-start gap-5 tablet:grid-cols-2">
      <div className="min-w-0 tablet:col-span-2">
        <LatheTableField
          name="speeds"
          label="Speeds, from slow to fast"
          columns={TABLE_COLUMNS.speeds}
          choices={{ 1: SPEED_SETTERS }}
          begin={[['', '', '', '', '', '', '']]}
          note="A range of an inverter is written 50-600; torque and power are those at its slow end. “Really” is what the spindle makes by a tachometer."
        />
      </div>
      <LathePart title="Spindle">
        <LatheChoice
          name="nose"
          label="The chuck sits on a nose that is"
          stacked
          options={[
            { value: '', text: 'not known' },
            { value: 'screwed', text: 'screwed' },
            { value: 'screwed-locked', text: 'screwed and locked' },
            { value: 'long-taper', text: 'a long taper' },
            { value: 'camlock', text: 'a camlock' },
          ]}
        />
        <LatheText
          name="runDownTurns"
          label="Turns after switching off"
          note="Where a speed does not say its own."
        />
        <LatheChoice name="brake" label="Spindle brake" options={YES_NO} />
      </LathePart>
      <LathePart title="Trip and readout">
        <LatheChoice name="trip" label="Automatic threading trip" options={YES_NO} />
        {form.trip === 'yes' && (
          <>
            <LatheChoice
              name="tripFinds"
              label="It finds the thread again by"
              options={[
                { value: '', text: 'not known' },
                { value: 'clutch', text: 'its clutch' },
                { value: 'dial', text: 'the dial' },
              ]}
            />
            <LatheChoice
              name="tripReturns"
              label="The saddle returns by"
              options={[
                { value: '', text: 'not known' },
                { value: 'power', text: 'power' },
                { value: 'hand', text: 'hand' },
              ]}
            />
            <LatheText name="tripScatter" label="Where it lets go scatters by" unit={form.sizeUnit} />
          </>
        )}
        <LatheChoice
          name="readoutUnit"
          label="Digital readout"
          stacked
          options={[{ value: '', text: 'None or not known' }, ...INCH_MM]}
        />
        {form.readoutUnit !== '' && (
          <>
            <LatheText name="readoutResolution" label="Resolution" unit={form.readoutUnit} />
            <LatheChoice
              name="readoutReads"
              label="It reads"
              options={[
                { value: 'diameter', text: 'diameter' },
                { value: 'radius', text: 'radius' },
              ]}
            />
            <LatheText name="readoutAxes" label="Axes" note="cross-slide, carriage, compound" />
          </>
        )}
      </LathePart>
    </div>
  );
}
