import type { NutReckoning } from '@/core/measuring/nut/reckon-nut';
import { onDialNow } from '../../sheet/on-dial-now';
import { notKnownHere } from '../../sheet/not-known-here';
import type { Sheet, SheetPass } from '../../sheet/sheet';
import { REAL_DRIVES, type RealDrive, USUAL_DRIVE } from '@/core/machine/technique/drives';
import type { Band } from '@/core/thread/standards/thread-limits';
import type { Length } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import type { Block } from '../entry/block';
import { blocksOf } from './blocks';
import { impliedByProof, type Implied } from './implied';
import type { Cut } from './cut-fold';
import { cutsOf } from './cuts';
import { isDeeper } from './feed';
import { readingIn, standingOf } from './standing';
import { isKind, type Entry, type EntryOf } from '../entry/entry';
import { allOf, lastOf } from '../entry/of-kind';
import { inOrderOfWork } from './leading';
import { measuredThread, type MeasuredThread } from './measured-thread';
import { nutOfRecord } from './nut-of-record';
import { kindOfEntry } from '../entry/read-stored-entry';
import type { AttemptState } from './record-state';
import type { Segment } from './segment';
import { handInOf, pieceSentBack, type PieceSentBack } from './sent-back';
import { lastLook, sentBackOf, stepProgress, type StepProgress } from './step-progress';
import { isDueBy } from './step-due';
import { stopProgress, type StopProgress } from './stop-progress';
import { type Remaining, remainingFeed } from './remaining';

/** Sheet against record. All of it follows from (sheet, entries). */
export interface Prediction {
  state: Exclude<AttemptState, 'marked'>;
  lathe: EntryOf<'lathe'> | null;
  steps: StepProgress[];
  stops: StopProgress[];
  /** The stop that is due now, before the next cut; null without one. */
  due: StopProgress | null;
  /** What stands in the way of the next cut. */
  blocks: Block[];
  cuts: Cut[];
  segment: Segment;
  /** The size by now: measured, tried or foretold, as far as it is known; null: not known, or no thread yet. */
  size: Band | null;
  /** Whether the tip that cuts is known: measured as planned, or found at the bench. */
  tipKnown: boolean;
  /** The sheet, with the compound at the angle at which it was really set: what the dial feeds is reckoned by it. */
  asSet: Sheet;
  /** Whether anything was cut with the compound at another angle than the plan’s. */
  cutOtherwise: boolean;
  /** Whether the angle of every slide that fed since the zero in force is known, as far as the size hangs on it. */
  angleKnown: boolean;
  /** The rows in force: the sheet's, or those of the latest refiguring. */
  passes: SheetPass[];
  /** The entry that refigured them; null: the sheet's own. */
  rowsOf: string | null;
  /** The blank or bore for which the rows in force are figured, in the thread's unit. */
  figuredFor: number;
  /** The dial's reading now, in the start of the last cut. */
  reading: Length;
  /** The deepest figure in that start since the zero: a dial that was wound back says nothing before it is passed again. */
  deepest: number;
  /** The start that the last cut was in, from 1. */
  start: number;
  /** How the next cut is driven: as the row says, as the last one was, or as planned; `unknown`: by a way of a later release. */
  drive: RealDrive | 'unknown';
  /** The mark of the thread dial that was caught first since the zeros in force were taken, where it was noted. */
  firstMark: string | null;
  /** The row that is cut next, its reading and its infeed from where the dial stands; null: none is left. */
  next: SheetPass | null;
  remaining: Remaining | null;
  /** The tip or the zero that the last proof implies; null: nothing new. */
  implied: Implied | null;
  /** What the nut, or another piece that was tried, says so far; null without a trial. */
  nut: { evidenceId: string; reckoning: NutReckoning } | null;
  final: { entry: EntryOf<'measurement'>; measured: MeasuredThread } | null;
  ended: EntryOf<'hand-in'> | null;
  /** The piece was sent back and is not handed in again; null otherwise. */
  sentBack: PieceSentBack | null;
  /** What stands in the way of the next cut, as codes. */
  warnings: string[];
  /** Entries of kinds that this release does not know. */
  unknown: Entry[];
}

/**
 * What the record says of the work, for bench, mark and drawing alike: pure, and with no opinion of the plan but the
 * sheet's.
 */
export function predict(sheet: Sheet, entries: readonly Entry[]): Prediction {
  const live = inOrderOfWork(entries);
  const refigure = lastOf(live, 'refigure');
  const passes = refigure?.content.passes ?? sheet.passes;
  const steps = sheet.steps.map((step) => stepProgress(sheet, step, live));
  const { cuts, segment, tries, firstMark, reached, nearly, dial, asSet, angleKnown, cutOtherwise } = cutsOf(
    sheet,
    live,
  );
  const stops = stopProgress(sheet, live, cuts, passes);
  const { unit } = sheet.lathe.dial.graduation;
  const last = cuts.at(-1);
  const reading: Length = { value: dial.reading, unit };
  const final = allOf(live, 'measurement').findLast(({ content }) => content.purpose === 'final');
  const remaining = remainingFeed(asSet, live, cuts, segment);
  const next = nextPass(sheet, {
    passes,
    cuts,
    stops,
    segment,
    readings: dial.readings,
    reached,
    nearly,
  });
  const figuredFor =
    allOf(live, 'refigure').findLast(({ content }) => content.what === 'work-diameter')?.content.value ??
    sheet.workDiameter;
  const signed = new Set(
    sheet.stops.map(({ id }) => id).filter((id) => lastLook(id, live)?.content.kind === 'sign-off'),
  );
  const blocks = blocksOf(
    steps,
    stops,
    (when) => isDueBy(when, cuts, passes),
    signed,
    notKnownHere(sheet),
  ).map((block) => {
    const back = block.kind === 'hold' ? sentBackOf(block.id, live) : null;
    return back === null ? block : { ...block, sentBack: back.content.reason };
  });
  return {
    state: stateOf(live),
    lathe: lastOf(live, 'lathe') ?? null,
    steps,
    stops,
    due: stops.find(({ state }) => state === 'due') ?? null,
    blocks,
    cuts,
    segment,
    size: standingOf(asSet, segment, last, figuredFor, dial).size,
    tipKnown: dial.tipKnown,
    asSet,
    cutOtherwise,
    angleKnown: angleKnown && !fedAtUnknownAngle(segment, cuts),
    passes,
    rowsOf: refigure?.id ?? null,
    figuredFor,
    reading,
    deepest: last === undefined ? 0 : readingIn(dial.deepest, segment, last.entry.content.start),
    start: last?.entry.content.start ?? 1,
    drive: next?.drive ?? last?.entry.content.drive ?? plannedDrive(sheet),
    firstMark,
    next,
    remaining,
    implied: impliedByProof(asSet, live, { segment, cuts, remaining, figuredFor }),
    nut: nutOfRecord(asSet, tries),
    final: final === undefined ? null : { entry: final, measured: measuredThread(sheet, final.content) },
    ended: handInOf(live),
    sentBack: pieceSentBack(live),
    warnings: warningsOf(steps, next, remaining),
    unknown: [...allOf(entries, 'unknown')],
  };
}

const plannedDrive = ({ way }: Sheet): Prediction['drive'] =>
  way.drive === 'unknown' ? way.drive : (REAL_DRIVES.find((drive) => drive === way.drive) ?? USUAL_DRIVE);

/** An entry that answers the proof for good. */
const isFinal = ({ content }: Entry) =>
  (content.kind === 'measurement' || content.kind === 'trial' || content.kind === 'finding') &&
  content.purpose === 'final';

function stateOf(live: readonly Entry[]): Prediction['state'] {
  if (handInOf(live) !== null) return 'waiting';
  const last = live.findLast((entry) => isKind('pass')(entry) || isFinal(entry));
  if (last !== undefined) return isFinal(last) ? 'measured' : 'cutting';
  return live.some((entry) => kindOfEntry(entry)?.beginsWork === true) ? 'set-up' : 'not-begun';
}

/** Where the rows stand against the cuts. */
interface Work {
  passes: readonly SheetPass[];
  cuts: readonly Cut[];
  stops: readonly StopProgress[];
  segment: Segment;
  readings: ReadonlyMap<number, number>;
  reached: ReadonlyMap<number, number>;
  nearly: ReadonlyMap<number, SheetPass>;
}

/**
 * The next row that still goes deeper than the dial stands in its start, or the next spring pass; null when all are cut.
 * A row that was cut shallower than it says is not used up. A repeat ends when its check says enough. Its figures are
 * those of the dial as it is zeroed now, its infeed the one that is really left.
 */
function nextPass(
  sheet: Sheet,
  { passes, cuts, stops, segment, readings, reached: cutTo, nearly: short }: Work,
): SheetPass | null {
  const standing = (start: number) => segment.planAtZero + readingIn(readings, segment, start);
  const ended = (until: string | null) =>
    until !== null && stops.some(({ stop, saysEnough }) => saysEnough && stop.check === until);
  // A dial that was backed off since opens no row again.
  const deepest = (start: number) => Math.max(standing(start), cutTo.get(start) ?? -Infinity);
  // Short of its row by one graduation, and a deeper row to come: nobody cuts that alone.
  const last = new Map(passes.map(({ start }) => [start, deepestRow(passes, start)]));
  const nearly = new Set(
    [...short.values()].flatMap(({ n, start, dialReading }) =>
      isDeeper(sheet, last.get(start) ?? -Infinity, dialReading.value) ? [n] : [],
    ),
  );
  // As the dial can be set: on a whole graduation.
  const onPlan = (figure: number) => segment.planAtZero + onDialNow(sheet, segment.planAtZero, figure);
  const goesDeeper = ({ n, dialReading, start }: SheetPass) =>
    !nearly.has(n) && isDeeper(sheet, onPlan(dialReading.value), deepest(start));
  const used = cuts.findLast(({ usesRow, row }) => usesRow && row !== null)?.row?.n ?? 0;
  const reached = passes.findLast((row) => row.kind !== 'spring' && !goesDeeper(row))?.n ?? 0;
  const done = Math.max(used, reached);
  const row = passes.find(
    (each) => !ended(each.until) && (each.kind === 'spring' ? each.n > done : goesDeeper(each)),
  );
  if (row === undefined) return null;
  const { unit } = row.dialReading;
  const now = standing(row.start);
  const to = row.kind === 'spring' ? deepest(row.start) : row.dialReading.value;
  const at =
    row.kind === 'spring' ? roundTo(to - segment.planAtZero, 7) : onDialNow(sheet, segment.planAtZero, to);
  return {
    ...row,
    dialReading: { value: at, unit },
    dialInfeed: { value: roundTo(at + segment.planAtZero - now, 6), unit },
  };
}

/** The deepest row of a start. */
const deepestRow = (passes: readonly SheetPass[], start: number): number =>
  Math.max(...passes.flatMap((row) => (row.start === start ? [row.dialReading.value] : [])));

/** The compound fed a cut of this zero at an angle that nobody knows, and nothing was measured since. */
const fedAtUnknownAngle = ({ zero, anchor, depthAtZero }: Segment, cuts: readonly Cut[]): boolean =>
  anchor === null &&
  depthAtZero === null &&
  cuts.some(
    ({ entry: { content } }) =>
      content.zero === zero && content.compound !== null && content.compound.angleDeg === null,
  );

function warningsOf(
  steps: readonly StepProgress[],
  next: SheetPass | null,
  remaining: Remaining | null,
): string[] {
  const stop = remaining?.stopReading?.value ?? Infinity;
  return [
    ...steps.filter(({ step, signed }) => step.hold && !signed).map(({ step }) => `open:${step.id}`),
    ...steps.filter(({ verdict }) => verdict === 'wrong').map(({ step }) => `wrong:${step.id}`),
    ...(next !== null && next.dialReading.value > stop + 1e-9 ? ['past-stop'] : []),
  ].slice(0, 10);
}
