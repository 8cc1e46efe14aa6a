import { randomUUID } from 'node:crypto';

/** For tests: a browser that is a bench, with a device of its own. */
export const browser = (device: string = randomUUID()) => ({
  device,
  bound: `browser of ${device}`,
  usedOn: 'Firefox',
});
