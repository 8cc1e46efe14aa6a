import { FORM_60 } from '../thread-form';
import { otherSide, type ThreadSystem } from '../thread-system';
import { printStarts, printTpi } from '../inch-size';
import type { UnifiedThread } from '../thread';
import { engagementLengthIn, unifiedExternalLimits } from './external-limits';
import { unifiedInternalLimits } from './internal-limits';

const PITCH_SOURCE =
  'ASME B1.1: Td2(2A) = 0.0015 D^(1/3) + 0.0015 Le^(1/2) + 0.015 P^(2/3); 1A × 1.5, 3A × 0.75, 1B × 1.95, 2B × 1.3, 3B × 0.975; allowance 0.3 Td2(2A) for 1A and 2A';

/** Unified inch threads, ASME B1.1. */
export const unifiedSystem: ThreadSystem<UnifiedThread> = {
  form: FORM_60,
  limits: (thread, engagement) => {
    const beyond =
      engagement !== undefined && engagement > engagementLengthIn(thread) ? engagement : undefined;
    return thread.side === 'external'
      ? unifiedExternalLimits(thread, beyond)
      : unifiedInternalLimits(thread, beyond);
  },
  print: (thread) => {
    const letter = thread.side === 'external' ? 'A' : 'B';
    return `${thread.sizeLabel}-${printTpi(thread)} ${thread.series}-${thread.toleranceClass.fit}${letter}${printStarts(thread)}`;
  },
  // UNR: 0.108 P at least, H/6 with the maximum minor diameter (ASME B1.1).
  rootRadius: { min: 0.10825, max: 0.144338 },
  mate: (thread) => ({ ...thread, side: otherSide(thread.side) }),
  rules: (side) =>
    side === 'external'
      ? {
          pitchDiameter: {
            formula: 'max = D − allowance − 0.649519 P;  min = max − Td2',
            source: PITCH_SOURCE,
          },
          major: {
            formula: 'max = D − allowance;  min = max − 0.060 P^(2/3) (1A: 0.090)',
            source: 'ASME B1.1',
          },
          minor: {
            formula: 'flat root: D − allowance − 1.082532 P;  rounded root: D − allowance − 1.226869 P',
            source: 'ASME B1.1 (UN and UNR root)',
          },
        }
      : {
          pitchDiameter: { formula: 'min = D − 0.649519 P;  max = min + TD2', source: PITCH_SOURCE },
          major: { formula: 'min = D', source: 'ASME B1.1' },
          minor: {
            formula: 'min = D − 1.082532 P;  max = min + TD1',
            source:
              'ASME B1.1, clause 5.8 (rule by class, size and pitch), printed to three places from 0.138 in',
          },
        },
};
