import { eventData } from '../entry/events';
import { radialDepthOf } from '@/core/thread/compound/compound';
import type { Sheet } from '../../sheet/sheet';
import { lengthIn } from '@/core/base/units/length';
import type { Entry } from '../entry/entry';
import { allOf } from '../entry/of-kind';

/** How far the tip stood off the surface at reading 0, in the thread's unit; negative: it was in; null: not known. */
export interface ZeroGap {
  gap: number | null;
  uncertainty: number;
}

/** What paper between tool and work is taken for where nobody measured it; common practice: 0.004 in, 0.1 mm. */
export const USUAL_PAPER = { in: 0.004, mm: 0.1 } as const;

/** How deep the scratch is taken to be at which the zero was set where nobody said it; common practice: 0.001 in, 0.025 mm. */
export const USUAL_SCRATCH = { in: 0.001, mm: 0.025 } as const;

/**
 * What the zero means, by how it was taken. On metal or dye the tip touches; with paper between it stands off by its
 * thickness; after the scratch it is already in by it; short of touching the gap is not known until the reading of the first chip is.
 */
export function zeroGap(sheet: Sheet, live: readonly Entry[]): ZeroGap {
  const { unit } = sheet.thread;
  const touch = allOf(live, 'step').findLast(
    ({ content }) => content.stepId === 'touch-off' && content.how !== 'not-done',
  );
  // Nothing said: as the plan has it.
  const by = touch?.content.choice ?? (sheet.reckoned === 'as-planned' ? null : sheet.way.zeroBy);
  const chip = allOf(live, 'event').findLast(
    ({ content }) => eventData(content.event)?.tellsGap === true && content.value !== null,
  );
  if (chip?.content.value != null) {
    const { reads, graduation } = sheet.lathe.dial;
    const travel = reads === 'diameter' ? chip.content.value / 2 : chip.content.value;
    const fed = lengthIn({ value: travel, unit: graduation.unit }, unit);
    return { gap: radialDepthOf(fed, sheet.feed.angleDeg), uncertainty: 0 };
  }
  const typed = touch?.content.value ?? null;
  if (by === 'paper') return { gap: typed ?? USUAL_PAPER[unit], uncertainty: 0 };
  if (by === 'scratch')
    return { gap: -(typed ?? USUAL_SCRATCH[unit]), uncertainty: typed === null ? USUAL_SCRATCH[unit] : 0 };
  return { gap: by === 'short' || by === 'unknown' ? null : 0, uncertainty: 0 };
}
