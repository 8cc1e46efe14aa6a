import type { FieldIssue, Result } from '@/core/base/errors/field-issue';
import { LENGTH_DECIMALS } from '@/core/base/units/format-length';
import type { Length, LengthUnit } from '@/core/base/units/length';
import { insertPitchIn, parseInsertPitches, type InsertPitch } from '@/core/thread/tool/insert-pitch';
import type { PlanField, PlanForm } from '../draft';
import type { PlanDefaults } from '../plan-defaults';

type Keep = <T>(result: Result<T>) => T | undefined;

/** The tip as it was read: lengths with their unit. An insert has a radius and the pitches it is made for. */
export type TipInput =
  | { kind: 'not-measured' }
  | { kind: 'sharp' }
  | { kind: 'flat'; flat: Length }
  | { kind: 'radius'; radius: Length }
  | { kind: 'insert'; radius: Length; pitchFrom: InsertPitch; pitchTo: InsertPitch };

/** Reads the tip; what is empty takes what is proposed for the thread, and of an insert for its finest pitch. */
export function readTip(
  form: PlanForm,
  unit: LengthUnit,
  defaults: PlanDefaults | null,
  length: (field: 'tool.tip.flat' | 'tool.tip.radius', proposed?: Length) => Length | undefined,
  keep: Keep,
  issues: FieldIssue[],
  notes: Partial<Record<PlanField, string>>,
): TipInput | undefined {
  const { kind, pitchFrom, pitchTo } = form.tool.tip;
  switch (kind) {
    case 'not-measured':
      return { kind };
    case 'sharp':
      return { kind };
    case 'flat': {
      const flat = length('tool.tip.flat');
      return flat && { kind, flat };
    }
    case 'radius': {
      const radius = length('tool.tip.radius');
      return radius && { kind, radius };
    }
    case 'insert':
      break;
    default:
      issues.push({
        field: 'tool.tip.kind',
        code: 'unreadable',
        message: 'Choose the tip: flat, radius, sharp, insert or not measured.',
      });
      return undefined;
  }
  const own = defaults && { length: defaults.insertPitch, threadsPerInch: null };
  const read = (field: 'tool.tip.pitchFrom' | 'tool.tip.pitchTo', typed: string) =>
    typed.trim() === '' ? null : keep(parseInsertPitches(field, typed, unit));
  const from = read('tool.tip.pitchFrom', pitchFrom);
  const to = read('tool.tip.pitchTo', pitchTo);
  if (from === undefined || to === undefined || own === null) return undefined;
  // A range typed in the first field says both.
  const isRange = from !== null && from.from !== from.to;
  if (isRange && to === null)
    notes['tool.tip.pitchFrom'] = 'Read as the range from the finest to the coarsest pitch.';
  const finest = from?.from ?? own;
  const coarsest = to?.to ?? (isRange ? from.to : own);
  const radius = length(
    'tool.tip.radius',
    defaults === null ? undefined : insertRadius(finest, unit, defaults),
  );
  return radius && { kind: 'insert', radius, pitchFrom: finest, pitchTo: coarsest };
}

/** The radius that an insert has for its finest pitch: on a coarser one it goes deeper; never over what this root bears. */
export function insertRadius(
  finest: InsertPitch,
  unit: LengthUnit,
  { tipRadius, insertPitch }: PlanDefaults,
): Length {
  const share = insertPitchIn(finest, unit) / insertPitch.value;
  const decimals = LENGTH_DECIMALS[unit];
  const value = Math.floor(Math.min(1, share) * tipRadius.value * 10 ** decimals + 1e-6) / 10 ** decimals;
  return { value, unit };
}
