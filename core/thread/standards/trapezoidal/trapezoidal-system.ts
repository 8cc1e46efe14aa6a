import { FORM_TRAPEZOIDAL } from '../thread-form';
import { otherSide, type ThreadSystem } from '../thread-system';
import { leadOf, pitchOf, type TrapezoidalThread } from '../thread';
import { trapezoidalExternalLimits, trapezoidalInternalLimits } from './trapezoidal-limits';

/** ISO metric trapezoidal threads, 30 degrees, ISO 2901 to 2904. */
export const trapezoidalSystem: ThreadSystem<TrapezoidalThread> = {
  form: FORM_TRAPEZOIDAL,
  limits: (thread) =>
    thread.side === 'external' ? trapezoidalExternalLimits(thread) : trapezoidalInternalLimits(thread),
  print: (thread) => {
    const pitch = thread.starts === 1 ? `${pitchOf(thread)}` : `${leadOf(thread)}(P${pitchOf(thread)})`;
    const position = thread.side === 'external' ? 'e' : 'H';
    return `Tr${thread.sizeLabel}x${pitch}-${thread.toleranceClass.grade}${position}`;
  },
  rootRadius: null,
  mate: (thread) => ({ ...thread, side: otherSide(thread.side) }),
  rules: (side) =>
    side === 'external'
      ? {
          pitchDiameter: {
            formula: 'max = d − P/2 − es;  min = max − Td2',
            source: 'ISO 2903 (from memory): Td2(6) = 90 P^0.4 d^0.1, grade 7 × 1.25, on preferred numbers',
          },
          major: {
            formula: 'max = d;  min = max − Td(4)',
            source: 'ISO 2903 (from memory): Td(4) = 0.63 (180 P^(2/3) − 3.15 P^(−1/2))',
          },
          minor: {
            formula: 'max = d − P − 2 a_c;  min = max − (1.25 Td2 + es)',
            source: 'ISO 2901, 2903 (from memory)',
          },
        }
      : {
          pitchDiameter: {
            formula: 'min = d − P/2;  max = min + TD2',
            source: 'ISO 2903 (from memory): TD2(7) = 1.7 Td2(6)',
          },
          major: { formula: 'min = d + 2 a_c', source: 'ISO 2901 (from memory)' },
          minor: {
            formula: 'min = d − P;  max = min + TD1(4)',
            source: 'ISO 2903 (from memory): TD1(4) = 0.63 × 230 P^0.7',
          },
        },
};
