import type { Why } from '@/core/base/explain/why';
import { formatLength } from '@/core/base/units/format-length';
import type { Band, ThreadLimits } from './thread-limits';
import { printDesignation } from './print-designation';
import { formOf, systemOf } from './systems';
import { pitchOf, type Thread } from './thread';
import type { LimitQuantity } from './thread-system';

const TITLES: Record<LimitQuantity, string> = {
  major: 'Major-diameter limits',
  pitchDiameter: 'Pitch-diameter limits',
  minor: 'Minor-diameter limits',
};

/**
 * The reason behind each limit of size: formula, numbers put in, source.
 *
 * @param basis what the limits were worked out for, when it is not the normal length of engagement
 */
export function explainLimits(
  thread: Thread,
  limits: ThreadLimits,
  basis = 'normal length of engagement',
): Record<LimitQuantity, Why> {
  const rules = systemOf(thread).rules(thread.side);
  const explain = (quantity: LimitQuantity, numbers: string): Why => ({
    title: TITLES[quantity],
    ...rules[quantity],
    numbers,
    assumes: openLimit(limits[quantity]) ?? `${printDesignation(thread)}, ${basis}, not plated.`,
  });
  return {
    major: explain('major', crestNumbers(thread, limits, 'major')),
    pitchDiameter: explain('pitchDiameter', pitchNumbers(thread, limits)),
    minor: explain('minor', crestNumbers(thread, limits, 'minor')),
  };
}

function openLimit({ min, max }: { min: number | null; max: number | null }): string | null {
  if (min === null) return 'The standard leaves the lower limit open.';
  return max === null ? 'The standard leaves the upper limit open.' : null;
}

function pitchNumbers(thread: Thread, limits: ThreadLimits): string {
  const show = shower(thread);
  const { unit } = thread;
  const { majorToPitch } = formOf(thread);
  const { min, max } = limits.pitchDiameter;
  const tolerance = show(limits.tolerance.pitchDiameter);
  const sign = limits.side === 'external' ? '−' : '+';
  const basic = `${show(thread.nominalDiameter)} ${sign} ${show(limits.allowance)} − ${majorToPitch} × ${show(pitchOf(thread), 2)}`;
  return limits.side === 'external'
    ? `max = ${basic} = ${show(max)};  min = max − ${tolerance} = ${show(min)} ${unit}`
    : `min = ${basic} = ${show(min)};  max = min + ${tolerance} = ${show(max)} ${unit}`;
}

function crestNumbers(thread: Thread, limits: ThreadLimits, quantity: 'major' | 'minor'): string {
  const show = shower(thread);
  const { unit } = thread;
  const pitch = show(pitchOf(thread), 2);
  const given = `D ${show(thread.nominalDiameter)}, P ${pitch}, allowance ${show(limits.allowance)}`;
  const { min, max } = limits[quantity];
  const rounded =
    quantity === 'minor' && limits.side === 'external' && limits.roundedRootMinorMax !== null
      ? `;  rounded root ${show(limits.roundedRootMinorMax)}`
      : '';
  if (min === null) return `${given}:  max = ${show(max ?? NaN)}${rounded} ${unit}`;
  if (max === null) return `${given}:  min = ${show(min)} ${unit}`;
  return `${given}:  ${toleranceText({ min, max }, limits.side === 'external', show)} ${unit}`;
}

/** The limit of most material first, as the rule does. */
function toleranceText({ min, max }: Band, external: boolean, show: (value: number) => string): string {
  const tolerance = show(max - min);
  return external
    ? `max = ${show(max)};  min = max − ${tolerance} = ${show(min)}`
    : `min = ${show(min)};  max = min + ${tolerance} = ${show(max)}`;
}

function shower({ unit }: Thread): (value: number, extra?: number) => string {
  return (value, extra = 0) => formatLength({ value, unit }, unit, extra);
}
