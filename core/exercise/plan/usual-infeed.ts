import { hasTailstock, type Holding } from '@/core/machine/technique/holdings';
import { feedsByCompound, type InfeedWay, type Level } from '@/core/machine/technique/choices';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import type { Tip } from '@/core/thread/tool/tip';
import { lengthIn, type Length } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';

/** What an infeed that is proposed follows. Lengths in the thread's unit. */
export interface InfeedCase {
  thread: Thread;
  tip: Tip;
  insert: boolean;
  infeed: InfeedWay;
  level: Level;
  holding: Holding;
  material: string | null;
  /** How far the part stands out, or its thread is long; null: not said. */
  overhang: number | null;
  diameter: number;
}

/** By school: of a constant chip only the first bite is so large. */
export interface UsualInfeeds {
  constantArea: Length;
  steps: Length;
}

/** The customary range of first bites, and what a boring bar bears; common practice. */
const RANGE = {
  in: { least: 0.001, most: 0.01, bar: 0.005, step: 0.001 },
  mm: { least: 0.02, most: 0.26, bar: 0.12, step: 0.02 },
} as const;

const TOUGH = /stainless|tool steel|alloy|titan|nickel|41\d\d|43\d\d/i;

/**
 * The largest infeed that is proposed: a share of the pitch inside the customary range, the size of a first bite, and
 * smaller for a plunge, a keen point, a boring bar, a tough material or a slender part; never larger for any of them
 * (common practice: 0.010 in at most, 0.005 with a bar, 0.001 plunged on 32 TPI). What an instructor types is taken.
 */
export function usualInfeed(infeedCase: InfeedCase): UsualInfeeds {
  return {
    constantArea: infeedOf(infeedCase, AREA_SHARE),
    steps: infeedOf(infeedCase, STEP_SHARE),
  };
}

function infeedOf(infeedCase: InfeedCase, pitchShare: number): Length {
  const { thread, insert, infeed, level } = infeedCase;
  const { unit } = thread;
  const range = RANGE[unit];
  const most = thread.side === 'internal' ? range.bar : range.most;
  const usual = Math.min(most, pitchShare * pitchOf(thread) * (level === 'one-page' ? 1.25 : 1));
  const shares = [
    feedsByCompound(infeed) || insert ? 1 : 0.5,
    isKeen(infeedCase) ? 0.7 : 1,
    TOUGH.test(infeedCase.material ?? '') ? 0.7 : 1,
    isSlender(infeedCase) ? 0.7 : 1,
  ];
  const wanted = shares.reduce((all, each) => all * each, usual);
  const value = Math.max(range.least, Math.floor(wanted / range.step + 1e-6) * range.step);
  return { value: roundTo(value, 6), unit };
}

/** An infeed that goes on against the pitch: 0.005 in on 16 TPI; common practice. */
const STEP_SHARE = 0.08;

/** The first bite of a constant chip, the largest of them: 0.010 in on 16 TPI; common practice. */
const AREA_SHARE = 0.16;

/** A point keener than a third of the usual flat breaks under a full bite. */
function isKeen({ tip, thread }: InfeedCase): boolean {
  const pitch = pitchOf(thread);
  if (tip.kind === 'sharp') return true;
  return tip.kind === 'flat' ? tip.flat < pitch / 24 : tip.radius < 0.04 * pitch;
}

/** Over four diameters out of the chuck alone, over eight with a centre; common practice. */
function isSlender({ overhang, diameter, holding }: InfeedCase): boolean {
  return overhang !== null && overhang > (hasTailstock(holding) ? 8 : 4) * diameter;
}

/** A length in the thread's unit, or null. */
export const inUnitOf = (thread: Thread, length: Length | null | undefined): number | null =>
  length === null || length === undefined ? null : lengthIn(length, thread.unit);
