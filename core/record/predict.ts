import { radialDepthOf } from '../compound';
import { groundHeight, pitchDiameterAt } from '../depth';
import { meets, sheetDepth, type Sheet, type SheetPass, type SheetStep } from '../sheet';
import { lengthIn, roundTo, type Length } from '../units';
import { isKind, liveEntries, type Entry, type EntryOf } from './entry';
import { measuredThread, type MeasuredThread } from './measured-thread';
import type { AttemptState } from './record-state';

export type StepVerdict = 'open' | 'done' | 'right' | 'wrong';

/** A step of the set-up with what was recorded for it; the latest standing entry is shown. */
export interface StepProgress {
  step: SheetStep;
  entry: EntryOf<'step'> | EntryOf<'sign-off'> | null;
  verdict: StepVerdict;
}

/** A standing cut with what follows from it. Dial figures in the dial's unit, sizes in the thread's. */
export interface Cut {
  entry: EntryOf<'pass'>;
  /** The row before the student, of the rows that were in force. */
  row: SheetPass | null;
  reading: number;
  /** Against the reading that stands in the same start. */
  infeed: number;
  /** A cut without infeed uses up only a row that has none itself. */
  usesRow: boolean;
  /** What the latest measurement before it left to cut, as a dial reading to stop at; null without one. */
  stopReading: number | null;
  /** Foretold; null while the groove is too shallow, or the tip is not known. */
  pitchDiameter: number | null;
}

/** The remaining feed by the latest measurement, less what was fed since. */
export interface Remaining {
  measurement: EntryOf<'measurement'>;
  measured: MeasuredThread;
  radial: number;
  compound: number;
  /** Dial reading at which the target is reached, on a whole graduation; null before the first pass. */
  stopReading: Length | null;
}

/** Sheet against record. All of it follows from (sheet, entries). */
export interface Prediction {
  state: Exclude<AttemptState, 'marked'>;
  lathe: EntryOf<'lathe'> | null;
  steps: StepProgress[];
  cuts: Cut[];
  /** The rows in force: the sheet's, or those of the latest refiguring. */
  passes: SheetPass[];
  /** The entry that refigured them; null: the sheet's own. */
  rowsOf: string | null;
  /** The blank or bore for which the rows in force are figured, in the thread's unit. */
  figuredFor: number;
  /** The compound's reading now. */
  reading: Length;
  next: SheetPass | null;
  remaining: Remaining | null;
  final: { entry: EntryOf<'measurement'>; measured: MeasuredThread } | null;
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
  const live = liveEntries(entries);
  const refigure = live.findLast(isKind('refigure'));
  const passes = refigure?.content.passes ?? sheet.passes;
  const steps = sheet.steps.map((step) => stepProgress(sheet, step, live));
  const cuts = cutsOf(sheet, live);
  const { unit } = sheet.lathe.dial.graduation;
  const reading: Length = { value: cuts.at(-1)?.reading ?? 0, unit };
  const final = live.filter(isKind('measurement')).findLast(({ content }) => content.purpose === 'final');
  const remaining = remainingFeed(sheet, live);
  const next = nextPass(passes, cuts);
  return {
    state: stateOf(live),
    lathe: live.findLast(isKind('lathe')) ?? null,
    steps,
    cuts,
    passes,
    rowsOf: refigure?.id ?? null,
    figuredFor:
      live.filter(isKind('refigure')).findLast(({ content }) => content.what === 'work-diameter')?.content
        .value ?? sheet.workDiameter,
    reading,
    next,
    remaining,
    final: final === undefined ? null : { entry: final, measured: measuredThread(sheet, final.content) },
    warnings: warningsOf(steps, next, remaining),
    unknown: entries.filter(({ content }) => content.kind === 'unknown'),
  };
}

function stateOf(live: readonly Entry[]): Prediction['state'] {
  if (live.some(isKind('hand-in'))) return 'waiting';
  const lastPass = live.findLastIndex(isKind('pass'));
  const lastFinal = live.findLastIndex(
    ({ content }) => content.kind === 'measurement' && content.purpose === 'final',
  );
  if (lastFinal > lastPass) return 'measured';
  if (lastPass >= 0) return 'cutting';
  return live.some(({ content }) => content.kind !== 'note' && content.kind !== 'lathe')
    ? 'set-up'
    : 'not-begun';
}

const isStepEntry = (entry: Entry): entry is EntryOf<'step'> | EntryOf<'sign-off'> =>
  isKind('step')(entry) || isKind('sign-off')(entry);

function stepProgress(sheet: Sheet, step: SheetStep, live: readonly Entry[]): StepProgress {
  const entry = live.filter(isStepEntry).findLast(({ content }) => content.stepId === step.id);
  return {
    step,
    entry: entry ?? null,
    verdict: entry === undefined ? 'open' : stepVerdict(sheet, step, entry),
  };
}

/** How a recorded step stands against the sheet. Speed is judged by the time left in the run-out, not by the figure. */
export function stepVerdict(
  sheet: Sheet,
  step: SheetStep,
  { content }: EntryOf<'step'> | EntryOf<'sign-off'>,
): Exclude<StepVerdict, 'open'> {
  const value = content.kind === 'step' ? content.value : null;
  if (step.expected === null || value === null) return 'done';
  if (meets(step.expected, value)) return 'right';
  return step.expected.unit === 'rpm' && timeAt(sheet, value) >= sheet.speed.reactionSeconds - 1e-9
    ? 'right'
    : 'wrong';
}

/** Seconds in the run-out at a speed. */
export function timeAt({ speed, thread }: Sheet, rpm: number): number {
  return (60 * speed.runOutWidth) / (rpm * thread.lead);
}

function cutsOf(sheet: Sheet, live: readonly Entry[]): Cut[] {
  const { unit } = sheet.lathe.dial.graduation;
  const depth = sheetDepth(sheet);
  const standing = new Map<number, number>();
  const cuts: Cut[] = [];
  let workDiameter = sheet.workDiameter;
  let passes = sheet.passes;
  let stopReading: number | null = null;
  for (const entry of live) {
    if (isKind('refigure')(entry)) {
      passes = entry.content.passes;
      if (entry.content.what === 'work-diameter') workDiameter = entry.content.value;
    }
    if (isKind('measurement')(entry)) {
      const at = cuts.at(-1);
      const { remainingCompound } = measuredThread(sheet, entry.content);
      stopReading = at === undefined ? null : stopAt(sheet, at.reading, remainingCompound);
    }
    if (!isKind('pass')(entry)) continue;
    const { plannedPass, start, reading } = entry.content;
    const row = passes.find(({ n }) => n === plannedPass) ?? null;
    const infeed = roundTo(reading - (standing.get(start) ?? 0), 7);
    const radialDepth = radialDepthOf(
      lengthIn({ value: dialTravel(sheet, reading), unit }, sheet.thread.unit),
      sheet.compound.angleDeg,
    );
    const sized = sheet.tip.known && radialDepth > groundHeight(depth);
    cuts.push({
      entry,
      row,
      reading,
      infeed,
      usesRow: Math.abs(infeed) > 1e-9 || row?.kind === 'spring',
      stopReading,
      pitchDiameter: sized ? pitchDiameterAt({ ...depth, workDiameter }, radialDepth) : null,
    });
    standing.set(start, reading);
  }
  return cuts;
}

/** A figure of the dial as travel of the slide, in the dial's unit. */
function dialTravel({ lathe }: Sheet, figure: number): number {
  return lathe.dial.reads === 'diameter' ? figure / 2 : figure;
}

/** The reading at which a remaining feed is used up, on a whole graduation. `remaining` in the thread's unit. */
function stopAt({ lathe: { dial }, thread }: Sheet, reading: number, remaining: number): number {
  const { value: graduation, unit } = dial.graduation;
  const shown = lengthIn({ value: remaining, unit: thread.unit }, unit) * (dial.reads === 'diameter' ? 2 : 1);
  return roundTo(Math.round((reading + shown) / graduation) * graduation, 6);
}

/**
 * The next row that still goes deeper than the dial stands in its start, or the next spring pass; null when all are cut.
 */
function nextPass(passes: readonly SheetPass[], cuts: readonly Cut[]): SheetPass | null {
  const last = cuts.findLast(({ usesRow }) => usesRow)?.row?.n ?? 0;
  const standing = (start: number) =>
    cuts.findLast(({ entry }) => entry.content.start === start)?.reading ?? 0;
  return (
    passes.find(
      ({ n, kind, start, dialReading }) =>
        n > last && (kind === 'spring' || dialReading.value > standing(start) + 1e-9),
    ) ?? null
  );
}

function remainingFeed(sheet: Sheet, live: readonly Entry[]): Remaining | null {
  const index = live.findLastIndex(isKind('measurement'));
  const measurement = live[index];
  if (measurement === undefined || !isKind('measurement')(measurement)) return null;
  const { unit } = sheet.lathe.dial.graduation;
  const measured = measuredThread(sheet, measurement.content);
  const last = live.findLast(isKind('pass'));
  const before = live.slice(0, index).findLast(isKind('pass'));
  const fedOnDial = (last?.content.reading ?? 0) - (before?.content.reading ?? 0);
  const fed = lengthIn({ value: dialTravel(sheet, fedOnDial), unit }, sheet.thread.unit);
  return {
    measurement,
    measured,
    radial: measured.remainingRadial - radialDepthOf(fed, sheet.compound.angleDeg),
    compound: measured.remainingCompound - fed,
    stopReading:
      before === undefined
        ? null
        : { value: stopAt(sheet, before.content.reading, measured.remainingCompound), unit },
  };
}

function warningsOf(
  steps: readonly StepProgress[],
  next: SheetPass | null,
  remaining: Remaining | null,
): string[] {
  const stop = remaining?.stopReading?.value ?? Infinity;
  return [
    ...steps
      .filter(({ step, verdict }) => step.kind === 'sign-off' && verdict === 'open')
      .map(({ step }) => `open:${step.id}`),
    ...steps.filter(({ verdict }) => verdict === 'wrong').map(({ step }) => `wrong:${step.id}`),
    ...(next !== null && next.dialReading.value > stop + 1e-9 ? ['past-stop'] : []),
  ].slice(0, 10);
}
