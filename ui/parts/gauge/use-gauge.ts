import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { readGaugeLine, type GaugeReading } from '@/core/measuring/gauge-line/read-gauge-line';
import { openSerialGauge, serialOf } from './serial-gauge';

/** The line of the simulated gauge: what it sends comes as from any other. */
export const STAND_IN = 'oyakata-gauge';

/** Characters of a reading that a gauge types; people type slower than this, and into a field. */
const TYPED = /^[0-9+\-.,]$/;
const PAUSE_MS = 150;

const never = () => () => undefined;
const no = () => false;

export interface GaugeLink {
  /** Opens a serial line; null where the browser has none. Answers what was wrong, or null. */
  connect: ((baudRate: number) => Promise<string | null>) | null;
  connected: boolean;
  /** What was wrong with the last line; null when it was read. */
  problem: string | null;
}

/**
 * Readings of a gauge, from wherever it sends: as a keyboard (while no field has the focus), over a serial line, or from
 * the stand-in. All go through the same reader.
 */
export function useGauge(onReading: (reading: GaugeReading) => void): GaugeLink {
  const [connected, setConnected] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const latest = useRef(onReading);
  const letGo = useRef<(() => void) | null>(null);
  useEffect(() => {
    latest.current = onReading;
  });
  const take = useCallback((line: string) => {
    const read = readGaugeLine(line);
    setProblem(read.ok ? null : (read.issues[0]?.message ?? null));
    if (read.ok) latest.current(read.value);
  }, []);

  useEffect(() => {
    const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(STAND_IN);
    if (channel !== null)
      channel.onmessage = ({ data }: MessageEvent<unknown>) => take(typeof data === 'string' ? data : '');
    let typed = '';
    let last = 0;
    function onKey(event: KeyboardEvent) {
      const field = event.target instanceof Element && event.target.closest('input, textarea, select');
      if (field || event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.timeStamp - last > PAUSE_MS) typed = '';
      last = event.timeStamp;
      if (TYPED.test(event.key)) typed += event.key;
      else if (event.key === 'Enter' && typed.length >= 3) {
        // It is the gauge's Enter, not a touch of the button that has the focus.
        event.preventDefault();
        event.stopPropagation();
        take(typed);
        typed = '';
      } else typed = '';
    }
    window.addEventListener('keydown', onKey, true);
    return () => {
      channel?.close();
      window.removeEventListener('keydown', onKey, true);
      letGo.current?.();
    };
  }, [take]);

  const connect = useCallback(
    async (baudRate: number) => {
      const serial = serialOf(navigator);
      if (serial === null) return 'This browser has no serial lines.';
      try {
        letGo.current?.();
        letGo.current = await openSerialGauge(serial, baudRate, take, () => setConnected(false));
        setConnected(true);
        return null;
      } catch (error) {
        // Whoever chooses no line has changed his mind, and nothing is wrong.
        return error instanceof DOMException && error.name === 'NotFoundError'
          ? null
          : 'The line can not be opened. Is another program using the gauge?';
      }
    },
    [take],
  );
  // The server can not know, and the page begins as the server made it.
  const can = useSyncExternalStore(never, () => serialOf(navigator) !== null, no);
  return { connect: can ? connect : null, connected, problem };
}
