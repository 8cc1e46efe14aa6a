import { useState } from 'react';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { catchesMarks } from '@/core/machine/technique/drives';
import { useKept } from '@/ui/shell/kept';
import type { Added } from './use-record';

/** What is said of the next cut before it is recorded, and how it is: at the desk as at the bench. */
export function useNextCut(
  sheet: Sheet,
  { next, drive: foretold, firstMark }: Prediction,
  add: (fields: EntryFields) => Promise<Added>,
) {
  const [mark, setMark] = useKept('mark-caught', '');
  const [otherDrive, setDrive] = useState<Prediction['drive'] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const { cycles } = sheet.words;
  /** The steps from this cut to the next, by the drive in hand. */
  const cycle = cycles.find((each) => each.drive === (otherDrive ?? foretold)) ?? cycles[0];
  const drive = cycle?.drive ?? foretold;
  const catches = catchesMarks(drive);

  async function record(fields: EntryFields): Promise<boolean> {
    const added = await add({
      kind: 'pass',
      plannedPass: next === null ? '' : String(next.n),
      drive,
      mark: catches ? mark : '',
      ...fields,
    });
    setProblem(added.ok ? null : (added.fields.reading ?? added.fields.crossSlide ?? added.message));
    return added.ok;
  }

  return {
    cycle,
    drive,
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
