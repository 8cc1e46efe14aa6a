import { FORM_WHITWORTH } from '../thread-form';
import type { ThreadSystem } from '../thread-system';
import type { PipeThread } from '../thread';
import { pipeExternalLimits, pipeInternalLimits } from './pipe-limits';

/** Parallel pipe threads where the joint is not made on the threads, ISO 228-1. */
export const pipeSystem: ThreadSystem<PipeThread> = {
  form: FORM_WHITWORTH,
  limits: (thread) => (thread.side === 'external' ? pipeExternalLimits(thread) : pipeInternalLimits(thread)),
  print: (thread) =>
    `G ${thread.sizeLabel}${thread.toleranceClass === null ? '' : ` ${thread.toleranceClass.fit}`}`,
  rootRadius: { min: 0.137329, max: 0.137329 },
  mate: (thread) =>
    thread.side === 'external'
      ? { ...thread, side: 'internal', toleranceClass: null }
      : { ...thread, side: 'external', toleranceClass: { fit: 'A' } },
  rules: (side) => {
    const source = 'ISO 228-1, table of sizes and tolerances (from memory)';
    return side === 'external'
      ? {
          pitchDiameter: { formula: 'max = d − h;  min = max − Td2 (class B: 2 Td2)', source },
          major: { formula: 'max = d;  min = max − Td', source },
          minor: { formula: 'max = d − 2 h', source },
        }
      : {
          pitchDiameter: { formula: 'min = d − h;  max = min + TD2', source },
          major: { formula: 'min = d', source },
          minor: { formula: 'min = d − 2 h;  max = min + TD1', source },
        };
  },
};
