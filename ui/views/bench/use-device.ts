import { useEffect, useState } from 'react';
import type * as device from './device';

/** What the device keeps and sends, and the parts of the bench that show it. */
export type Device = typeof device;

/** How long after a failure it is tried again. */
const AGAIN_MS = 3000;
let fetched: Promise<Device> | null = null;

const fetchDevice = (): Promise<Device> =>
  import('./device').catch(() => new Promise((resolve) => setTimeout(resolve, AGAIN_MS)).then(fetchDevice));

/** The device's part of the bench: fetched after what is next stands there. It is tried until it is there. */
export const deviceHere = (): Promise<Device> => (fetched ??= fetchDevice());

/** The same for what is drawn; null until it is there. */
export function useDevice(wanted: boolean): Device | null {
  const [here, setHere] = useState<Device | null>(null);
  useEffect(() => {
    let shown = true;
    if (wanted) void deviceHere().then((found) => shown && setHere(found));
    return () => void (shown = false);
  }, [wanted]);
  return here;
}
