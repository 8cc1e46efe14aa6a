import type { Entry } from '../../record/entry/entry';
import type { Sheet, SheetPass } from '../../sheet/sheet';
import { formatLengthWithUnit } from '@/core/base/units/format-length';
import { lengthIn } from '@/core/base/units/length';
import type { Judgement } from '../mark-line';
import type { Conduct } from '../rules-2/facts/conduct-of';
import type { CutMade } from '../rules-2/facts/cuts-made';
import { isInside } from '../rules-2/facts/measured';
import { judgeConduct } from '../rules-2/judge-conduct';
import { rowsAskedFor, type saidEnough } from '../rules-3/enough';
import type { OlderScheme as Scheme } from '../older/older-scheme';
import { judgeStops } from './judge-stops';

type Enough = ReturnType<typeof saidEnough>;

/** Conduct of the passes, always only what the plan asks; the rows that were left once the size was reached are not asked. */
export function judgePassesBy4(
  sheet: Sheet,
  entries: readonly Entry[],
  scheme: Scheme,
  conduct: Conduct,
  enough: Enough,
): Judgement[] {
  const cuts = conduct.judgedCuts;
  if (cuts.length === 0)
    return [
      {
        id: 'passes:none',
        title: 'Passes',
        share: 0,
        shown: false,
        reason: 'Not seen: no pass is recorded.',
        evidence: [],
      },
    ];
  const asked = enough === null ? conduct : { ...conduct, passes: rowsAskedFor(conduct) };
  const rows = judgeRows(sheet, asked, cuts, scheme.judging.scheduleGraduations);
  const early = enough !== null && (enough.onTheWay || feeding(asked) < feeding(conduct));
  const others = judgeConduct(sheet, asked, entries, coverage(rows)).map((line) =>
    line.id === 'passes:stops'
      ? judgeStops(sheet, asked, entries)
      : withItsReason(seen(asSentence(line)), rows),
  );
  return [
    schedule(rows),
    infeed(sheet, asked, cuts, rows, scheme),
    reversal(sheet, cuts, rows),
    ...springs(sheet, cuts, early),
    ...others.flatMap((line) => line ?? []),
  ];
}

const asSentence = (line: Judgement): Judgement =>
  line.reason.endsWith('.') ? line : { ...line, reason: `${line.reason}.` };

/** A mark that the plan asks for and nobody noted is not seen. */
const seen = (line: Judgement): Judgement =>
  line.id === 'passes:mark' && line.share === null
    ? { ...line, share: 0, shown: false, reason: 'Not seen: no mark was noted.' }
    : line;

const feeding = ({ passes }: Pick<Conduct, 'passes'>) =>
  passes.filter(({ kind }) => kind !== 'spring').length;

export interface RowJudgement {
  planned: number;
  kept: number;
  /** Rows that were cut, or rightly left uncut: the share of the plan over which the conduct was seen. */
  covered: number;
  off: CutMade[];
}

/**
 * Each feeding row of the plan: kept when it was cut by its reading or by its infeed, within the scheme's graduations, or
 * as a measurement or a nut allowed; left uncut it is kept when the size was reached. A bite that is the planned one from
 * another zero is the planned bite.
 */
export function judgeRows(
  sheet: Sheet,
  conduct: Conduct,
  cuts: readonly CutMade[],
  graduations: number,
): RowJudgement {
  const { value: graduation, unit } = sheet.lathe.dial.graduation;
  const tolerance = graduation * graduations + 1e-9;
  const planned = conduct.passes.filter(({ kind }) => kind !== 'spring');
  const { measured } = conduct;
  const sizeReached = measured !== null && (isInside(sheet, measured) || measured.remainingCompound <= 0);
  const isAllowed = ({ reading, stopReading, triedReading }: CutMade) =>
    [stopReading, triedReading].some((to) => to !== null && reading <= to + tolerance);
  const isKept = (row: SheetPass, cut: CutMade) =>
    Math.abs(cut.infeed - lengthIn(row.dialInfeed, unit)) <= tolerance ||
    Math.abs(cut.reading - (cut.row ?? row).dialReading.value) <= tolerance ||
    isAllowed(cut);
  const deepest = Math.max(...cuts.map(({ reading }) => reading));
  const saidEnough = (until: string | null) =>
    conduct.stops.some(({ stop, saysEnough }) => saysEnough && stop.check === until);
  const judged: RowJudgement = { planned: planned.length, kept: 0, covered: 0, off: [] };
  const count = (isGood: boolean) => {
    judged.covered += 1;
    if (isGood) judged.kept += 1;
  };
  for (const row of planned) {
    const mine = cuts.filter((cut) => cut.usesRow && cut.row?.n === row.n && cut.row.kind !== 'spring');
    if (mine.length > 0 && mine.every(({ readingTaken }) => !readingTaken)) {
      // Nobody can say how deep it went: it is neither kept nor missed.
      judged.planned -= 1;
      continue;
    }
    if (mine.length > 0) {
      const off = mine.filter((cut) => !isKept(row, cut));
      judged.off.push(...off);
      count(off.length === 0);
      continue;
    }
    if (row.until !== null && saidEnough(row.until)) {
      count(true);
      continue;
    }
    const overtaken = cuts.find(
      ({ entry, reading }) => entry.content.start === row.start && reading >= row.dialReading.value - 1e-9,
    );
    if (overtaken === undefined) {
      if (sizeReached && row.dialReading.value > deepest - 1e-9) count(true);
      continue;
    }
    const near = Math.abs(overtaken.reading - row.dialReading.value) <= tolerance;
    count(isAllowed(overtaken) || (sizeReached && near));
  }
  return judged;
}

const coverage = ({ planned, covered }: RowJudgement) => (planned === 0 ? 0 : covered / planned);

const seenOver = ({ covered, planned }: RowJudgement) =>
  covered >= planned ? '' : ` Seen over ${covered} of ${planned} planned feeding passes.`;

/** What is seen over a part of the plan earns that part: it is said. */
const withItsReason = (line: Judgement, rows: RowJudgement): Judgement =>
  line.share !== null && line.share < 1 && line.share > 0
    ? { ...line, reason: line.reason + seenOver(rows) }
    : line;

function schedule(rows: RowJudgement): Judgement {
  const { planned, kept, off, covered } = rows;
  const left = planned - covered;
  return {
    id: 'passes:schedule',
    title: 'Schedule kept',
    share: planned === 0 ? (off.length === 0 ? null : 0) : kept / planned,
    reason: `${kept} of ${planned} feeding passes by the plan, or right by measurement.${left > 0 ? ` Not cut: ${left}.` : ''}`,
    evidence: off.map(({ entry }) => entry.id),
  };
}

/** Tables of the instructor's own are not marked down: their largest row counts. */
const OWN_TABLES: readonly string[] = ['list', 'chart', 'until', 'own'];

/** Full to the largest infeed that is allowed and a graduation, half to as much again, then none: all as the dial shows it. */
function infeed(
  sheet: Sheet,
  { passes }: Conduct,
  cuts: readonly CutMade[],
  rows: RowJudgement,
  { judging }: Scheme,
): Judgement {
  const { graduation, reads } = sheet.lathe.dial;
  const { unit } = graduation;
  const asked = Math.max(
    OWN_TABLES.includes(sheet.schedule.school)
      ? Math.max(0, ...passes.map(({ dialInfeed }) => lengthIn(dialInfeed, unit)))
      : 0,
    (reads === 'diameter' ? 2 : 1) * lengthIn(sheet.schedule.largestInfeed, unit),
  );
  const slack = graduation.value * judging.infeedGraduations + 1e-9;
  const [worst] = cuts.toSorted((a, b) => b.infeed - a.infeed);
  const deep = Math.max(0, worst?.infeed ?? 0);
  const share = deep <= asked + slack ? 1 : deep <= 1.5 * asked + slack ? 0.5 : 0;
  const show = (value: number) => formatLengthWithUnit({ value, unit });
  const on = reads === 'diameter' ? ' on the diameter' : '';
  const over =
    share === 1
      ? ''
      : share > 0
        ? ' and a graduation: half'
        : ' and a graduation: more than half as much again';
  return {
    id: 'passes:infeed',
    title: 'Largest infeed',
    share: share * coverage(rows),
    reason: `Largest infeed ${show(deep)}${on}; the plan allows ${show(asked)}${on}${over}.${seenOver(rows)}`,
    evidence: worst === undefined ? [] : [worst.entry.id],
  };
}

function reversal({ feed: { slide } }: Sheet, cuts: readonly CutMade[], rows: RowJudgement): Judgement {
  const back = cuts.filter((cut) => cut.infeed < -1e-9);
  const share = back.length === 0 ? 1 : back.length === 1 ? 0.5 : 0;
  return {
    id: 'passes:reversal',
    title: `${slide === 'compound' ? 'Compound' : 'Cross slide'} never backed off`,
    share: share * coverage(rows),
    reason:
      back.length === 0
        ? `Readings only go in.${seenOver(rows)}`
        : `Backed off ${back.length === 1 ? 'once' : `${back.length} times`}: backlash makes the next depth uncertain.${seenOver(rows)}`,
    evidence: back.map(({ entry }) => entry.id),
  };
}

/**
 * Passes at no infeed, wherever they came: one in mid-course is one. After a feed that came when all were taken one more is
 * asked. Where the plan asks for none there is no such line, and once the size was reached none more was wanted.
 */
function springs(
  { schedule: { spring }, thread: { starts } }: Sheet,
  cuts: readonly CutMade[],
  early: boolean,
): Judgement[] {
  const wanted = spring * starts;
  if (wanted === 0) return [];
  const isDry = ({ infeed: fed, readingTaken }: CutMade) => readingTaken && Math.abs(fed) <= 1e-9;
  const dry = cuts.filter(isDry);
  const afterLast = cuts.slice(cuts.findLastIndex((cut) => !isDry(cut)) + 1);
  const more = dry.length >= wanted && afterLast.length === 0 ? 1 : 0;
  const share = early ? 1 : Math.min(1, dry.length / (wanted + more));
  const reasons = [
    `${dry.length} at no infeed, ${wanted} planned.`,
    ...(early && dry.length < wanted ? ['Size was reached: none more was wanted.'] : []),
    ...(!early && more > 0 ? ['The last cut fed: one more after it was asked.'] : []),
  ];
  return [
    {
      id: 'passes:spring',
      title: 'Spring passes',
      share,
      reason: reasons.join(' '),
      evidence: dry.map(({ entry }) => entry.id),
    },
  ];
}
