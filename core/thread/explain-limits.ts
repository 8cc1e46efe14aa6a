import type { Why } from '../explain/why';
import { formatLength } from '../units';
import type { ThreadLimits } from './limits';
import { printDesignation } from './print-designation';
import { pitchOf, type Thread } from './thread';

export type LimitQuantity = 'major' | 'pitchDiameter' | 'minor';

/** The reason behind each limit of size: formula, numbers put in, source. */
export function explainLimits(thread: Thread, limits: ThreadLimits): Record<LimitQuantity, Why> {
  const { unit } = thread;
  const unified = thread.system === 'unified';
  const external = limits.side === 'external';
  const show = (value: number | null, extra = 0) =>
    value === null ? 'open' : formatLength({ value, unit }, unit, extra);
  const size = show(thread.nominalDiameter);
  const pitch = show(pitchOf(thread), 2);
  const [d, deviation] = unified ? ['D', 'allowance'] : ['d', external ? 'es' : 'EI'];
  const sign = external ? '−' : '+';
  const start = `${size} ${sign} ${show(limits.allowance)}`;
  const assumes = `${printDesignation(thread)}, normal length of engagement, not plated.`;
  const td2 = show(limits.tolerance.pitchDiameter);

  const pitchDiameter: Why = {
    title: 'Pitch-diameter limits',
    formula: external
      ? `max = ${d} − ${deviation} − 0.649519 P;  min = max − Td2`
      : `min = ${d} + ${deviation} − 0.649519 P;  max = min + TD2`,
    numbers: external
      ? `max = ${start} − 0.649519 × ${pitch} = ${show(limits.pitchDiameter.max)};  min = max − ${td2} = ${show(limits.pitchDiameter.min)} ${unit}`
      : `min = ${start} − 0.649519 × ${pitch} = ${show(limits.pitchDiameter.min)};  max = min + ${td2} = ${show(limits.pitchDiameter.max)} ${unit}`,
    source: unified
      ? 'ASME B1.1: Td2(2A) = 0.0015 D^(1/3) + 0.0015 Le^(1/2) + 0.015 P^(2/3); 1A × 1.5, 3A × 0.75, 1B × 1.95, 2B × 1.3, 3B × 0.975; allowance 0.3 Td2(2A) for 1A and 2A'
      : 'ISO 965-1, tables 1, 6 and 7 (formulas of clause 13 for pitches that are not listed)',
    assumes,
  };
  if (limits.side === 'external') {
    return {
      pitchDiameter,
      major: {
        title: 'Major-diameter limits',
        formula: unified
          ? 'max = D − allowance;  min = max − 0.060 P^(2/3) (1A: 0.090)'
          : 'max = d − es;  min = max − Td',
        numbers: `max = ${start} = ${show(limits.major.max)};  min = max − ${show(limits.tolerance.major)} = ${show(limits.major.min)} ${unit}`,
        source: unified ? 'ASME B1.1' : 'ISO 965-1, tables 1 and 4',
        assumes,
      },
      minor: {
        title: 'Largest minor diameter',
        formula: `flat root: ${d} − ${deviation} − 1.082532 P;  rounded root: ${d} − ${deviation} − 1.226869 P`,
        numbers: `${start} − 1.082532 × ${pitch} = ${show(limits.minor.max)};  rounded ${show(limits.roundedRootMinorMax)} ${unit}`,
        source: unified ? 'ASME B1.1 (UN and UNR root)' : 'ISO 965-1, ISO 68-1 (d3 with r = H/6)',
        assumes: 'The standard leaves the lower limit open.',
      },
    };
  }
  return {
    pitchDiameter,
    major: {
      title: 'Smallest major diameter',
      formula: `min = ${d} + ${deviation}`,
      numbers: `${start} = ${show(limits.major.min)} ${unit}`,
      source: unified ? 'ASME B1.1' : 'ISO 965-1',
      assumes: 'The standard leaves the upper limit open.',
    },
    minor: {
      title: 'Minor-diameter limits',
      formula: `min = ${d} + ${deviation} − 1.082532 P;  max = min + TD1`,
      numbers: `min = ${start} − 1.082532 × ${pitch} = ${show(limits.minor.min)};  max = min + ${show(limits.tolerance.minor)} = ${show(limits.minor.max)} ${unit}`,
      source: unified
        ? 'ASME B1.1, clause 5.8 (rule by class, size and pitch), printed to three places from 0.138 in'
        : 'ISO 965-1, tables 1 and 3',
      assumes,
    },
  };
}
