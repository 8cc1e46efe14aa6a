import { act, fireEvent, render, screen } from '@testing-library/react';
import { noteTouch } from './touch';
import { TouchLine } from './touch-line';
import { ask, NO_ANSWER } from './ask';

jest.mock('./ask', () => ({ ask: jest.fn(), NO_ANSWER: 'The server does not answer.' }));
const asked = jest.mocked(ask);

beforeEach(() => {
  jest.useFakeTimers();
  asked.mockReset();
});
afterEach(() => {
  act(() => noteTouch(null));
  jest.useRealTimers();
});

/** Whether a click on a link would leave the page. */
const leaves = (name: string) => fireEvent.click(screen.getByRole('link', { name }));

test('nothing is shown while all is well; it looks every 15 seconds, and every 3 when out of touch', () => {
  render(<TouchLine />);
  expect(screen.queryByRole('status')).toBeNull();
  act(() => jest.advanceTimersByTime(31_000));
  expect(asked).toHaveBeenCalledTimes(2);
  act(() => noteTouch('The database can not be reached.'));
  expect(screen.getByRole('status').textContent).toMatch(
    /Out of touch since \d\d:\d\d:\d\d\. The database can not be reached\. What is typed stays; trying again\./,
  );
  act(() => jest.advanceTimersByTime(10_000));
  expect(asked).toHaveBeenCalledTimes(5);
});

test('links stay put while no server answers, and lead on again after', () => {
  render(
    <>
      <TouchLine />
      <a href="/tables">Tables</a>
      <a href="#below">Below</a>
    </>,
  );
  expect(leaves('Tables')).toBe(true);
  act(() => noteTouch(NO_ANSWER));
  expect(leaves('Tables')).toBe(false);
  expect(leaves('Below')).toBe(true);
  // A lost database still shows a page, which comes back by itself.
  act(() => noteTouch('The database can not be reached.'));
  expect(leaves('Tables')).toBe(true);
  act(() => noteTouch(NO_ANSWER));
  act(() => noteTouch(null));
  expect(leaves('Tables')).toBe(true);
});
