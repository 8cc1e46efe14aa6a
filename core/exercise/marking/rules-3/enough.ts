import type { Sheet, SheetPass } from '../../sheet/sheet';
import { isKind, type Entry } from '../../record/entry/entry';
import type { Conduct } from '../rules-2/facts/conduct-of';
import { isInside, measuredOf } from '../rules-2/facts/measured';
import { wantedAnswers } from '../rules-2/facts/stops-kept';

/** The answer by which nothing more was to be cut, with no cut after it; null where none said so. */
export function saidEnough(sheet: Sheet, live: readonly Entry[]): { entry: Entry; onTheWay: boolean } | null {
  const since = live
    .slice(live.findLastIndex(isKind('pass')) + 1)
    .filter((entry) => saysEnough(sheet, entry));
  const entry = since.at(-1);
  const onTheWay = since.some(({ content }) => 'purpose' in content && content.purpose === 'mid');
  return entry === undefined ? null : { entry, onTheWay };
}

function saysEnough(sheet: Sheet, entry: Entry): boolean {
  if (isKind('measurement')(entry)) return isInside(sheet, measuredOf(sheet, entry.content));
  if (isKind('trial')(entry)) {
    const { evidenceId, answer, end, toShoulder } = entry.content;
    const evidence = sheet.proof.find(({ id }) => id === evidenceId);
    return (
      wantedAnswers(evidence).includes(answer) &&
      (evidence?.bothEnds !== true || end === 'both') &&
      (evidence?.toShoulder !== true || toShoulder === true)
    );
  }
  return isKind('finding')(entry) && entry.content.answer === 'right';
}

/** The rows in force as far as they were cut: what is deeper was not to be cut any more. */
export function rowsAskedFor({ passes, cuts }: Conduct): SheetPass[] {
  const used = new Set(cuts.map(({ row }) => row?.n));
  const deepest = Math.max(0, ...cuts.map(({ reading }) => reading));
  return passes.filter(({ n, kind, dialReading }) =>
    kind === 'spring' ? used.has(n) : used.has(n) || dialReading.value <= deepest + 1e-9,
  );
}
