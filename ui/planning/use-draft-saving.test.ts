import { act, renderHook } from '@testing-library/react';
import { EMPTY_PLAN_FORM, type PlanForm } from '@/core/plan';
import { send } from '../shell/send';
import { readBackup, useDraftSaving } from './use-draft-saving';

jest.mock('../shell/send', () => ({ send: jest.fn() }));
const sent = jest.mocked(send);

const typed = (title: string): PlanForm => ({ ...EMPTY_PLAN_FORM, title });

function saving() {
  return renderHook(({ form }) => useDraftSaving(7, form, 3), { initialProps: { form: typed('') } });
}

beforeEach(() => {
  jest.useFakeTimers();
  window.localStorage.clear();
  sent.mockReset();
  let version = 3;
  sent.mockImplementation(() => Promise.resolve({ ok: true, value: { draftVersion: (version += 1) } }));
});
afterEach(() => jest.useRealTimers());

test('what is typed is saved once, shortly after the last key stroke', async () => {
  const { rerender, result } = saving();
  rerender({ form: typed('N') });
  rerender({ form: typed('Nut') });
  expect(readBackup(7, 3)?.title).toBe('Nut');
  await act(() => jest.advanceTimersByTimeAsync(1000));
  expect(sent).toHaveBeenCalledTimes(1);
  expect(sent.mock.calls[0]?.[2]).toEqual({ form: typed('Nut'), draftVersion: 3 });
  expect(result.current.state).toBe('saved');
  expect(readBackup(7, 4)).toBeNull();
});

test('before the work is handed out, what still waits is saved and nothing is sent behind its back', async () => {
  const { rerender, result } = saving();
  rerender({ form: typed('Nut') });
  let version = 0;
  await act(async () => {
    version = await result.current.settledVersion();
  });
  expect(version).toBe(4);
  await act(() => jest.advanceTimersByTimeAsync(2000));
  expect(sent).toHaveBeenCalledTimes(1);
});

test('without a change there is nothing to save', async () => {
  const { result } = saving();
  await act(async () => expect(await result.current.settledVersion()).toBe(3));
  expect(sent).not.toHaveBeenCalled();
});

test('a refused saving keeps the copy in the browser and says why', async () => {
  sent.mockResolvedValue({ ok: false, message: 'Changed in another window.', fields: [] });
  const { rerender, result } = saving();
  rerender({ form: typed('Nut') });
  await act(() => jest.advanceTimersByTimeAsync(1000));
  expect([result.current.state, result.current.problem]).toEqual(['failed', 'Changed in another window.']);
  expect(readBackup(7, 3)?.title).toBe('Nut');
});
