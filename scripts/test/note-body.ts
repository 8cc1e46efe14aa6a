import { randomUUID } from 'node:crypto';

const device = randomUUID();

/** For tests: the body of a note as a device sends it. */
export function noteBody(id: string, text: string): string {
  return JSON.stringify({
    id,
    device,
    sequence: 1,
    after: null,
    deviceTime: new Date().toISOString(),
    format: 2,
    content: { kind: 'note', text },
  });
}
