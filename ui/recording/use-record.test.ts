import { act, renderHook } from '@testing-library/react';
import { recordOf } from '@/core/test/record';
import { ask, send } from '../shell/send';
import { useRecord } from './use-record';

jest.mock('../shell/send', () => ({ send: jest.fn(), ask: jest.fn() }));
const sent = jest.mocked(send);
const asked = jest.mocked(ask);
const refusal = { ok: false, code: 'invalid', later: false, answer: null } as const;

const [first, second] = recordOf([
  { kind: 'note', text: 'first' },
  { kind: 'note', text: 'second' },
]) as [ReturnType<typeof recordOf>[0], ReturnType<typeof recordOf>[0]];
const NOTE = { kind: 'note', text: 'second' };
const idSent = (call: number) => (sent.mock.calls[call]?.[2] as { id: string }).id;

beforeEach(() => {
  sent.mockReset();
  asked.mockReset();
  asked.mockResolvedValue({ ok: true, value: { entries: [], marked: false } });
});
afterEach(() => jest.useRealTimers());

test('an entry is sent with an id and a time of its own, and stands in the record at once', async () => {
  sent.mockResolvedValue({ ok: true, value: second });
  const { result } = renderHook(() => useRecord(7, [first]));
  await act(async () => expect(await result.current.add(NOTE)).toEqual({ ok: true }));
  expect(sent).toHaveBeenCalledWith('POST', '/api/attempts/7/entries', expect.objectContaining(NOTE));
  expect(idSent(0)).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  expect(result.current.entries).toEqual([first, second]);
  expect(asked).toHaveBeenCalledWith('/api/attempts/7/news?after=1');
});

test('what the news brings along is not shown twice, and what others wrote stands in the order of the record', async () => {
  sent.mockResolvedValue({ ok: true, value: second });
  const other = { ...second, id: 'other' };
  asked.mockResolvedValue({ ok: true, value: { entries: [other, second], marked: true } });
  const { result } = renderHook(() => useRecord(7, [first]));
  await act(async () => void (await result.current.add(NOTE)));
  expect(result.current.entries).toEqual([first, other, second]);
  expect(result.current.marked).toBe(true);
});

test('after a lost answer the same entry goes with the same id, another one with a new id', async () => {
  sent.mockResolvedValue({ ...refusal, message: 'The server does not answer.', fields: [] });
  const { result } = renderHook(() => useRecord(7, []));
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
  const { result } = renderHook(() => useRecord(7, []));
  await act(async () => void (await result.current.add(NOTE)));
  await act(async () => void (await result.current.add(NOTE)));
  expect(idSent(1)).not.toBe(idSent(0));
});

test('a refusal comes back by field', async () => {
  sent.mockResolvedValue({
    ...refusal,
    message: 'Type the note.',
    fields: [{ field: 'text', message: 'Type the note.' }],
  });
  const { result } = renderHook(() => useRecord(7, []));
  await act(async () =>
    expect(await result.current.add({ kind: 'note', text: '' })).toEqual({
      ok: false,
      message: 'Type the note.',
      fields: { text: 'Type the note.' },
    }),
  );
});

test('while one is on its way a second is not sent', async () => {
  let answer: (value: { ok: true; value: unknown }) => void = () => undefined;
  sent.mockReturnValue(new Promise((resolve) => (answer = resolve as typeof answer)));
  const { result } = renderHook(() => useRecord(7, []));
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

test('news is asked for every ten seconds while the page is seen; no news changes nothing', async () => {
  jest.useFakeTimers();
  asked.mockResolvedValue({ ...refusal, message: 'The server does not answer.', fields: [] });
  const { result, unmount } = renderHook(() => useRecord(7, [first], true));
  await act(() => jest.advanceTimersByTimeAsync(21_000));
  expect(asked).toHaveBeenCalledTimes(2);
  expect(result.current).toMatchObject({ entries: [first], marked: true });
  const hidden = jest.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
  await act(() => jest.advanceTimersByTimeAsync(20_000));
  expect(asked).toHaveBeenCalledTimes(2);
  hidden.mockRestore();
  unmount();
  await act(() => jest.advanceTimersByTimeAsync(20_000));
  expect(asked).toHaveBeenCalledTimes(2);
});
