import { act, render, screen } from '@testing-library/react';
import { fetchedPart } from './fetched-part';

function Chart({ title }: { title: string }) {
  return <p>chart of {title}</p>;
}

test('what can not be fetched is said in its place and tried again; the page around it stays', async () => {
  jest.useFakeTimers();
  let reachable = false;
  const Part = fetchedPart(
    () =>
      reachable
        ? Promise.resolve({ default: Chart })
        : Promise.reject<{ default: typeof Chart }>(new Error('no server')),
    'Drawing the chart…',
  );
  const view = (
    <>
      <input aria-label="Thread" />
      <Part title="passes" />
    </>
  );
  const { unmount } = render(view);
  expect(screen.getByText('Drawing the chart…')).not.toBeNull();
  await act(() => jest.advanceTimersByTimeAsync(3100));
  expect(screen.getByText(/tried again/)).not.toBeNull();
  expect(screen.getByLabelText('Thread')).not.toBeNull();
  reachable = true;
  await act(() => jest.advanceTimersByTimeAsync(3100));
  expect(screen.getByText('chart of passes')).not.toBeNull();
  unmount();
  // Once there it is shown at once.
  render(view);
  expect(screen.getByText('chart of passes')).not.toBeNull();
  jest.useRealTimers();
});
