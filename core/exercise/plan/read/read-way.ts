import type { FieldIssue } from '@/core/base/errors/field-issue';
import {
  CLEARINGS,
  CLEAR_ORDERS,
  DIRECTIONS,
  END_SEEN_BY,
  INFEED_WAYS,
  LEVELS,
  MARK_RULES,
  STARTS_BY,
  TOOL_SIDES,
  WORK_ENDS,
  ZERO_WAYS,
  feedsByCompound,
  type Level,
  type StartsBy,
  type ZeroWay,
} from '@/core/machine/technique/choices';
import { DRIVES, USUAL_DRIVE, DRIVE_DATA, catchesMarks } from '@/core/machine/technique/drives';
import { HOLDINGS, usualHolding } from '@/core/machine/technique/holdings';
import type { Way } from '@/core/machine/technique/way';
import type { Thread } from '@/core/thread/standards/thread';
import { parseFigures } from '@/core/base/units/parse-length';
import { leafOf, type PlanField, type PlanForm } from '../draft';
import { HAND_LIMITS, type HandLimit } from '../plan-names';
import { readChoice } from './read-choice';
import { usualWay } from '../usual-way';

/** The choices of the plan that are not lengths. */
export interface WayInput {
  way: Way;
  startsBy: StartsBy | null;
  level: Level;
  /** Own seconds from seeing to doing; null: those of the level. */
  reactionSeconds: number | null;
  /** Whether a lathe goes slower than asked where the hand has too little time. */
  handLimit: HandLimit;
  zeroBy: ZeroWay | null;
  endSeenBy: (typeof END_SEEN_BY)[number] | null;
}

/** Reads the choices; an empty one takes what is usual for this thread, a wrong one has an issue and is taken so too. */
export function readWay(form: PlanForm, thread: Thread, issues: FieldIssue[]): WayInput {
  const choice = <const V extends string>(
    field: PlanField,
    values: readonly V[],
    usual: V,
    shown = true,
  ): V => readChoice(form, field, values, shown ? issues : null) ?? usual;
  const maybe = <const V extends string>(field: PlanField, values: readonly V[]): V | null =>
    leafOf(form, field) === '' ? null : choice(field, values, values[0] as V);
  const usual = usualWay(thread);
  const infeed = choice('infeed.way', INFEED_WAYS, 'compound');
  const external = thread.side === 'external';
  const drive = choice('technique.drive', DRIVES, USUAL_DRIVE);
  return {
    way: {
      side: thread.side,
      hand: thread.hand,
      starts: thread.starts,
      direction: choice('technique.direction', DIRECTIONS, usual.direction),
      drive,
      toolSide: choice('technique.side', TOOL_SIDES, usual.toolSide),
      clearing: choice('technique.clearing', CLEARINGS, 'cross-slide', feedsByCompound(infeed)),
      clearOrder: choice(
        'technique.clearOrder',
        CLEAR_ORDERS,
        'clear-first',
        drive !== 'free' && DRIVE_DATA[drive].choosesClearOrder,
      ),
      infeed,
      compoundSide: choice('infeed.side', ['usual', 'other'], usual.compoundSide),
      markRule: choice('technique.markRule', MARK_RULES, 'any-safe', catchesMarks(drive) || drive === 'free'),
      end: choice('work.end.kind', WORK_ENDS, external ? 'groove' : 'recess'),
      holding: choice('holding.kind', HOLDINGS, usualHolding(thread.side)),
    },
    startsBy:
      thread.starts === 1
        ? null
        : choice('thread.startsBy', STARTS_BY, feedsByCompound(infeed) ? 'thread-dial' : 'compound'),
    level: choice('technique.level', LEVELS, 'each-step'),
    reactionSeconds: readReaction(leafOf(form, 'technique.reaction'), issues),
    // A speed that was typed is meant; one that is proposed gives way to the hand, and so it does to a time that was typed.
    handLimit: choice('technique.handLimit', HAND_LIMITS, speedIsMeant(form) ? 'set-aside' : 'keeps'),
    zeroBy: maybe('technique.zeroBy', ZERO_WAYS),
    endSeenBy: maybe('technique.endSeenBy', END_SEEN_BY),
  };
}

const speedIsMeant = ({ technique: { speed, reaction } }: PlanForm) =>
  speed.trim() !== '' && reaction.trim() === '';

/** Nobody acts within a tenth of a second, and ten are no limit any more. */
const REACTION = { least: 0.1, most: 10 } as const;

function readReaction(text: string, issues: FieldIssue[]): number | null {
  if (text.trim() === '') return null;
  const field = 'technique.reaction';
  const read = parseFigures(field, text.replace(/ ?s$/i, ''));
  if (!read.ok) {
    issues.push(...read.issues);
    return null;
  }
  if (read.value >= REACTION.least && read.value <= REACTION.most) return read.value;
  const message = `Type ${REACTION.least} to ${REACTION.most} s.`;
  issues.push({ field, code: 'out-of-range', message });
  return null;
}
