import { grooveCaseOf } from '@/core/cutting/groove/groove-case';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import {
  chartRows,
  constantInfeedRows,
  listRows,
  ownRows,
  twoThirdsRows,
  untilRows,
} from '@/core/cutting/schedule/school-rows';
import {
  constantAreaRows,
  fewestRoughing,
  largestOf,
  roughingFeed,
  type ExactRow,
  type RowOrder,
} from '@/core/cutting/schedule/exact-rows';
import type { RealDrive } from '@/core/machine/technique/drives';
import type { Way } from '@/core/machine/technique/way';
import type { Thread } from '@/core/thread/standards/thread';
import type { Tip } from '@/core/thread/tool/tip';
import { lengthIn, type Length } from '@/core/base/units/length';
import { radians } from '@/core/base/units/angle';
import { roundTo } from '@/core/base/units/round';
import { infeedDefaults } from '../plan-defaults';
import type { PlanIssue } from '../plan-issue';
import type { ScheduleInput, School } from '../read/read-schedule';
import { remember } from '../remember';
import type { UsualInfeeds } from '../usual-infeed';

/** What a schedule really asks for once the proposals are put in; null where it could not be read. */
export interface SettledSchedule {
  scratch: Length | null;
  largest: Length | null;
  second: Length | null;
  finishing: number | null;
  finishingInfeed: Length | null;
  spring: number | null;
}

/** A row before any dial, with what an own table says of its drive. */
export type PlannedRow = ExactRow & { drive?: RealDrive };

export interface RowsStage {
  school: School;
  asked: SettledSchedule;
  suggestedRoughing: number | null;
  rows: PlannedRow[] | null;
  /** Whether the rows are made to end at the target. */
  aimed: boolean;
  issues: PlanIssue[];
}

/** What the rows depend on beside what is asked. Lengths in the thread's unit. */
export interface RowsCase {
  thread: Thread;
  way: Way;
  tip: Tip | null;
  insert: boolean;
  /** Of the slide that feeds; 0 plunges. */
  feedAngleDeg: number | null;
  /** Feed of that slide to the target, exact. */
  feed: number | null;
  proposedInfeed: UsualInfeeds;
  /** Of the pitch diameter. */
  bandWidth: number;
}

/** More roughing passes than this of one chip are too many for a lesson: then it is steps; common practice: 15 to 25 for a coarse thread. */
const MOST_OF_ONE_CHIP = 25;

/** The rows of the schedule, exact, before any dial. */
export const rowsStage = remember((rowsCase: RowsCase, input: ScheduleInput): RowsStage => {
  if (input.school !== null) return bySchool(rowsCase, input, input.school);
  const area = bySchool(rowsCase, input, 'constant-area');
  const few = input.roughing !== null || (area.suggestedRoughing ?? Infinity) <= MOST_OF_ONE_CHIP;
  const refused = area.issues.some(({ code }) => code !== 'infeed-too-small');
  return few || refused || rowsCase.feed === null ? area : bySchool(rowsCase, input, 'two-thirds');
});

function bySchool(rowsCase: RowsCase, input: ScheduleInput, school: School): RowsStage {
  const { thread, way, tip, feedAngleDeg, feed } = rowsCase;
  const { unit } = thread;
  const asked = settled(rowsCase, input, school);
  const aimed = !['chart', 'until', 'own'].includes(school);
  const issues: PlanIssue[] = [];
  const stage: RowsStage = { school, asked, suggestedRoughing: null, rows: null, aimed, issues };
  const { scratch, largest, second, finishing, finishingInfeed, spring } = asked;
  if (tip === null || feedAngleDeg === null || feed === null) return stage;
  if (scratch === null || largest === null || second === null) return stage;
  if (finishing === null || finishingInfeed === null || spring === null) return stage;
  const inUnit = (length: Length) => lengthIn(length, unit);
  const order: Omit<RowOrder, 'roughing'> = {
    groove: grooveCaseOf(thread, way, tip, feedAngleDeg),
    totalFeed: feed,
    scratch: inUnit(scratch),
    finishing,
    finishingInfeed: inUnit(finishingInfeed),
    spring,
  };
  const refuse = (issue: Omit<PlanIssue, 'severity'>) => void issues.push({ ...issue, severity: 'refuse' });
  if (!aimed) {
    stage.rows = byHand(input, order, { largest: inUnit(largest), near: inUnit(second) }, inUnit);
    if (school === 'until') warnOfBite(rowsCase, stage, inUnit(second));
    return stage;
  }
  if (roughingFeed(order) <= 0) {
    const facts = { taken: feed - roughingFeed(order) };
    refuse({ field: 'schedule.finishing', code: 'finishing-takes-all', value: feed, unit, facts });
    return stage;
  }
  if (school === 'list') {
    stage.rows = listRows(order, input.list.map(inUnit));
    return stage;
  }
  const limit = inUnit(largest);
  const over = (field: 'schedule.scratch' | 'schedule.finishingInfeed', value: number) => {
    const code = field === 'schedule.scratch' ? 'scratch-over-largest' : 'finishing-over-largest';
    if (value > limit + 1e-9) refuse({ field, code, value, limit, unit });
  };
  over('schedule.scratch', order.scratch);
  if (finishing > 0) over('schedule.finishingInfeed', order.finishingInfeed);
  if (issues.length > 0) return stage;
  if (school === 'constant-infeed') stage.rows = constantInfeedRows(order, limit);
  else if (school === 'two-thirds') stage.rows = twoThirdsRows(order, limit, inUnit(second));
  else constantArea(stage, order, limit, input.roughing ?? null, input.roughing === undefined, unit);
  return stage;
}

/** Constant chip area: the fewest passes that keep the largest infeed, or as many as are asked for. */
function constantArea(
  stage: RowsStage,
  order: Omit<RowOrder, 'roughing'>,
  largest: number,
  typed: number | null,
  unreadable: boolean,
  unit: Thread['unit'],
): void {
  const refuse = (issue: Omit<PlanIssue, 'severity'>) =>
    void stage.issues.push({ ...issue, severity: 'refuse' });
  stage.suggestedRoughing = fewestRoughing(order, largest);
  const chosen = typed ?? (unreadable ? null : stage.suggestedRoughing);
  if (chosen === null) {
    if (!unreadable) refuse({ field: 'schedule.largest', code: 'infeed-too-small', value: largest, unit });
    return;
  }
  stage.rows = constantAreaRows({ ...order, roughing: chosen });
  const most = largestOf(stage.rows ?? []);
  // Half a graduation of the usual dial: so much any dial's rounding takes or gives.
  const slack = usualLathe(unit).compound.dial.graduation.value / 2;
  if (most <= largest + slack) return;
  const facts = { roughing: chosen, enough: stage.suggestedRoughing };
  refuse({ field: 'schedule.roughing', code: 'too-few-passes', value: most, limit: largest, unit, facts });
}

/** Rows that the instructor's own table, chart or check ends, and not the target. */
function byHand(
  input: ScheduleInput,
  { scratch, totalFeed }: Omit<RowOrder, 'roughing'>,
  { largest, near }: { largest: number; near: number },
  inUnit: (length: Length) => number,
): PlannedRow[] | null {
  switch (input.school) {
    case 'chart': {
      const share = input.chartReads === 'diameter' ? 0.5 : 1;
      return input.chart.length === 0 ? null : chartRows(input.chart.map((each) => share * inUnit(each)));
    }
    case 'until': {
      const { atMost } = input;
      return atMost === undefined
        ? null
        : untilRows({ scratch, infeed: largest, nearInfeed: near, totalFeed, atMost });
    }
    default: {
      const cuts = input.own.flatMap((row) => (row.what === 'cut' ? [row] : []));
      const rows: PlannedRow[] = ownRows(cuts.map(({ kind, infeed }) => ({ kind, infeed: inUnit(infeed) })));
      cuts.forEach(({ drive }, index) => {
        const row = rows[index];
        if (row !== undefined && drive !== null && drive !== 'free') row.drive = drive;
      });
      return rows.length === 0 ? null : rows;
    }
  }
}

/** What is typed, or what is proposed: an insert takes no scratch of a thousandth and no dry passes unless it is asked to. */
function settled(rowsCase: RowsCase, input: ScheduleInput, school: School): SettledSchedule {
  const { thread, insert, proposedInfeed } = rowsCase;
  const usual = infeedDefaults(thread.unit);
  const largest =
    input.largest === undefined
      ? null
      : (input.largest ?? (school === 'constant-area' ? proposedInfeed.constantArea : proposedInfeed.steps));
  const capped = (length: Length): Length =>
    largest !== null && lengthIn(length, thread.unit) > lengthIn(largest, thread.unit) ? largest : length;
  const or = <T>(typed: T | null | undefined, proposed: T): T | null =>
    typed === undefined ? null : (typed ?? proposed);
  return {
    largest,
    scratch: or(input.scratch, insert ? { value: 0, unit: thread.unit } : capped(usual.scratchInfeed)),
    second: or(
      input.second,
      capped(school === 'until' ? nearBite(rowsCase) : larger(usual.secondInfeed, largest, thread.unit)),
    ),
    finishing: or(input.finishing, 2),
    finishingInfeed: or(input.finishingInfeed, capped(usual.finishingInfeed)),
    spring: or(input.spring, insert ? 0 : 2),
  };
}

/** What an infeed takes off (inside: adds to) the pitch diameter, for each unit of feed. */
const takenBy = ({ feedAngleDeg }: RowsCase) => 2 * Math.cos(radians(feedAngleDeg ?? 0));

/** A bite that takes no more than half of the band, in the steps that are usual, and no less than one of them. */
function nearBite(rowsCase: RowsCase): Length {
  const { thread, bandWidth } = rowsCase;
  const step = infeedDefaults(thread.unit).finishingInfeed.value;
  const steps = Math.max(1, Math.floor(bandWidth / 2 / takenBy(rowsCase) / step + 1e-9));
  return { value: roundTo(steps * step, 6), unit: thread.unit };
}

/** Says when one bite takes more than the whole band: it can pass it between two trials. */
function warnOfBite(rowsCase: RowsCase, stage: RowsStage, bite: number): void {
  const { bandWidth, thread } = rowsCase;
  const takes = takenBy(rowsCase) * bite;
  if (takes <= bandWidth + 1e-9) return;
  stage.issues.push({
    field: 'schedule.second',
    code: 'bite-over-band',
    severity: 'warn',
    value: takes,
    limit: bandWidth,
    unit: thread.unit,
    facts: { external: thread.side === 'external' },
  });
}

/** After two thirds a third of the first infeed, and no less than the usual one. */
function larger(usual: Length, largest: Length | null, unit: Thread['unit']): Length {
  const third = largest === null ? 0 : lengthIn(largest, unit) / 3;
  const step = infeedDefaults(unit).finishingInfeed.value;
  const value = Math.max(lengthIn(usual, unit), Math.round(third / step) * step);
  return { value: roundTo(value, 6), unit };
}
