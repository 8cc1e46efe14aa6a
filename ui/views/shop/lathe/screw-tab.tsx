import { checkPlate, type PlateLine } from '@/core/machine/lathe/plate-check';
import { TABLE_COLUMNS } from '@/core/machine/lathe/form/lathe-form';
import { LatheFieldAt, LatheFieldsOf, LathePart, LatheTableField, useLatheForm } from './lathe-form-context';

/** Lead screw, half nut, and the thread dial with its plate, which the arithmetic checks. */
export function ScrewTab() {
  const { form, lathe } = useLatheForm();
  const lines = lathe === null ? [] : checkPlate(lathe);
  return (
    <div className="grid grid-cols-[1fr_1.4fr_1.6fr] items-start gap-5 tablet:grid-cols-2">
      <LathePart title="Lead screw">
        <LatheFieldsOf part="lead-screw" />
      </LathePart>
      <LathePart title="Thread dial">
        <LatheFieldAt name="threadDial" />
        {form.threadDial !== 'none' && (
          <>
            <LatheTableField
              name="dialGears"
              label="Its gears"
              columns={TABLE_COLUMNS.dialGears}
              begin={[['', '']]}
              note="Marks: 8, or the labels round the dial with a dash for a plain one, 1 - 2 - 3 - 4 -; uneven ones each with their place: A@0 B@1/8."
            />
            <LatheFieldAt name="swingsOut" />
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
