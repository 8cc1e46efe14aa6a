import { FORM_60 } from '../thread-form';
import { otherSide, type ThreadSystem } from '../thread-system';
import { leadOf, pitchOf, type MetricClass, type MetricThread } from '../thread';
import { metricExternalLimits } from './external-limits';
import { metricInternalLimits } from './internal-limits';

/** ISO metric threads, ISO 68-1, 261 and 965-1. */
export const metricSystem: ThreadSystem<MetricThread> = {
  form: FORM_60,
  limits: (thread) =>
    thread.side === 'external' ? metricExternalLimits(thread) : metricInternalLimits(thread),
  print: (thread) => {
    const pitch = thread.starts === 1 ? `${pitchOf(thread)}` : `Ph${leadOf(thread)}P${pitchOf(thread)}`;
    const group = thread.engagement === 'N' ? '' : `-${thread.engagement}`;
    return `M${thread.sizeLabel}x${pitch}-${printMetricClass(thread.toleranceClass)}${group}`;
  },
  // 0.125 P at least for bolts of class 8.8 and stronger, H/6 with d3 (ISO 965-1).
  rootRadius: { min: 0.125, max: 0.144338 },
  mate: (thread) => ({
    ...thread,
    side: otherSide(thread.side),
    toleranceClass: { pitchGrade: 6, crestGrade: 6, position: thread.side === 'external' ? 'H' : 'g' },
  }),
  rules: (side) => {
    const pitchSource =
      'ISO 965-1, tables 1, 6 and 7 (formulas of clause 13 for pitches that are not listed)';
    return side === 'external'
      ? {
          pitchDiameter: { formula: 'max = d − es − 0.649519 P;  min = max − Td2', source: pitchSource },
          major: { formula: 'max = d − es;  min = max − Td', source: 'ISO 965-1, tables 1 and 4' },
          minor: {
            formula: 'flat root: d − es − 1.082532 P;  rounded root: d − es − 1.226869 P',
            source: 'ISO 965-1, ISO 68-1 (d3 with r = H/6)',
          },
        }
      : {
          pitchDiameter: { formula: 'min = d + EI − 0.649519 P;  max = min + TD2', source: pitchSource },
          major: { formula: 'min = d + EI', source: 'ISO 965-1' },
          minor: {
            formula: 'min = d + EI − 1.082532 P;  max = min + TD1',
            source: 'ISO 965-1, tables 1 and 3',
          },
        };
  },
};

function printMetricClass({ pitchGrade, crestGrade, position }: MetricClass): string {
  const pitch = `${pitchGrade}${position}`;
  return crestGrade === pitchGrade ? pitch : `${pitch}${crestGrade}${position}`;
}
