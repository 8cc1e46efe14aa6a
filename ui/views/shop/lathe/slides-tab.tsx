import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { LatheChoice, LathePart, LatheText, useLatheForm } from './lathe-form-context';
import { COUNTS, INCH_MM, READS } from './options';

/** Name, compound with its swivel scale, cross slide, and how large the lathe is. */
export function SlidesTab() {
  const { form } = useLatheForm();
  const usual = usualLathe(form.dialUnit === 'mm' ? 'mm' : 'in').compound.dial;
  return (
    <div className="grid grid-cols-4 items-start gap-5 tablet:grid-cols-2">
      <LathePart title="Compound">
        <LatheText name="name" label="Name in the shop" proposed="Lathe 3" />
        <LatheChoice name="dialUnit" label="Dial" options={INCH_MM} />
        <div className="grid grid-cols-2 gap-2">
          <LatheText
            name="graduation"
            label="Graduation"
            unit={form.dialUnit}
            proposed={String(usual.graduation.value)}
          />
          <LatheText
            name="perTurn"
            label="One turn"
            unit={form.dialUnit}
            proposed={String(usual.perTurn.value)}
          />
        </div>
        <LatheChoice name="reads" label="The dial reads" options={READS} />
        <LatheChoice name="counts" label="Its figures run toward the work" options={COUNTS} />
        <LatheText name="backlash" label="Backlash, as last measured" unit={form.dialUnit} />
      </LathePart>
      <LathePart title="Swivel scale">
        <LatheChoice
          name="zeroAlong"
          label="Reads 0 with the compound"
          stacked
          options={[
            { value: 'cross-slide', text: 'along the cross slide' },
            { value: 'bed', text: 'along the bed' },
          ]}
        />
        <LatheChoice
          name="swivelCounts"
          label="Its figures run, from above"
          stacked
          options={[
            { value: '', text: 'not known' },
            { value: 'both-ways', text: 'both ways from 0' },
            { value: 'clockwise', text: 'clockwise only' },
            { value: 'counter-clockwise', text: 'counter-clockwise only' },
          ]}
        />
        <div className="grid grid-cols-2 gap-2">
          <LatheText name="swivelGraduation" label="Marked every" unit="°" />
          <LatheText name="swivelRange" label="Reaches to" unit="°" />
        </div>
      </LathePart>
      <LathePart title="Cross slide">
        <LatheChoice
          name="crossUnit"
          label="Its dial"
          options={[{ value: '', text: 'Not known' }, ...INCH_MM]}
        />
        {form.crossUnit !== '' && (
          <>
            <div className="grid grid-cols-2 gap-2">
              <LatheText name="crossGraduation" label="Graduation" unit={form.crossUnit} />
              <LatheText name="crossPerTurn" label="One turn" unit={form.crossUnit} />
            </div>
            <LatheChoice name="crossReads" label="The dial reads" options={READS} />
            <LatheChoice name="crossCounts" label="Its figures run toward the work" options={COUNTS} />
            <LatheText name="crossBacklash" label="Backlash, as last measured" unit={form.crossUnit} />
          </>
        )}
      </LathePart>
      <LathePart title="Size">
        <LatheChoice name="sizeUnit" label="Given in" options={INCH_MM} />
        <div className="grid grid-cols-2 gap-2">
          <LatheText name="swing" label="Swing over bed" unit={form.sizeUnit} />
          <LatheText name="swingOverSlide" label="Over cross slide" unit={form.sizeUnit} />
          <LatheText name="centres" label="Between centres" unit={form.sizeUnit} />
          <LatheText name="crossTravel" label="Cross-slide travel" unit={form.sizeUnit} />
          <LatheText name="compoundTravel" label="Compound travel" unit={form.sizeUnit} />
        </div>
        <LatheText name="note" label="Note" />
      </LathePart>
    </div>
  );
}
