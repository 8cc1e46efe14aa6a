import { radialDepthOf } from '@/core/thread/compound/compound';
import { depthCaseOf, pitchDiameterAt } from '@/core/thread/depth/radial-depth';
import { wireCaseOf } from '@/core/measuring/gauging/three-wires';
import { grooveCaseOf } from '@/core/cutting/groove/groove-case';
import { feedDial } from '@/core/machine/lathe/feed-dial';
import { graduationsIn, travelOf } from '@/core/machine/lathe/dial-count';
import type { Dial, Lathe } from '@/core/machine/lathe/lathe';
import {
  lastGraduation,
  passesOnDial,
  rowsOnDial,
  type Pass,
  type StartsOrder,
} from '@/core/cutting/schedule/passes-on-dial';
import { slideOf } from '@/core/machine/technique/slide-of';
import type { Way } from '@/core/machine/technique/way';
import type { Thread } from '@/core/thread/standards/thread';
import type { ThreadLimits } from '@/core/thread/standards/thread-limits';
import type { Tip } from '@/core/thread/tool/tip';
import { lengthIn } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import type { PlanIssue } from '../plan-issue';
import { remember } from '../remember';
import type { RowsStage } from './rows-stage';

/** What the passes on a lathe depend on. Lengths in the thread's unit. */
export interface OnLatheCase {
  thread: Thread;
  limits: ThreadLimits;
  way: Way;
  blank: number | null;
  tip: Tip | null;
  tipKnown: boolean;
  feedAngleDeg: number | null;
  feed: number | null;
  wire: number;
  startsOrder: StartsOrder;
}

/** The schedule on the dial of one lathe, and what that dial can not do. Lengths in the thread's unit. */
export const onLatheStage = remember(
  (
    onLathe: OnLatheCase,
    { rows, aimed, school }: Pick<RowsStage, 'rows' | 'aimed' | 'school'>,
    constant: number | null,
    lathe: Lathe,
  ): { passes: Pass[] | null; issues: PlanIssue[] } => {
    const { thread, limits, way, blank, tip, tipKnown, feedAngleDeg, feed, wire, startsOrder } = onLathe;
    if (blank === null || tip === null || feedAngleDeg === null || feed === null || rows === null)
      return { passes: null, issues: [] };
    const { unit } = thread;
    const slide = slideOf(way.infeed);
    const { dial, known } = feedDial(lathe, slide);
    const depthCase = depthCaseOf(thread, blank, tip);
    const landing = (graduations: number) =>
      pitchDiameterAt(depthCase, radialDepthOf(lengthIn(travelOf(graduations, dial), unit), feedAngleDeg));
    const last = lastGraduation(graduationsIn({ value: feed, unit }, dial), landing, limits.pitchDiameter);
    const asked = rows.map(({ kind, infeed, reading }) => ({
      kind,
      infeed: { value: infeed, unit },
      reading: { value: reading, unit },
    }));
    const onDial = rowsOnDial(asked, dial, aimed ? last : null);
    const passes = passesOnDial(
      onDial,
      dial,
      {
        unit,
        groove: grooveCaseOf(thread, way, tip, feedAngleDeg),
        work: depthCase,
        wires: wireCaseOf(thread, wire),
        tipKnown,
      },
      startsOrder,
    );
    const end = onDial.at(-1)?.readingGraduations ?? 0;
    return {
      passes,
      issues: [
        ...(slide === 'cross-slide' && !known ? [crossDialUnknown(lathe)] : []),
        ...(aimed ? dialIssues(limits, landing(last), rows.length - onDial.length, thread, dial) : []),
        ...(aimed || !tipKnown ? [] : endsOutside(limits, landing(end), thread, school === 'until')),
        ...betweenMarks(rows, thread, dial),
        ...constantOnDial(constant, thread, dial),
      ],
    };
  },
);

function crossDialUnknown({ name }: Lathe): PlanIssue {
  return { field: 'infeed.way', code: 'cross-dial-unknown', severity: 'warn', facts: { lathe: name } };
}

function dialIssues(
  { pitchDiameter: { min, max } }: ThreadLimits,
  end: number,
  dropped: number,
  { unit }: Thread,
  dial: Dial,
): PlanIssue[] {
  const issues: PlanIssue[] = [];
  if (dropped > 0)
    issues.push({
      field: 'schedule.roughing',
      code: 'dial-drops-rows',
      severity: 'warn',
      value: dropped,
      limit: dial.graduation.value,
      unit: dial.graduation.unit,
    });
  if (end < min || end > max)
    issues.push({
      field: 'schedule.finishing',
      code: 'dial-too-coarse',
      severity: 'warn',
      value: end,
      limit: dial.graduation.value,
      unit,
    });
  return issues;
}

/** Rows that a chart, a check or the instructor's own table ends: they are taken as they are, and it is said where they land. */
function endsOutside(
  { side, pitchDiameter: range }: ThreadLimits,
  end: number,
  { unit }: Thread,
  endedByCheck: boolean,
): PlanIssue[] {
  if (end >= range.min - 1e-9 && end <= range.max + 1e-9) return [];
  // What a check ends may go on beyond: it is wrong only where it can not get there.
  const short = side === 'external' ? end > range.max : end < range.min;
  if (endedByCheck && !short) return [];
  return [{ field: 'schedule.school', code: 'ends-outside-band', severity: 'warn', value: end, range, unit }];
}

/** Infeeds in the dial's own unit that fall between two of its graduations; in the other unit all do, and rounding is expected. */
function betweenMarks(rows: NonNullable<RowsStage['rows']>, { unit }: Thread, dial: Dial): PlanIssue[] {
  if (unit !== dial.graduation.unit) return [];
  const fields = [
    ['schedule.scratch', rows.find(({ kind }) => kind === 'scratch')],
    ['schedule.finishingInfeed', rows.find(({ kind }) => kind === 'finish')],
  ] as const;
  return fields.flatMap(([field, row]): PlanIssue[] => {
    const exact = row === undefined ? 0 : graduationsIn({ value: row.infeed, unit }, dial);
    if (row === undefined || Math.abs(exact - Math.round(exact)) < 0.002) return [];
    const limit = dial.graduation.value;
    return [{ field, code: 'between-graduations', severity: 'warn', value: row.infeed, limit, unit }];
  });
}

/** A constant infeed that the dial can not set every time, with the nearest that it can. */
function constantOnDial(infeed: number | null, { unit }: Thread, dial: Dial): PlanIssue[] {
  if (infeed === null) return [];
  const exact = graduationsIn({ value: infeed, unit }, dial);
  if (Math.abs(exact - Math.round(exact)) < 0.002) return [];
  const nearest = lengthIn(travelOf(Math.max(1, Math.round(exact)), dial), unit);
  return [
    {
      field: 'schedule.largest',
      code: 'constant-not-settable',
      severity: 'warn',
      value: infeed,
      limit: roundTo(nearest, 6),
      unit,
    },
  ];
}
