import type { Entry } from '../../record/entry/entry';
import type { Sheet, SheetPass } from '../../sheet/sheet';
import { formatLengthWithUnit } from '@/core/base/units/format-length';
import { lengthIn } from '@/core/base/units/length';
import { judgeConduct } from './judge-conduct';
import type { Judgement } from '../mark-line';
import type { OlderScheme as Scheme } from '../older/older-scheme';
import type { Conduct } from './facts/conduct-of';
import type { CutMade } from './facts/cuts-made';
import { isInside } from './facts/measured';

/** Conduct of the passes: schedule, largest infeed, no reversal, spring passes. */
export function judgePasses(
  sheet: Sheet,
  conduct: Conduct,
  entries: readonly Entry[],
  scheme: Scheme,
): Judgement[] {
  const cuts = conduct.judgedCuts;
  if (cuts.length === 0)
    return [{ id: 'passes:none', title: 'Passes', share: 0, reason: 'No pass is recorded.', evidence: [] }];
  const rows = judgeRows(sheet, conduct, cuts, scheme);
  return [
    schedule(rows),
    infeed(sheet, conduct, cuts, rows, scheme),
    reversal(sheet, cuts, rows),
    springs(sheet, cuts),
    ...(scheme.rules < 2 ? [] : judgeConduct(sheet, conduct, entries, coverage(rows))),
  ];
}

interface RowJudgement {
  planned: number;
  kept: number;
  /** Rows that were cut, or rightly left uncut: the share of the plan over which the conduct was seen. */
  covered: number;
  off: CutMade[];
}

/**
 * Each feeding row of the plan: kept when it was cut within the scheme's graduations, or when the reading was right by
 * what a measurement had left to cut or a nut let take; left uncut it is kept when the measurement says that size is reached.
 */
function judgeRows(sheet: Sheet, conduct: Conduct, cuts: readonly CutMade[], scheme: Scheme): RowJudgement {
  const tolerance = sheet.lathe.dial.graduation.value * scheme.judging.scheduleGraduations + 1e-9;
  const feeding = conduct.passes.filter(({ kind }) => kind !== 'spring');
  const { measured } = conduct;
  const sizeReached = measured !== null && (isInside(sheet, measured) || measured.remainingCompound <= 0);
  const rightByMeasurement = ({ reading, stopReading, triedReading }: CutMade) =>
    [stopReading, triedReading].some((to) => to !== null && reading <= to + tolerance);
  const deepest = Math.max(...cuts.map(({ reading }) => reading));
  const off: CutMade[] = [];
  let [kept, covered] = [0, 0];
  const ended = (until: string | null) =>
    conduct.stops.some(({ stop, saysEnough }) => saysEnough && stop.check === until);
  let planned = feeding.length;
  for (const row of feeding) {
    const mine = cuts.filter((cut) => cut.usesRow && cut.row?.n === row.n && cut.row.kind !== 'spring');
    if (mine.length > 0 && mine.every(({ readingTaken }) => !readingTaken)) {
      // Nobody can say how deep it went: it is neither kept nor missed.
      planned -= 1;
      continue;
    }
    const wrong = mine.filter(
      (cut) =>
        !byInfeed(sheet, row, cut, tolerance) &&
        Math.abs(cut.reading - rowReading(row, cut)) > tolerance &&
        !rightByMeasurement(cut),
    );
    if (mine.length > 0) {
      covered += 1;
      if (wrong.length === 0) kept += 1;
      off.push(...wrong);
      continue;
    }
    // A repeat is judged by infeed, check and how often at most, not by a count.
    if (row.until !== null && ended(row.until)) {
      [kept, covered] = [kept + 1, covered + 1];
      continue;
    }
    const overtaken = cuts.find(
      (cut) => cut.entry.content.start === row.start && cut.reading >= row.dialReading.value - 1e-9,
    );
    const rightlyLeft =
      overtaken === undefined
        ? sizeReached && row.dialReading.value > deepest - 1e-9
        : rightByMeasurement(overtaken) ||
          (sizeReached && Math.abs(overtaken.reading - row.dialReading.value) <= tolerance);
    if (rightlyLeft) [kept, covered] = [kept + 1, covered + 1];
    else if (overtaken !== undefined) covered += 1;
  }
  return { planned, kept, covered, off };
}

/** A row of a repeat is kept by its infeed, wherever the dial stands. */
function byInfeed({ lathe: { dial } }: Sheet, row: SheetPass, cut: CutMade, tolerance: number): boolean {
  if (row.until === null) return false;
  return Math.abs(cut.infeed - lengthIn(row.dialInfeed, dial.graduation.unit)) <= tolerance;
}

/** The reading that the student was given for this cut. */
const rowReading = (row: SheetPass, cut: CutMade) => cut.row?.dialReading.value ?? row.dialReading.value;

function schedule({ planned, kept, off }: RowJudgement): Judgement {
  return {
    id: 'passes:schedule',
    title: 'Schedule kept',
    share: planned === 0 ? (off.length === 0 ? null : 0) : kept / planned,
    reason: `${kept} of ${planned} feeding passes within one graduation of the plan, or right by measurement.`,
    evidence: off.map(({ entry }) => entry.id),
  };
}

const coverage = ({ planned, covered }: RowJudgement) => (planned === 0 ? 0 : covered / planned);

/** Tables of the instructor's own are not marked down: their largest row counts. */
const OWN_TABLES: readonly string[] = ['list', 'chart', 'until', 'own'];

function infeed(
  sheet: Sheet,
  { passes }: Conduct,
  cuts: readonly CutMade[],
  rows: RowJudgement,
  scheme: Scheme,
): Judgement {
  const { value: graduation, unit } = sheet.lathe.dial.graduation;
  const shown = sheet.lathe.dial.reads === 'diameter' ? 2 : 1;
  const own = OWN_TABLES.includes(sheet.schedule.school)
    ? Math.max(0, ...passes.map(({ dialInfeed }) => lengthIn(dialInfeed, unit)))
    : 0;
  const asked = Math.max(own, shown * lengthIn(sheet.schedule.largestInfeed, unit));
  const largestInfeed = own > 0 ? { value: asked, unit } : sheet.schedule.largestInfeed;
  const limit = asked + graduation * scheme.judging.infeedGraduations;
  const worst = cuts.reduce<CutMade | null>(
    (most, cut) => (cut.infeed > (most?.infeed ?? 0) ? cut : most),
    null,
  );
  const deep = worst?.infeed ?? 0;
  const good = deep <= limit + 1e-9;
  const show = (value: number) => formatLengthWithUnit({ value, unit });
  return {
    id: 'passes:infeed',
    title: 'Largest infeed',
    share: good ? coverage(rows) : 0,
    reason: `Largest infeed ${show(deep)}; the plan allows ${formatLengthWithUnit(largestInfeed, unit)}${good ? '' : ' and a graduation'}.${seenOver(rows)}`,
    evidence: worst === null ? [] : [worst.entry.id],
  };
}

function reversal({ feed: { slide } }: Sheet, cuts: readonly CutMade[], rows: RowJudgement): Judgement {
  const back = cuts.filter((cut) => cut.infeed < -1e-9);
  return {
    id: 'passes:reversal',
    title: `${slide === 'compound' ? 'Compound' : 'Cross slide'} never backed off`,
    share: back.length === 0 ? coverage(rows) : 0,
    reason:
      back.length === 0
        ? `Readings only go in.${seenOver(rows)}`
        : `Backed off ${back.length === 1 ? 'once' : `${back.length} times`}: backlash makes the next depth uncertain.`,
    evidence: back.map(({ entry }) => entry.id),
  };
}

function seenOver(rows: RowJudgement): string {
  return rows.covered >= rows.planned
    ? ''
    : ` Seen over ${rows.covered} of ${rows.planned} planned feeding passes.`;
}

/** Spring passes come after the last feed; one at no infeed in mid-course is a look at the spring that is left. */
function springs(sheet: Sheet, cuts: readonly CutMade[]): Judgement {
  const wanted = sheet.schedule.spring * sheet.thread.starts;
  const lastFeed = cuts.findLastIndex(({ infeed: fed }) => Math.abs(fed) > 1e-9);
  const taken = cuts.slice(lastFeed + 1);
  const all = sheet.thread.starts > 1 ? cuts.filter(({ row }) => row?.kind === 'spring') : taken;
  return {
    id: 'passes:spring',
    title: 'Spring passes',
    share: wanted === 0 ? 1 : Math.min(1, all.length / wanted),
    reason: wanted === 0 ? 'The plan asks for none.' : `${all.length} taken, ${wanted} planned.`,
    evidence: all.map(({ entry }) => entry.id),
  };
}
