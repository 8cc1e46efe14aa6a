import { ask } from './ask';
import { send } from './send';
import { useTouch } from './touch';
import { act, renderHook } from '@testing-library/react';

const answers: (() => Promise<unknown>)[] = [];
const asked: string[] = [];
function answer(status: number, body: unknown, retryAfter?: string) {
  answers.push(() =>
    Promise.resolve({
      ok: status < 400,
      status,
      headers: new Map(retryAfter === undefined ? [] : [['Retry-After', retryAfter]]),
      json: () => Promise.resolve(body),
    }),
  );
}
const fail = () => answers.push(() => Promise.reject(new TypeError('Failed to fetch')));

beforeEach(() => {
  jest.useFakeTimers();
  answers.length = 0;
  asked.length = 0;
  AbortSignal.timeout = () => new AbortController().signal;
  globalThis.fetch = ((url: string) => {
    asked.push(url);
    return answers.shift()?.();
  }) as unknown as typeof fetch;
});
afterEach(() => jest.useRealTimers());

const busy = { error: { code: 'busy', message: 'Busy.', fields: [] } };

test('while the server is busy it is sent again by itself, after the time named', async () => {
  answer(503, busy, '2');
  answer(503, busy, '2');
  answer(201, { id: 1 });
  const sent = send('POST', '/x', {});
  await jest.advanceTimersByTimeAsync(900);
  expect(asked).toHaveLength(1);
  await jest.advanceTimersByTimeAsync(9000);
  expect(await sent).toEqual({ ok: true, value: { id: 1 } });
  expect(asked).toHaveLength(3);
});

test('each wait is longer than the one before; it gives up after eight tries, and says so', async () => {
  jest.spyOn(Math, 'random').mockReturnValue(0.5);
  for (let tries = 0; tries < 9; tries += 1) answer(503, busy, '1');
  const sent = send('POST', '/x', {});
  const after: number[] = [];
  for (let second = 0; second <= 60; second += 1) {
    after.push(asked.length);
    await jest.advanceTimersByTimeAsync(1000);
  }
  expect([0, 1, 3, 6, 10, 15, 21, 28].map((second) => after[second])).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
  expect(await sent).toMatchObject({ ok: false, code: 'busy', later: true });
  expect(asked).toHaveLength(8);
  jest.restoreAllMocks();
});

test('no answer and a lost database put the page out of touch; the next answer brings it back', async () => {
  const { result } = renderHook(() => useTouch());
  fail();
  await act(async () =>
    expect(await ask('/news')).toMatchObject({ ok: false, code: 'no-answer', later: true }),
  );
  expect(result.current).toEqual({
    since: expect.any(Number) as number,
    reason: 'The server does not answer.',
  });
  const { since } = result.current;
  answer(503, { status: 'failing', database: 'not reachable', disk: 'ok' });
  await act(async () => void (await ask('/api/health')));
  expect(result.current).toEqual({ since, reason: 'The database can not be reached.' });
  answer(503, { status: 'failing', database: 'ok', disk: 'full' });
  await act(async () => void (await ask('/api/health')));
  expect(result.current.reason).toContain('disk of the server is full');
  answer(422, { error: { code: 'invalid', message: 'No.', fields: [] } });
  await act(async () => expect(await ask('/x')).toMatchObject({ later: false, code: 'invalid' }));
  expect(result.current.since).toBeNull();
});

test('nothing is sent again that was refused for what it says', async () => {
  answer(409, {
    error: { code: 'draft-changed', message: 'Two.', fields: [] },
    current: { draftVersion: 4 },
  });
  expect(await send('PUT', '/x', {})).toMatchObject({
    code: 'draft-changed',
    answer: { current: { draftVersion: 4 } },
  });
  expect(asked).toHaveLength(1);
});

test('a failing server that says nothing is out of touch all the same', async () => {
  const { result } = renderHook(() => useTouch());
  answer(503, { error: { code: 'failed', message: '', fields: [] } });
  await act(async () => void (await ask('/news')));
  expect(result.current).toEqual({ since: expect.any(Number) as number, reason: '' });
  answer(200, {});
  await act(async () => void (await ask('/news')));
  expect(result.current.since).toBeNull();
});
