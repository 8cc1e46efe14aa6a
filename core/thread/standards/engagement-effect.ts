import { formatLength } from '@/core/base/units/format-length';
import { engagementGroup, normalEngagementMm } from './metric/engagement-group';
import type { Thread } from './thread';
import { engagementLengthIn } from './unified/external-limits';

/**
 * What a length of engagement does to the limits, in a sentence for the table: ASME B1.1 and BS 84 scale the
 * pitch-diameter tolerance, ISO 965-1 names the group and another class, the others keep their limits.
 */
export function engagementEffect(thread: Thread, length: number): string {
  const show = (value: number) => `${formatLength({ value, unit: thread.unit })} ${thread.unit}`;
  switch (thread.system) {
    case 'unified': {
      const normal = engagementLengthIn(thread);
      return length > normal
        ? `Longer than ${show(normal)}, on which ASME B1.1 bases the tolerance: the pitch-diameter tolerance is scaled.`
        : `Not longer than ${show(normal)}, on which ASME B1.1 bases the tolerance: the limits stay.`;
    }
    case 'whitworth':
      return `The pitch-diameter tolerance of BS 84 is worked out for ${show(length)} instead of the diameter.`;
    case 'metric': {
      const { min, max } = normalEngagementMm(thread);
      const group = engagementGroup(thread, length);
      const normal = `ISO 965-1 calls ${show(min)} to ${show(max)} normal (N)`;
      if (group === 'N') return `${normal}: the limits stay.`;
      const other =
        group === 'L' ? 'a grade coarser, such as 7g6g or 7H' : 'a grade finer, such as 5g6g or 5H';
      return `${normal}: this is group ${group}. The limits of a class stay; take ${other}.`;
    }
    case 'acme':
    case 'trapezoidal':
    case 'pipe':
      return 'This standard gives one set of limits for every length of engagement.';
  }
}
