import { act, renderHook } from '@testing-library/react';
import { recordOf, sheetOf } from '@/core/test/record';
import { useEffect } from 'react';
import type { News } from '@/ui/shell/news';
import { ask } from '@/ui/shell/ask';
import { send } from '@/ui/shell/send';
import { useRecord } from './use-record';

jest.mock('@/ui/shell/send', () => ({ send: jest.fn() }));
jest.mock('@/ui/shell/ask', () => ({ ask: jest.fn() }));
const listeners = new Set<(news: News) => void>();
jest.mock('@/ui/shell/news', () => ({
  useNews: (onNews: (news: News) => void) => {
    useEffect(() => {
      listeners.add(onNews);
      return () => void listeners.delete(onNews);
    });
  },
}));
const sent = jest.mocked(send);
const asked = jest.mocked(ask);
const refusal = { ok: false, code: 'invalid', later: false, answer: null } as const;

const [first, second] = recordOf([
  { kind: 'note', text: 'first' },
  { kind: 'note', text: 'second' },
]) as [ReturnType<typeof recordOf>[0], ReturnType<typeof recordOf>[0]];
const sheet = sheetOf();
const start = (entries: ReturnType<typeof recordOf> = []) => ({ sheet, entries });
const NOTE = { kind: 'note', text: 'second' };
const idSent = (call: number) => (sent.mock.calls[call]![2] as { id: string }).id;

beforeEach(() => {
  sent.mockReset();
  asked.mockReset();
  asked.mockResolvedValue({ ok: true, value: { entries: [], marked: false, sheetId: 3 } });
});
afterEach(() => jest.useRealTimers());

test('an entry is sent with an id and a time of its own, and stands in the record at once', async () => {
  sent.mockResolvedValue({ ok: true, value: second });
  const { result } = renderHook(() => useRecord(7, start([first])));
  await act(async () => expect(await result.current.add(NOTE)).toEqual({ ok: true }));
  expect(sent).toHaveBeenCalledWith(
    'POST',
    '/api/attempts/7/entries',
    expect.objectContaining({ content: NOTE, format: 2, after: first.id }),
  );
  expect(idSent(0)).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  expect(result.current.entries).toEqual([first, second]);
  expect(asked).toHaveBeenCalledWith('/api/attempts/7/news?after=1');
});

test('what the news brings along is not shown twice, and what others wrote stands in the order of the record', async () => {
  sent.mockResolvedValue({ ok: true, value: second });
  const other = { ...second, id: 'other' };
  asked.mockResolvedValue({ ok: true, value: { entries: [other, second], marked: true, sheetId: 3 } });
  const { result } = renderHook(() => useRecord(7, start([first])));
  await act(async () => void (await result.current.add(NOTE)));
  expect(result.current.entries).toEqual([first, other, second]);
  expect(result.current.marked).toBe(true);
});

test('after a lost answer the same entry goes with the same id, another one with a new id', async () => {
  sent.mockResolvedValue({ ...refusal, message: 'The server does not answer.', fields: [] });
  const { result } = renderHook(() => useRecord(7, start()));
  const add = (fields: Record<string, string>) => act(async () => void (await result.current.add(fields)));
  await add(NOTE);
  await add(NOTE);
  await add({ kind: 'note', text: 'other' });
  expect(idSent(1)).toBe(idSent(0));
  expect(idSent(2)).not.toBe(idSent(0));
  expect(result.current.entries).toEqual([]);
});

test('the same entry after one that was taken is a new one', async () => {
  sent.mockResolvedValue({ ok: true, value: second });
  const { result } = renderHook(() => useRecord(7, start()));
  await act(async () => void (await result.current.add(NOTE)));
  await act(async () => void (await result.current.add(NOTE)));
  expect(idSent(1)).not.toBe(idSent(0));
});

test('what can not be meant is refused on the device, by field, and nothing is sent', async () => {
  const { result } = renderHook(() => useRecord(7, start()));
  await act(async () =>
    expect(await result.current.add({ kind: 'note', text: '' })).toEqual({
      ok: false,
      message: 'Type the note.',
      fields: { text: 'Type the note.' },
    }),
  );
  expect(sent).not.toHaveBeenCalled();
});

test('what the server refuses comes back by field too', async () => {
  const message = 'This page is of another release.';
  sent.mockResolvedValue({ ...refusal, message, fields: [{ field: 'content.text', message }] });
  const { result } = renderHook(() => useRecord(7, start()));
  await act(async () =>
    expect(await result.current.add(NOTE)).toEqual({ ok: false, message, fields: { text: message } }),
  );
});

test('a device counts its entries, and they carry its id', async () => {
  sent.mockResolvedValue({ ok: true, value: second });
  const { result } = renderHook(() => useRecord(7, start()));
  await act(async () => void (await result.current.add(NOTE)));
  await act(async () => void (await result.current.add(NOTE)));
  const [one, two] = sent.mock.calls.map(([, , body]) => body as { device: string; sequence: number });
  expect(two?.sequence).toBe((one?.sequence ?? 0) + 1);
  expect(two?.device).toBe(one?.device);
});

test('before a lathe is chosen only the lathe can be recorded; then the page asks for its sheet', async () => {
  const onSheet = jest.fn();
  sent.mockResolvedValue({ ok: true, value: second });
  const { result } = renderHook(() => useRecord(7, { sheet: null, entries: [], onSheet }));
  await act(async () => expect(await result.current.add(NOTE)).toMatchObject({ ok: false }));
  await act(async () => void (await result.current.add({ kind: 'lathe', sheetId: '3', name: 'Lathe 1' })));
  expect(sent.mock.calls[0]?.[2]).toMatchObject({ content: { kind: 'lathe', sheetId: 3, name: 'Lathe 1' } });
  expect(onSheet).toHaveBeenCalled();
});

test('while one is on its way a second is not sent', async () => {
  let answer: (value: { ok: true; value: unknown }) => void = () => undefined;
  sent.mockReturnValue(new Promise((resolve) => (answer = resolve as typeof answer)));
  const { result } = renderHook(() => useRecord(7, start()));
  let under = Promise.resolve<unknown>(null);
  act(() => void (under = result.current.add(NOTE)));
  expect(result.current.busy).toBe(true);
  await act(async () => expect(await result.current.add(NOTE)).toMatchObject({ ok: false, fields: {} }));
  expect(sent).toHaveBeenCalledTimes(1);
  await act(async () => {
    answer({ ok: true, value: second });
    await under;
  });
  expect(result.current.busy).toBe(false);
});

test('is looked at when the server tells of this attempt, or of anything; what does not come changes nothing', async () => {
  asked.mockResolvedValue({ ...refusal, message: 'The server does not answer.', fields: [] });
  const { result, unmount } = renderHook(() => useRecord(7, { ...start([first]), marked: true }));
  const tell = (news: News) => act(() => Promise.resolve(listeners.forEach((each) => each(news))));
  await tell([{ id: 8, version: 2 }]);
  expect(asked).not.toHaveBeenCalled();
  await tell([{ id: 7, version: 2 }]);
  await tell(null);
  expect(asked).toHaveBeenCalledTimes(2);
  expect(result.current).toMatchObject({ entries: [first], marked: true });
  unmount();
  await tell(null);
  expect(asked).toHaveBeenCalledTimes(2);
});
