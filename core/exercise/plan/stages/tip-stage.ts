import { formOf } from '@/core/thread/standards/systems';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import type { ThreadLimits } from '@/core/thread/standards/thread-limits';
import { insertPitchIn } from '@/core/thread/tool/insert-pitch';
import { tipFit, tipLimit, type TipLimit } from '@/core/thread/tool/tip-limit';
import type { Tip } from '@/core/thread/tool/tip';
import { LENGTH_DECIMALS } from '@/core/base/units/format-length';
import { lengthIn } from '@/core/base/units/length';
import type { PlanIssue } from '../plan-issue';
import { planDefaults } from '../plan-defaults';
import type { TipInput } from '../read/read-tip';
import { remember } from '../remember';

export interface TipStage {
  /** Null where it is too wide for the root or an insert for other pitches: of no use to the depth either. */
  tip: Tip | null;
  tipKnown: boolean;
  tipLimit: TipLimit;
  issues: PlanIssue[];
}

/** The tip against the root at the target, and an insert against its pitches. Lengths in the thread's unit. */
export const tipStage = remember(
  (thread: Thread, limits: ThreadLimits, target: number, input: TipInput | null): TipStage => {
    const { unit } = thread;
    const limit = tipLimit(thread, limits, target);
    const stage: TipStage = { tip: null, tipKnown: true, tipLimit: limit, issues: [] };
    if (input === null) return stage;
    if (input.kind === 'not-measured') {
      const flat = planDefaults(thread, limits).tipFlat.value;
      const issue = {
        field: 'tool.tip.kind',
        code: 'tip-not-measured',
        severity: 'warn',
        value: flat,
        unit,
      } as const;
      return { ...stage, tip: { kind: 'flat', flat }, tipKnown: false, issues: [issue] };
    }
    if (input.kind === 'insert') {
      const wrong = insertIssue(
        thread,
        insertPitchIn(input.pitchFrom, unit),
        insertPitchIn(input.pitchTo, unit),
      );
      if (wrong !== null) return { ...stage, issues: [wrong] };
    }
    const tip = tipIn(input, thread);
    const fit = tipFit(thread, limits, target, tip);
    // A sharp tip is a choice of its own, and its field says what it costs.
    if (fit === 'fits' || tip.kind === 'sharp') return { ...stage, tip };
    const radius = tip.kind === 'radius';
    const field = radius ? 'tool.tip.radius' : 'tool.tip.flat';
    if (fit === 'too-sharp') {
      const { usualTip } = formOf(thread);
      const facts = { share: radius ? usualTip.radius : usualTip.flat };
      return { ...stage, tip, issues: [{ field, code: 'tip-too-sharp', severity: 'warn', facts }] };
    }
    const facts = { radius, insert: input.kind === 'insert', external: limits.side === 'external' };
    const most = radius ? limit.radius : limit.flat;
    return {
      ...stage,
      issues: [{ field, code: 'tip-too-blunt', severity: 'refuse', limit: most, unit, facts }],
    };
  },
);

function insertIssue(thread: Thread, from: number, to: number): PlanIssue | null {
  const { unit } = thread;
  const pitch = pitchOf(thread);
  // Pitches stand on inserts in the decimals of the unit: 0.0625 for 16 TPI, 0.1667 for 6.
  const slack = 0.6 * 10 ** -LENGTH_DECIMALS[unit];
  if (to < from)
    return { field: 'tool.tip.pitchFrom', code: 'insert-range-reversed', severity: 'refuse', unit };
  const field = pitch < from - slack ? 'tool.tip.pitchFrom' : pitch > to + slack ? 'tool.tip.pitchTo' : null;
  if (field === null) return null;
  const range = { min: from, max: to };
  return { field, code: 'insert-other-pitch', severity: 'refuse', value: pitch, range, unit };
}

function tipIn(input: Exclude<TipInput, { kind: 'not-measured' }>, { unit }: Thread): Tip {
  if (input.kind === 'flat') return { kind: 'flat', flat: lengthIn(input.flat, unit) };
  if (input.kind === 'sharp') return { kind: 'sharp' };
  return { kind: 'radius', radius: lengthIn(input.radius, unit) };
}
