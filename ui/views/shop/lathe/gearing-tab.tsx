import { checkChangeGears, checkQuickChange } from '@/core/machine/lathe/chart-check';
import { TABLE_COLUMNS } from '@/core/machine/lathe/form/lathe-form';
import { LEVER_KINDS } from '@/core/machine/lathe/lathe-names';
import { LatheFieldsOf, LathePart, LatheTableField, useLatheForm } from './lathe-form-context';

/** Levers, charts as the machine gives them, and the change gears that are there. */
export function GearingTab() {
  const { lathe, form } = useLatheForm();
  const gears = lathe === null ? [] : checkChangeGears(lathe);
  const clashes = lathe === null ? [] : checkQuickChange(lathe);
  const lineOf = (rows: readonly string[][], row: number) =>
    rows.slice(1, row).filter((each) => each.some((cell) => cell.trim() !== '')).length;
  return (
    <div className="grid grid-cols-2 items-start gap-5">
      <LathePart title="Quick-change chart">
        <LatheTableField
          name="quickChange"
          label="Thread and lever positions"
          columns={null}
          begin={[
            ['TPI', 'Lever A', 'Lever B'],
            ['', '', ''],
          ]}
          note="The first row names the columns; “TPI” or “Pitch, mm” says what bare figures are. Copy the machine’s chart from a spreadsheet and paste it into the first cell."
          saidOf={(row) => {
            if (row === 0) return undefined;
            const clash = clashes.find(({ line }) => line === lineOf(form.quickChange, row));
            if (clash === undefined) return undefined;
            const other = form.quickChange[clash.other + 1]?.[0] ?? '';
            return clash.why === 'same-levers'
              ? { text: `same levers as ${other}`, tone: 'bad' as const }
              : { text: `does not step as the others do, beside ${other}`, tone: 'bad' as const };
          }}
        />
        <LatheTableField
          name="levers"
          label="Levers beside the gearbox"
          columns={TABLE_COLUMNS.levers}
          choices={{ 1: LEVER_KINDS }}
          begin={[['', '', '', '', '']]}
          note="Feed reverse, collar or clutch, apron selector: their positions parted by commas, and where they stand for threading."
        />
        <LatheTableField
          name="placards"
          label="Placards: a lever position with its speed limit"
          columns={TABLE_COLUMNS.placards}
          begin={[['', '', '']]}
        />
      </LathePart>
      <LathePart title="Change gears">
        <LatheTableField
          name="changeGears"
          label="Thread and gear at each place"
          columns={null}
          begin={[
            ['TPI', 'Driver, stud', 'Idler', 'Driven, screw'],
            ['', '', '', ''],
          ]}
          note="Each column says driver, driven or idler."
          saidOf={(row) => {
            const line = row === 0 ? undefined : gears[lineOf(form.changeGears, row)];
            if (line === undefined) return undefined;
            if (line.verdict === 'exact') return { text: 'exact', tone: 'good' as const };
            if (line.errorPpm === null) return { text: 'not checked', tone: 'note' as const };
            const off = `${line.errorPpm > 0 ? '+' : ''}${Math.round(line.errorPpm)} ppm`;
            return line.verdict === 'near'
              ? { text: `near, ${off}`, tone: 'note' as const }
              : { text: `another thread, ${off}`, tone: 'bad' as const };
          }}
        />
        <LatheFieldsOf part="change-gears" />
      </LathePart>
    </div>
  );
}
