import { randomUUID } from 'node:crypto';
import { ENTRY_KINDS, type EntryEnvelope } from '@/core/record';

const device = randomUUID();
let sequence = 0;

/** The next sign-off of an instructor's device. */
export function nextSignOff(): EntryEnvelope {
  sequence += 1;
  return {
    id: randomUUID(),
    device,
    sequence,
    after: null,
    deviceTime: new Date().toISOString(),
    format: ENTRY_KINDS['sign-off'].format,
    content: { kind: 'sign-off', stepId: 'safety' },
  };
}
