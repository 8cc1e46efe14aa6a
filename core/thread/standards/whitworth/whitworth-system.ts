import { printStarts, printTpi } from '../inch-size';
import { FORM_WHITWORTH } from '../thread-form';
import { otherSide, type ThreadSystem } from '../thread-system';
import type { WhitworthThread } from '../thread';
import { whitworthExternalLimits, whitworthInternalLimits } from './whitworth-limits';

/** Whitworth-form threads, 55 degrees, BS 84, medium class. */
export const whitworthSystem: ThreadSystem<WhitworthThread> = {
  form: FORM_WHITWORTH,
  limits: (thread, engagement) =>
    thread.side === 'external'
      ? whitworthExternalLimits(thread, engagement)
      : whitworthInternalLimits(thread, engagement),
  print: (thread) => {
    const member = thread.side === 'external' ? 'bolt' : 'nut';
    return `${thread.sizeLabel}-${printTpi(thread)} ${thread.series} medium ${member}${printStarts(thread)}`;
  },
  rootRadius: { min: 0.137329, max: 0.137329 },
  mate: (thread) => ({ ...thread, side: otherSide(thread.side) }),
  rules: (side) => {
    const source =
      'BS 84 medium class, T = 0.002 D^(1/3) + 0.003 L^(1/2) + 0.005 P^(1/2), L = D (from memory)';
    return side === 'external'
      ? {
          pitchDiameter: {
            formula: 'max = D − allowance − 0.640327 P;  min = max − T;  allowance 0.3 T to 3/4 in',
            source,
          },
          major: { formula: 'max = D − allowance;  min = max − (T + 0.01 P^(1/2))', source },
          minor: { formula: 'max = D − allowance − 1.280654 P;  min = max − (T + 0.02 P^(1/2))', source },
        }
      : {
          pitchDiameter: { formula: 'min = D − 0.640327 P;  max = min + T', source },
          major: { formula: 'min = D', source },
          minor: {
            formula: 'min = D − 1.280654 P;  max = min + 0.2 P + 0.007 (22 and 24 TPI 0.005, finer 0.004)',
            source,
          },
        };
  },
};
