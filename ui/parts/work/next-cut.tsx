import { isUnsafeMark, safeMarks } from '@/core/exercise/record/advice/safe-marks';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet, SheetPass } from '@/core/exercise/sheet/sheet';
import { DRIVE_DATA } from '@/core/machine/technique/drives';
import { Message } from '@/ui/kit/message';
import { Chips } from './chips';
import type { NextCut } from './use-next-cut';

/** What a pass of the schedule is called. */
const KIND_WORDS = {
  scratch: 'scratch pass',
  rough: 'roughing',
  finish: 'finishing',
  spring: 'spring pass, no infeed',
  unknown: 'of a kind that is not known here',
};

/** Which row of the schedule is next, and of what kind. */
export function PassTitle({ sheet, next, total }: { sheet: Sheet; next: SheetPass; total: number }) {
  return (
    <h2 className="text-3xl">
      Pass {next.n} of {total}{' '}
      <span className="font-normal text-ink-soft">
        · {KIND_WORDS[next.kind]}
        {sheet.thread.starts > 1 && `, start ${next.start}`}
        {next.until !== null && ', until it is enough'}
      </span>
    </h2>
  );
}

/** A mark that was caught: not the one that this plan keeps to, or one that does not bring the tool back into its groove. */
export function OtherMark({
  sheet,
  prediction,
  cut,
}: {
  sheet: Sheet;
  prediction: Prediction;
  cut: NextCut;
}) {
  const safe = safeMarks(sheet, prediction).marks;
  if (cut.otherMark)
    return (
      <Message tone="warning">{`The first cut caught dial mark ${prediction.firstMark}: this plan wants always the same.`}</Message>
    );
  if (!cut.catches || prediction.firstMark === null || !isUnsafeMark(sheet, prediction, cut.mark))
    return null;
  return (
    <Message tone="warning">
      {`Dial mark ${cut.mark} does not bring the tool back into its groove; ${safe.join(', ')} do. Did the tool touch? Then stop and look for a second groove: “Something happened”.`}
    </Message>
  );
}

/** The drives that this lathe can have; nothing where there is no choice. */
export function DrivenBy({ sheet, cut }: { sheet: Sheet; cut: NextCut }) {
  const { cycles } = sheet.words;
  if (cycles.length < 2) return null;
  return (
    <Chips<string>
      label={cut.said === null ? 'Driven by (not said yet)' : 'Driven by'}
      chosen={cut.said ?? ''}
      options={cycles.map(({ drive, name }) => ({
        id: drive,
        text: drive === 'unknown' ? name : DRIVE_DATA[drive].short,
        title: name,
      }))}
      onChoose={(id) => cut.setDrive(cycles.find(({ drive }) => drive === id)?.drive ?? null)}
    />
  );
}
