import type { FieldIssue, Result } from '@/core/base/errors/field-issue';
import { DRIVES, type Drive } from '@/core/machine/technique/drives';
import { STOPS, type StopCheck } from '@/core/machine/stops/stops';
import { lengthIn, type Length, type LengthUnit } from '@/core/base/units/length';
import { parseFigures, parseLength, parseWhole } from '@/core/base/units/parse-length';
import { parseLengthList } from '@/core/base/units/parse-length-list';
import { roundTo } from '@/core/base/units/round';
import { leafOf, type PlanField, type PlanForm } from '../draft';
import { readHold } from '../hold-choice';
import { PASS_KINDS, SCHOOLS } from '../plan-names';
import { readChoice } from './read-choice';

export type School = (typeof SCHOOLS)[number];

/** A cut or a stop of an own table, as typed. */
type OwnRow =
  | { what: 'cut'; kind: (typeof PASS_KINDS)[number]; infeed: Length; drive: Drive | null }
  | { what: 'stop'; check: StopCheck; hold: boolean; helper: boolean };

/** A stop put into proposed rows: `after` so many cuts, or where it is proposed. */
interface StopInput {
  check: StopCheck;
  after: number | null;
  onward: boolean;
  hold: boolean;
  helper: boolean;
}

/** What is asked of the schedule. Infeeds carry their unit; null: proposed; undefined: could not be read. */
export interface ScheduleInput {
  /** Null: proposed. */
  school: School | null;
  scratch: Length | null | undefined;
  roughing: number | null | undefined;
  largest: Length | null | undefined;
  /** Infeed after two thirds of the depth. */
  second: Length | null | undefined;
  finishing: number | null | undefined;
  finishingInfeed: Length | null | undefined;
  spring: number | null | undefined;
  list: Length[];
  chart: Length[];
  chartReads: 'radius' | 'diameter';
  until: StopCheck;
  /** Null: as often as it takes to pass what is foretold. */
  atMost: number | null | undefined;
  own: OwnRow[];
  /** Limits beside the largest infeed; null: as proposed, or none. The area in mm². */
  limits: ScheduleLimits;
  /** Null: as proposed. */
  stops: StopInput[] | null;
}

/** What is typed of the limits; undefined: could not be read. */
interface ScheduleLimits {
  areaMm2: number | null | undefined;
  leastChip: Length | null | undefined;
  beforeTip: Length | null | undefined;
  bending: Length | null | undefined;
}

export function readSchedule(
  form: PlanForm,
  unit: LengthUnit,
  issues: FieldIssue[],
  notes: Partial<Record<PlanField, string>>,
): ScheduleInput {
  const keep = <T>(result: Result<T>): T | undefined => {
    if (result.ok) return result.value;
    issues.push(...result.issues);
    return undefined;
  };
  const text = (field: PlanField) => leafOf(form, field);
  const empty = (field: PlanField) => text(field).trim() === '';
  const length = (field: PlanField, least: 'positive' | 'zero' = 'positive'): Length | null | undefined => {
    if (empty(field)) return null;
    const typed = keep(parseLength(field, text(field), unit));
    if (typed === undefined) return undefined;
    if (typed.note !== null) notes[field] = typed.note;
    if (typed.length.value > 0 || (least === 'zero' && typed.length.value === 0)) return typed.length;
    issues.push({ field, code: 'out-of-range', message: 'Type a length greater than 0.' });
    return undefined;
  };
  const whole = (field: PlanField, min: number, max: number, what: string) =>
    empty(field) ? null : keep(parseWhole(field, text(field), min, max, what));
  const area = (): number | null | undefined => {
    const field = 'schedule.limits.area';
    if (empty(field)) return null;
    const typed = keep(parseFigures(field, text(field)));
    if (typed === undefined) return undefined;
    const mm2 = typed * lengthIn({ value: 1, unit }, 'mm') ** 2;
    if (mm2 >= 0.0001 && mm2 <= 100) return mm2;
    issues.push({
      field,
      code: 'out-of-range',
      message: `Type a chip area in ${unit}², such as ${unit === 'in' ? '0.0003' : '0.2'}.`,
    });
    return undefined;
  };
  const list = (field: PlanField): Length[] => {
    const read = keep(parseLengthList(field, text(field), unit));
    if (read === undefined) return [];
    // As they are spoken: 8, 8, 7 are thousandths, 30, 45, 55 of a chart too.
    const spoken = unit === 'in' && read.length > 0 && read.every(({ value }) => value >= 1);
    if (spoken) notes[field] = 'Read as thousandths of an inch.';
    const lengths = spoken ? read.map(({ value }) => ({ value: roundTo(value / 1000, 6), unit })) : read;
    const bad = lengths.find(({ value }) => value <= 0);
    if (bad !== undefined)
      issues.push({ field, code: 'out-of-range', message: 'Every length is greater than 0.' });
    return bad === undefined ? lengths : [];
  };
  const { schedule } = form;
  const school = SCHOOLS.find((each) => each === schedule.school);
  if (school === undefined && schedule.school !== '')
    issues.push({ field: 'schedule.school', code: 'unreadable', message: 'Choose how the infeed goes.' });
  const until = stopOf(schedule.until, 'schedule.until', issues) ?? 'nut';
  const chosen = school ?? null;
  const listed = chosen === 'list' ? list('schedule.list') : [];
  const chart = chosen === 'chart' ? list('schedule.chart') : [];
  for (const [wanted, field, found] of [
    ['list', 'schedule.list', listed],
    ['chart', 'schedule.chart', chart],
  ] as const)
    if (chosen === wanted && found.length === 0 && empty(field))
      issues.push({
        field,
        code: 'required',
        message:
          wanted === 'list'
            ? 'Type the infeeds, such as 0.008 0.008 0.007 0.006 0.005; the last one goes on.'
            : 'Type the readings of the chart, such as 0.030 0.045 0.055 0.065 0.069 0.069.',
      });
  return {
    school: chosen,
    scratch: length('schedule.scratch', 'zero'),
    roughing: whole('schedule.roughing', 1, 60, 'the roughing passes'),
    largest: length('schedule.largest'),
    second: length('schedule.second'),
    finishing: whole('schedule.finishing', 0, 10, 'the finishing passes'),
    finishingInfeed: length('schedule.finishingInfeed'),
    spring: whole('schedule.spring', 0, 6, 'the spring passes'),
    list: listed,
    chart,
    chartReads: schedule.chartReads === 'radius' ? 'radius' : 'diameter',
    until,
    atMost: chosen === 'until' ? whole('schedule.atMost', 1, 60, 'how often at most') : null,
    own: chosen === 'own' ? readOwnRows(form, unit, keep, issues) : [],
    limits: {
      areaMm2: area(),
      leastChip: length('schedule.limits.leastChip'),
      beforeTip: length('schedule.limits.beforeTip'),
      bending: length('schedule.limits.bending'),
    },
    stops: schedule.stops.length === 0 ? null : readStops(form, keep, issues),
  };
}

function readOwnRows(
  form: PlanForm,
  unit: LengthUnit,
  keep: <T>(result: Result<T>) => T | undefined,
  issues: FieldIssue[],
): OwnRow[] {
  const { rows } = form.schedule;
  if (rows.every(({ what }) => what !== 'cut'))
    issues.push({ field: 'schedule.rows', code: 'required', message: 'Add the cuts of your table.' });
  return rows.flatMap((row, index): OwnRow[] => {
    if (row.what !== 'cut') {
      const check = stopOf(row.check, `schedule.rows.${index}.check`, issues);
      return check === null ? [] : [{ what: 'stop', check, ...readHold(row.hold) }];
    }
    const field: PlanField = `schedule.rows.${index}.infeed`;
    const kind = readChoice(form, `schedule.rows.${index}.kind`, PASS_KINDS, issues) ?? 'rough';
    const drive = readChoice(form, `schedule.rows.${index}.drive`, DRIVES, issues);
    if (kind === 'spring') return [{ what: 'cut', kind, infeed: { value: 0, unit }, drive }];
    const typed = keep(parseLength(field, row.infeed, unit));
    if (typed === undefined) return [];
    if (typed.length.value <= 0) {
      issues.push({ field, code: 'out-of-range', message: 'Type an infeed greater than 0.' });
      return [];
    }
    return [{ what: 'cut', kind, infeed: typed.length, drive }];
  });
}

function readStops(
  form: PlanForm,
  keep: <T>(result: Result<T>) => T | undefined,
  issues: FieldIssue[],
): StopInput[] {
  return form.schedule.stops.flatMap((stop, index): StopInput[] => {
    const check = stopOf(stop.check, `schedule.stops.${index}.check`, issues);
    if (check === null) return [];
    const field: PlanField = `schedule.stops.${index}.after`;
    const after =
      stop.after.trim() === '' ? null : keep(parseWhole(field, stop.after, 1, 200, 'after which cut'));
    return after === undefined
      ? []
      : [{ check, after, onward: stop.onward === 'yes', ...readHold(stop.hold) }];
  });
}

function stopOf(text: string, field: PlanField, issues: FieldIssue[]): StopCheck | null {
  const found = STOPS.find(({ id }) => id === text);
  if (found === undefined && text !== '')
    issues.push({ field, code: 'unreadable', message: 'Choose what is checked or worked here.' });
  return found?.id ?? null;
}
