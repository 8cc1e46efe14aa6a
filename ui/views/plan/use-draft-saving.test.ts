import { act, renderHook } from '@testing-library/react';
import { EMPTY_PLAN_FORM, type PlanForm } from '@/core/exercise/plan/draft';
import type { Refused } from '@/ui/shell/ask';
import { send } from '@/ui/shell/send';
import { readBackup, writeBackup } from './draft-backup';
import { useDraftSaving } from './use-draft-saving';

jest.mock('@/ui/shell/send', () => ({ send: jest.fn() }));
const sent = jest.mocked(send);

const typed = (title: string): PlanForm => ({ ...EMPTY_PLAN_FORM, title });
const refused = (code: string, later: boolean, answer: unknown = null): Refused => ({
  ok: false,
  code,
  later,
  message: 'Not now.',
  fields: [],
  answer,
});
interface Body {
  form: PlanForm;
  draftVersion: number;
  saveId: string;
}
const body = (call: number) => sent.mock.calls[call]?.[2] as Body;
const restore = jest.fn();

function saving(stored = { form: typed(''), draftVersion: 3, draftSaveId: null as string | null }) {
  return renderHook(({ form }) => useDraftSaving(7, form, stored, restore), {
    initialProps: { form: stored.form },
  });
}
const pass = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

beforeEach(() => {
  jest.useFakeTimers();
  window.localStorage.clear();
  sent.mockReset();
  restore.mockReset();
  let version = 3;
  sent.mockImplementation(() => Promise.resolve({ ok: true, value: { draftVersion: (version += 1) } }));
});
afterEach(() => jest.useRealTimers());

test('what is typed is saved once, shortly after the last key stroke, with an id of its own', async () => {
  const { rerender, result } = saving();
  rerender({ form: typed('N') });
  rerender({ form: typed('Nut') });
  expect(readBackup(7)?.form.title).toBe('Nut');
  await pass(1000);
  expect(sent).toHaveBeenCalledTimes(1);
  expect(body(0)).toEqual({
    form: typed('Nut'),
    draftVersion: 3,
    saveId: expect.stringMatching(/^[0-9a-f-]{36}$/) as string,
  });
  expect(result.current.state).toBe('saved');
  expect(readBackup(7)).toBeNull();
});

test('before the work is handed out, what still waits is saved and nothing is sent behind its back', async () => {
  const { rerender, result } = saving();
  rerender({ form: typed('Nut') });
  let version = 0;
  await act(async () => {
    version = await result.current.settledVersion();
  });
  expect(version).toBe(4);
  await pass(2000);
  expect(sent).toHaveBeenCalledTimes(1);
});

test('without a change there is nothing to save; a change taken back leaves no copy', async () => {
  const { result, rerender } = saving();
  await act(async () => expect(await result.current.settledVersion()).toBe(3));
  rerender({ form: typed('N') });
  rerender({ form: typed('') });
  await pass(2000);
  expect(sent).not.toHaveBeenCalled();
  expect(readBackup(7)).toBeNull();
  expect(result.current.state).toBe('saved');
});

test('a save without an answer goes again by itself with the same id and form; what was typed since follows', async () => {
  sent
    .mockResolvedValueOnce(refused('no-answer', true))
    .mockResolvedValueOnce(refused('database-down', true));
  const { rerender, result } = saving();
  rerender({ form: typed('Nut') });
  await pass(800);
  expect(result.current.state).toBe('waiting');
  rerender({ form: typed('Nuts') });
  expect(readBackup(7)).toMatchObject({ form: { title: 'Nuts' }, pending: { id: body(0).saveId } });
  await pass(10_000);
  expect(sent).toHaveBeenCalledTimes(4);
  expect(body(1)).toEqual(body(0));
  expect(body(2)).toEqual(body(0));
  expect(body(3)).toMatchObject({ form: { title: 'Nuts' }, draftVersion: 4 });
  expect(body(3).saveId).not.toBe(body(0).saveId);
  expect(result.current.state).toBe('saved');
  expect(readBackup(7)).toBeNull();
});

test('what is refused for what it says is not sent again before the next key stroke', async () => {
  sent.mockResolvedValueOnce(refused('invalid', false));
  const { rerender, result } = saving();
  rerender({ form: typed('Nut') });
  await pass(60_000);
  expect(result.current).toMatchObject({ state: 'refused', problem: 'Not now.' });
  expect(sent).toHaveBeenCalledTimes(1);
  rerender({ form: typed('Nuts') });
  await pass(1000);
  expect(result.current.state).toBe('saved');
});

test('another window saved in between: both versions are kept, nothing is sent until one is chosen', async () => {
  const current = { form: typed('Theirs'), draftVersion: 9 };
  sent.mockResolvedValueOnce(refused('draft-changed', false, { current }));
  const { rerender, result } = saving();
  rerender({ form: typed('Mine') });
  await pass(1000);
  expect(result.current.conflict).toEqual({ here: typed('Mine'), there: typed('Theirs'), draftVersion: 9 });
  rerender({ form: typed('Mine too') });
  await pass(20_000);
  expect(sent).toHaveBeenCalledTimes(1);
  expect(readBackup(7)?.form.title).toBe('Mine too');
  await act(async () => {
    result.current.settle(typed('Both'));
    await jest.advanceTimersByTimeAsync(0);
  });
  expect(restore).toHaveBeenCalledWith(typed('Both'));
  expect(body(1)).toMatchObject({ form: { title: 'Both' }, draftVersion: 9 });
  expect(result.current).toMatchObject({ state: 'saved', conflict: null });
});

test('what an earlier page could not save is taken up by the next', async () => {
  writeBackup(7, { draftVersion: 3, form: typed('Kept'), pending: { id: 'a', form: typed('Kep') } });
  const { rerender } = saving();
  await pass(10);
  expect(restore).toHaveBeenCalledWith(typed('Kept'));
  rerender({ form: typed('Kept') });
  await pass(1000);
  expect(body(0)).toEqual({ form: typed('Kep'), draftVersion: 3, saveId: 'a' });
  expect(body(1)).toMatchObject({ form: { title: 'Kept' }, draftVersion: 4 });
});
