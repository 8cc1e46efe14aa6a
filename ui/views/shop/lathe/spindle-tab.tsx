import { TABLE_COLUMNS } from '@/core/machine/lathe/form/lathe-form';
import { SPEED_SETTERS } from '@/core/machine/lathe/lathe-names';
import { LatheFieldsOf, LathePart, LatheTableField } from './lathe-form-context';

/** Nose, speeds and how each is set, trip and readout. */
export function SpindleTab() {
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
        <LatheFieldsOf part="spindle" />
      </LathePart>
      <LathePart title="Trip and readout">
        <LatheFieldsOf part="trip-and-readout" />
      </LathePart>
    </div>
  );
}
