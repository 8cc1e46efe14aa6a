import { radialDepthOf } from '../../compound';
import { depthCaseOf, pitchDiameterAt } from '../../depth';
import { wireCaseOf } from '../../gauging';
import { grooveCaseOf } from '../../groove';
import { graduationsIn, travelOf, type Dial } from '../../lathe';
import {
  lastGraduation,
  passesOnDial,
  rowsOnDial,
  type ExactRow,
  type Pass,
  type StartsOrder,
} from '../../schedule';
import type { Thread, ThreadLimits } from '../../thread';
import type { Tip } from '../../tool';
import { lengthIn } from '../../units';
import type { PlanIssue } from '../plan-issue';
import { usualWay } from '../usual-way';
import { remember } from '../remember';

/** The schedule on the dial of one lathe, and what that dial can not do. Lengths in the thread's unit. */
export const onLatheStage = remember(
  (
    thread: Thread,
    limits: ThreadLimits,
    blank: number | null,
    tip: Tip | null,
    tipKnown: boolean,
    angleDeg: number | null,
    compoundFeed: number | null,
    wire: number,
    rows: readonly ExactRow[] | null,
    dial: Dial,
    startsOrder: StartsOrder,
  ): { passes: Pass[] | null; issues: PlanIssue[] } => {
    if (blank === null || tip === null || angleDeg === null || compoundFeed === null || rows === null)
      return { passes: null, issues: [] };
    const { unit } = thread;
    const depthCase = depthCaseOf(thread, blank, tip);
    const landing = (graduations: number) =>
      pitchDiameterAt(depthCase, radialDepthOf(lengthIn(travelOf(graduations, dial), unit), angleDeg));
    const last = lastGraduation(
      graduationsIn({ value: compoundFeed, unit }, dial),
      landing,
      limits.pitchDiameter,
    );
    const asked = rows.map(({ kind, infeed, reading }) => ({
      kind,
      infeed: { value: infeed, unit },
      reading: { value: reading, unit },
    }));
    const onDial = rowsOnDial(asked, dial, last);
    const passes = passesOnDial(
      onDial,
      dial,
      {
        unit,
        groove: grooveCaseOf(thread, usualWay(thread), tip, angleDeg),
        depth: depthCase,
        wires: wireCaseOf(thread, wire),
        tipKnown,
      },
      startsOrder,
    );
    return {
      passes,
      issues: [
        ...dialIssues(limits, landing(last), rows.length - onDial.length, thread, dial),
        ...betweenMarks(rows, thread, dial),
      ],
    };
  },
);

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

/** Infeeds in the dial's own unit that fall between two of its marks; in the other unit all do, and rounding is expected. */
function betweenMarks(rows: readonly ExactRow[], { unit }: Thread, dial: Dial): PlanIssue[] {
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
