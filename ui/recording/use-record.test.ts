import { act, renderHook } from '@testing-library/react';
import { recordOf } from '@/core/test/record';
import { send } from '../shell/send';
import { useRecord } from './use-record';

const refresh = jest.fn();
const router = { refresh };
jest.mock('next/navigation', () => ({ useRouter: () => router }));
jest.mock('../shell/send', () => ({ send: jest.fn() }));
const sent = jest.mocked(send);

const [first, second] = recordOf([
  { kind: 'note', text: 'first' },
  { kind: 'note', text: 'second' },
]) as [ReturnType<typeof recordOf>[0], ReturnType<typeof recordOf>[0]];
const NOTE = { kind: 'note', text: 'second' };
const idSent = (call: number) => (sent.mock.calls[call]?.[2] as { id: string }).id;

beforeEach(() => {
  sent.mockReset();
  refresh.mockReset();
});
afterEach(() => jest.useRealTimers());

test('an entry is sent with an id and a time of its own, and stands in the record at once', async () => {
  sent.mockResolvedValue({ ok: true, value: second });
  const { result } = renderHook(() => useRecord(7, [first]));
  await act(async () => expect(await result.current.add(NOTE)).toEqual({ ok: true }));
  expect(sent).toHaveBeenCalledWith('POST', '/api/attempts/7/entries', expect.objectContaining(NOTE));
  expect(idSent(0)).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  expect(result.current.entries).toEqual([first, second]);
  expect(refresh).toHaveBeenCalledTimes(1);
});

test('what the server then brings along is not shown twice', async () => {
  sent.mockResolvedValue({ ok: true, value: second });
  const { result, rerender } = renderHook(({ entries }) => useRecord(7, entries), {
    initialProps: { entries: [first] },
  });
  await act(async () => void (await result.current.add(NOTE)));
  rerender({ entries: [first, second] });
  expect(result.current.entries).toEqual([first, second]);
});

test('after a lost answer the same entry goes with the same id, another one with a new id', async () => {
  sent.mockResolvedValue({ ok: false, message: 'The server does not answer.', fields: [] });
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
    ok: false,
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

test('the record of others is fetched every ten seconds while the page is seen', () => {
  jest.useFakeTimers();
  const { unmount } = renderHook(() => useRecord(7, []));
  act(() => jest.advanceTimersByTime(21_000));
  expect(refresh).toHaveBeenCalledTimes(2);
  const hidden = jest.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
  act(() => jest.advanceTimersByTime(20_000));
  expect(refresh).toHaveBeenCalledTimes(2);
  hidden.mockRestore();
  unmount();
  act(() => jest.advanceTimersByTime(20_000));
  expect(refresh).toHaveBeenCalledTimes(2);
});
