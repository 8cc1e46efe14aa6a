import { act, fireEvent, render, screen } from '@testing-library/react';
import { send } from './send';
import { StillHere } from './still-here';

let gone: () => void = () => undefined;
jest.mock('./news', () => ({
  subscribeGone: (listener: () => void) => {
    gone = listener;
    return () => undefined;
  },
}));
jest.mock('./send', () => ({ send: jest.fn() }));
const sent = jest.mocked(send);

beforeEach(() => {
  jest.useFakeTimers();
  sent.mockReset().mockResolvedValue({ ok: true, value: undefined });
});
afterEach(() => jest.useRealTimers());

test('whoever marks is said to be here with a touch, once a minute at most; nothing is said by itself', () => {
  render(<StillHere role="instructor" />);
  jest.advanceTimersByTime(600_000);
  expect(sent).not.toHaveBeenCalled();
  fireEvent.pointerDown(window);
  fireEvent.keyDown(window);
  expect(sent.mock.calls).toEqual([['POST', '/api/session/here']]);
  jest.advanceTimersByTime(61_000);
  fireEvent.keyDown(window);
  expect(sent).toHaveBeenCalledTimes(2);
});

test('a student’s page says nothing', () => {
  render(<StillHere role="student" />);
  jest.advanceTimersByTime(600_000);
  fireEvent.pointerDown(window);
  expect(sent).not.toHaveBeenCalled();
});

test('the page is covered when the session is over, as news or as the answer to a touch', async () => {
  const first = render(<StillHere role="helper" />);
  expect(screen.queryByRole('alertdialog')).toBeNull();
  act(() => gone());
  expect(screen.getByRole('alertdialog', { name: 'Signed out' })).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Sign in again' }).getAttribute('href')).toBe('/sign-in');
  first.unmount();
  sent.mockResolvedValue({
    ok: false,
    code: 'unknown-person',
    later: false,
    message: '',
    fields: [],
    answer: null,
  });
  render(<StillHere role="helper" />);
  jest.advanceTimersByTime(61_000);
  await act(async () => {
    fireEvent.pointerDown(window);
    await Promise.resolve();
  });
  expect(screen.getByRole('alertdialog')).toBeTruthy();
});
