import { LONGEST_LINE } from '@/core/measuring/gauge-line/read-gauge-line';

/** As much of the browser's Web Serial as is used here (https://wicg.github.io/serial/). */
interface SerialPort {
  open: (options: { baudRate: number }) => Promise<void>;
  close: () => Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
}
interface Serial {
  requestPort: () => Promise<SerialPort>;
}

/** The browser's serial lines; null where there are none. */
export function serialOf(browser: Navigator): Serial | null {
  return (browser as Navigator & { serial?: Serial }).serial ?? null;
}

/** Rates at which gauges send (common practice); the first is the commonest. */
export const BAUD_RATES = [9600, 4800, 2400, 1200] as const;

/**
 * Opens the line that the user chooses and hands on every line of text that comes. A gauge that sends without end and
 * without lines fills nothing: what is longer than a line can be is thrown away.
 * @returns how to let go of it
 */
export async function openSerialGauge(
  serial: Serial,
  baudRate: number,
  onLine: (line: string) => void,
  onEnd: () => void,
): Promise<() => void> {
  const port = await serial.requestPort();
  await port.open({ baudRate });
  const reader = port.readable?.getReader();
  void (async () => {
    const decoder = new TextDecoder();
    let rest = '';
    try {
      for (;;) {
        const { value, done } = (await reader?.read()) ?? { value: undefined, done: true };
        if (done) break;
        const lines = (rest + decoder.decode(value, { stream: true })).split(/[\r\n]+/);
        rest = (lines.pop() ?? '').slice(-LONGEST_LINE);
        lines.filter((line) => line !== '').forEach(onLine);
      }
    } catch {
      // The cable was pulled out.
    }
    onEnd();
  })();
  return () => {
    void reader
      ?.cancel()
      .then(() => port.close())
      .catch(() => undefined);
  };
}
