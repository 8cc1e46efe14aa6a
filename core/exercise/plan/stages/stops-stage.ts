import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import type { ExactRow } from '@/core/cutting/schedule/exact-rows';
import type { StopCheck } from '@/core/machine/stops/stops';
import { feedsByCompound } from '@/core/machine/technique/choices';
import type { Way } from '@/core/machine/technique/way';
import type { PlanIssue } from '../plan-issue';
import type { EvidenceInput } from '../read/read-proof';
import type { ScheduleInput } from '../read/read-schedule';
import { remember } from '../remember';

/** A stop in the rows: after so many of them. */
export interface PlannedStop {
  check: StopCheck;
  after: number;
  /** From here after every cut, until it answers. */
  onward: boolean;
  hold: boolean;
  /** A helper may sign it too. */
  helper: boolean;
}

export interface StopsCase {
  way: Way;
  feedAngleDeg: number;
  rows: readonly ExactRow[];
  /** Reading from which on the nut is tried, in the thread's unit; null: before the finishing cuts. */
  fromReading: number | null;
}

/**
 * The stops of a schedule: as the instructor puts them, or as they are proposed (common practice): after the second
 * roughing cut a look at both flanks where the compound stands at an angle, and before the finishing cuts what proves
 * the thread, a nut, a mate or a gauge after every cut from there.
 */
export const stopsStage = remember(
  (
    stopsCase: StopsCase,
    input: ScheduleInput,
    evidence: readonly EvidenceInput[],
  ): { stops: PlannedStop[]; issues: PlanIssue[] } => {
    const { rows } = stopsCase;
    if (input.school === 'own') return { stops: ownStops(input), issues: [] };
    const proposed = proposedStops(stopsCase, input, evidence);
    if (input.stops === null) return { stops: proposed, issues: [] };
    const issues: PlanIssue[] = [];
    const stops = input.stops.map((stop, index): PlannedStop => {
      const usual = proposed.find(({ check }) => check === stop.check)?.after ?? lastRough(rows);
      const after = stop.after ?? usual;
      if (after > rows.length)
        issues.push({
          field: `schedule.stops.${index}.after`,
          code: 'stop-after-end',
          severity: 'refuse',
          value: after,
          limit: rows.length,
        });
      return { check: stop.check, after, onward: stop.onward, hold: stop.hold, helper: stop.helper };
    });
    const ending = proposed.filter(({ check }) => input.school === 'until' && check === input.until);
    const missing = ending.filter(({ check }) => stops.every((stop) => stop.check !== check));
    return { stops: [...stops, ...missing].toSorted((a, b) => a.after - b.after), issues };
  },
);

function ownStops(input: ScheduleInput): PlannedStop[] {
  let after = 0;
  return input.own.flatMap((row): PlannedStop[] => {
    if (row.what === 'cut') {
      after += 1;
      return [];
    }
    return [{ check: row.check, after, onward: false, hold: row.hold, helper: row.helper }];
  });
}

function proposedStops(
  { way, feedAngleDeg, rows, fromReading }: StopsCase,
  input: ScheduleInput,
  evidence: readonly EvidenceInput[],
): PlannedStop[] {
  const stop = (check: StopCheck, after: number, onward = false): PlannedStop => ({
    check,
    after,
    onward,
    hold: false,
    helper: false,
  });
  const rough = rows.flatMap(({ kind }, index) => (kind === 'rough' ? [index + 1] : []));
  const second = rough[1];
  const looks =
    feedsByCompound(way.infeed) && feedAngleDeg > 0 && second !== undefined && rough.length > 2
      ? [stop('form', second)]
      : [];
  const reached = rows.findIndex(({ reading }) => fromReading !== null && reading >= fromReading - 1e-9);
  const from = reached >= 0 ? reached + 1 : null;
  if (input.school === 'until') {
    // From near size on, and after the second cut at the earliest; without small bites from half of the rows.
    const near = rows.findIndex(({ kind }) => kind === 'finish');
    const begins = from ?? Math.max(second ?? 1, near > 0 ? near : Math.ceil(rows.length / 2));
    return [...looks.filter(({ after }) => after < begins), stop(input.until, begins, true)];
  }
  const check = proofStop(evidence);
  const before = from ?? lastRough(rows);
  return check === null || before === 0
    ? looks
    : [...looks.filter(({ after }) => after < before), stop(check, before, GOES_ON.includes(check))];
}

/** Tried again after every cut, until it says enough. */
const GOES_ON: readonly StopCheck[] = ['nut', 'mate', 'gauge'];

function lastRough(rows: readonly ExactRow[]): number {
  return rows.findLastIndex(({ kind }) => kind === 'rough') + 1;
}

/** What is tried or measured on the way: the first evidence that can be. */
function proofStop(evidence: readonly EvidenceInput[]): StopCheck | null {
  for (const { kind } of evidence) {
    const { recordedAs } = EVIDENCE_DATA[kind];
    if (recordedAs === 'measurement') return 'wires';
    if (kind === 'nut') return 'nut';
    if (recordedAs === 'trial') return 'mate';
    if (recordedAs === 'gauge') return 'gauge';
    if (kind === 'crest-flat') return 'crest-flat';
  }
  return null;
}
