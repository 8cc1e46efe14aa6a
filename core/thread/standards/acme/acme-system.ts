import { FORM_ACME } from '../thread-form';
import { printStarts, printTpi } from '../inch-size';
import { otherSide, type ThreadSystem } from '../thread-system';
import type { AcmeThread } from '../thread';
import { acmeExternalLimits, acmeInternalLimits } from './acme-limits';

/** General purpose Acme threads, 29 degrees, ASME B1.5. */
export const acmeSystem: ThreadSystem<AcmeThread> = {
  form: FORM_ACME,
  limits: (thread) => (thread.side === 'external' ? acmeExternalLimits(thread) : acmeInternalLimits(thread)),
  print: (thread) => {
    const nut = thread.side === 'internal' ? ' internal' : '';
    return `${thread.sizeLabel}-${printTpi(thread)} Acme-${thread.toleranceClass.fit}G${nut}${printStarts(thread)}`;
  },
  rootRadius: null,
  mate: (thread) => ({ ...thread, side: otherSide(thread.side) }),
  rules: (side) => {
    const source = 'ASME B1.5, general purpose classes (from memory)';
    return side === 'external'
      ? {
          pitchDiameter: {
            formula:
              'max = D − P/2 − 0.008 D^(1/2);  min = max − (0.030 P^(1/2) + 0.006 D^(1/2)), factors of 2G',
            source,
          },
          major: { formula: 'max = D;  min = max − 0.05 P, at least 0.005', source },
          minor: {
            formula:
              'max = D − P − clearance (0.020 to 10 TPI, finer 0.010);  min = max − 1.5 × PD tolerance',
            source,
          },
        }
      : {
          pitchDiameter: {
            formula: 'min = D − P/2;  max = min + (0.030 P^(1/2) + 0.006 D^(1/2)), factors of 2G',
            source,
          },
          major: { formula: 'min = D + clearance;  max = min + clearance', source },
          minor: { formula: 'min = D − P;  max = min + 0.05 P, at least 0.005', source },
        };
  },
};
