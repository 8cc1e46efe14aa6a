import { TextDecoder, TextEncoder } from 'node:util';
import { act, fireEvent, renderHook } from '@testing-library/react';
import type { GaugeReading } from '@/core/measuring/gauge-line/read-gauge-line';
import { openSerialGauge } from './serial-gauge';
import { STAND_IN, useGauge } from './use-gauge';

class Channel {
  static all: Channel[] = [];
  onmessage: ((event: { data: unknown }) => void) | null = null;
  constructor(readonly name: string) {
    Channel.all.push(this);
  }
  close() {}
}

beforeEach(() => {
  Channel.all = [];
  Object.assign(globalThis, { BroadcastChannel: Channel, TextDecoder });
});

function gauge() {
  const readings: GaugeReading[] = [];
  const hook = renderHook(() => useGauge((reading) => readings.push(reading)));
  return { readings, hook };
}

const type = (text: string, target: Element | Window = window) =>
  [...text, 'Enter'].forEach((key) => fireEvent.keyDown(target, { key }));

test('a gauge that types is read while no field has the focus', () => {
  const { readings } = gauge();
  type('0.7595');
  type('-.0003');
  expect(readings).toEqual([
    { value: 0.7595, unit: null },
    { value: -0.0003, unit: null },
  ]);
});

test('into a field it types as anybody does; other keys, and two characters, are nobody’s reading', () => {
  const { readings } = gauge();
  const field = document.body.appendChild(document.createElement('input'));
  type('0.7595', field);
  type('p');
  type('12');
  fireEvent.keyDown(window, { key: '1', ctrlKey: true });
  type('m2.5');
  expect(readings).toEqual([{ value: 2.5, unit: null }]);
  field.remove();
});

test('the stand-in sends lines; what is none is said and fills nothing', () => {
  const { readings, hook } = gauge();
  const [channel] = Channel.all;
  expect(channel?.name).toBe(STAND_IN);
  act(() => channel?.onmessage?.({ data: '+16.3411 mm' }));
  act(() => channel?.onmessage?.({ data: { value: 5 } }));
  expect(readings).toEqual([{ value: 16.3411, unit: 'mm' }]);
  expect(hook.result.current.problem).toMatch(/can not be read/);
});

test('a serial line is cut into lines however it arrives, and an endless one fills nothing', async () => {
  const parts = ['0.7', '595\r\n0.76', '01\n', 'x'.repeat(5000), '\n0.75\n'].map((part) =>
    new TextEncoder().encode(part),
  );
  const lines: string[] = [];
  const ended = jest.fn();
  const reader = {
    read: () =>
      Promise.resolve(
        parts.length === 0 ? { value: undefined, done: true } : { value: parts.shift(), done: false },
      ),
    cancel: () => Promise.resolve(),
  };
  const port = {
    open: jest.fn(() => Promise.resolve()),
    close: () => Promise.resolve(),
    readable: { getReader: () => reader } as unknown as ReadableStream<Uint8Array>,
  };
  await openSerialGauge(
    { requestPort: () => Promise.resolve(port) },
    4800,
    (line) => lines.push(line),
    ended,
  );
  for (let turn = 0; turn < 40; turn += 1) await Promise.resolve();
  expect(port.open).toHaveBeenCalledWith({ baudRate: 4800 });
  expect(lines.map((line) => (line.length > 64 ? 'long' : line))).toEqual([
    '0.7595',
    '0.7601',
    expect.stringMatching(/^x+$|^long$/) as string,
    '0.75',
  ]);
  expect(ended).toHaveBeenCalled();
});
