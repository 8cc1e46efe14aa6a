import { checkPlate, type PlateLine } from '@/core/machine/lathe/plate-check';
import { TABLE_COLUMNS } from '@/core/machine/lathe/form/lathe-form';
import { LatheChoice, LathePart, LatheTableField, LatheText, useLatheForm } from './lathe-form-context';
import { YES_NO } from './options';

/** Lead screw, half nut, and the thread dial with its plate, which the arithmetic checks. */
export function ScrewTab() {
  const { form, lathe } = useLatheForm();
  const lines = lathe === null ? [] : checkPlate(lathe);
  return (
    <div className="grid grid-cols-[1fr_1.4fr_1.6fr] items-start gap-5 tablet:grid-cols-2">
      <LathePart title="Lead screw">
        <LatheText name="leadScrew" label="Lead screw" note="8 TPI, or 6 mm." />
        <LatheChoice
          name="screwHand"
          label="Its hand"
          options={[
            { value: '', text: 'not known' },
            { value: 'right', text: 'right' },
            { value: 'left', text: 'left' },
          ]}
        />
        <LatheChoice
          name="engagedBy"
          label="It turns"
          stacked
          options={[
            { value: '', text: 'not known' },
            { value: 'always', text: 'always' },
            { value: 'collar', text: 'with its collar in' },
            { value: 'clutch', text: 'with its clutch in' },
          ]}
        />
        <LatheText name="screwMostRpm" label="It may turn at most" unit="rpm" />
        <LatheChoice name="closesLate" label="The half nut closes late" options={YES_NO} />
        {form.closesLate === 'yes' && <LatheText name="lateBy" label="Always by" unit={form.dialUnit} />}
      </LathePart>
      <LathePart title="Thread dial">
        <LatheChoice
          name="threadDial"
          label="Thread dial"
          stacked
          options={[
            { value: '', text: 'not known' },
            { value: 'in-use', text: 'there and in use' },
            { value: 'unusable', text: 'there, but does not stay in mesh' },
            { value: 'none', text: 'none' },
          ]}
        />
        {form.threadDial !== 'none' && (
          <>
            <LatheTableField
              name="dialGears"
              label="Its gears"
              columns={TABLE_COLUMNS.dialGears}
              begin={[['', '']]}
              note="Marks: 8, or the labels round the dial with a dash for a plain one, 1 - 2 - 3 - 4 -; uneven ones each with their place: A@0 B@1/8."
            />
            <LatheChoice name="swingsOut" label="Its gear is swung out after use" options={YES_NO} />
          </>
        )}
      </LathePart>
      {form.threadDial !== 'none' && (
        <LathePart title="Plate beside the dial">
          <LatheTableField
            name="plate"
            label="Thread and labels to close at"
            columns={TABLE_COLUMNS.plate}
            begin={[['', '']]}
            note="“all” is every mark."
            saidOf={(row) => saidOfPlate(lines, form.plate, row)}
          />
        </LathePart>
      )}
    </div>
  );
}

function saidOfPlate(lines: readonly PlateLine[], rows: readonly string[][], row: number) {
  // Empty rows are left out when the plate is read.
  const before = rows.slice(0, row).filter((each) => each.some((cell) => cell.trim() !== '')).length;
  const line = lines[before];
  if (line === undefined || rows[row]?.every((cell) => cell.trim() === '') === true) return undefined;
  const safe = line.safe.length === 0 ? 'none' : line.safe.join(', ');
  switch (line.verdict) {
    case 'agrees':
      return { text: 'agrees', tone: 'good' as const };
    case 'leaves-out':
      return { text: `safe; so would be ${safe}`, tone: 'note' as const };
    case 'unsafe':
      return { text: `not safe: only ${safe}`, tone: 'bad' as const };
    case 'no-such-label':
      return { text: 'no such label on the dial', tone: 'bad' as const };
    case 'not-checked':
      return { text: 'give screw and gear', tone: 'note' as const };
  }
}
