import { useState } from 'react';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { Advice } from '@/core/exercise/record/advice/advice';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { catchesMarks } from '@/core/machine/technique/drives';
import { NOT_SAID } from '@/core/exercise/record/entry/kinds/pass';
import { useKept } from '@/ui/shell/kept';
import type { Added } from './use-record';

/** Phases in which a cut goes against a look that said no, or a zero that is still to be taken. */
const AGAINST: readonly Advice['phase'][] = ['stop', 'zero'];

/** What is said of the next cut before it is recorded, and how it is: at the desk as at the bench. */
export function useNextCut(
  sheet: Sheet,
  { next, cuts, drive: foretold, firstMark, start }: Prediction,
  { cut, phase }: Advice,
  add: (fields: EntryFields) => Promise<Added>,
) {
  const [mark, setMark] = useKept('mark-caught', '');
  const [otherDrive, setDrive] = useState<Prediction['drive'] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const { cycles } = sheet.words;
  /** The steps from this cut to the next, by the drive in hand. */
  const cycle = cycles.find((each) => each.drive === (otherDrive ?? foretold)) ?? cycles[0];
  const drive = cycle?.drive ?? foretold;
  // Left to whoever cuts: as said last, or not said.
  const said =
    otherDrive ?? (sheet.way.driveFree ? (cuts.at(-1)?.entry.content.drive ?? next?.drive ?? null) : drive);
  const catches = catchesMarks(drive);

  /** Records the cut that is advised, or an own one: by its reading, by the other slide, or with none taken. */
  async function record(fields: EntryFields): Promise<boolean> {
    const own =
      ['reading', 'counted', 'crossSlide', 'compound', 'notTaken'].some((name) => name in fields) ||
      cut === null;
    const row = cut === null ? next : cut.row;
    const asItsRow = row !== null && cut !== null && Math.abs(row.dialReading.value - cut.reading) < 1e-9;
    const added = await add({
      kind: 'pass',
      plannedPass: row === null ? '' : String(row.n),
      drive: said ?? NOT_SAID,
      mark: catches ? mark : '',
      ...(own || asItsRow ? {} : { start: String(cut.start), counted: String(cut.reading) }),
      ...(own && row === null ? { start: String(cut?.start ?? start) } : {}),
      // Against what the page advises: recorded as such.
      ...(AGAINST.includes(phase) ? { allTheSame: 'yes' } : {}),
      ...fields,
    });
    setProblem(added.ok ? null : (Object.values(added.fields)[0] ?? added.message));
    return added.ok;
  }

  return {
    cycle,
    /** As it is recorded; null: nobody said it. */
    said,
    setDrive,
    /** Whether a mark of the thread dial is caught for it. */
    catches,
    mark,
    setMark,
    /** Another mark than the first cut's, where the plan wants always the same. */
    otherMark:
      catches && sheet.way.markRule === 'same' && mark !== '' && firstMark !== null && mark !== firstMark,
    problem,
    record,
  };
}

export type NextCut = ReturnType<typeof useNextCut>;

/** A pass where the dial stands, of no row: it takes off what sprang back. */
export const atNoInfeed = ({ reading, start }: Prediction): EntryFields => ({
  plannedPass: '',
  start: String(start),
  counted: String(reading.value),
});
