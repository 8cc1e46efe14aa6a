import { act, render, screen } from '@testing-library/react';
import { completeBrowser } from '@/ui/test/browser';
import { BenchLine } from './bench-line';
import { signOutHere } from './sign-out-here';
import { WhoWorksHere } from './who-works-here';

completeBrowser();

const signOut = jest.fn<Promise<string | null>, []>();
jest.mock('@/ui/parts/outbox/sign-out', () => ({ signOut: () => signOut() }));
jest.mock('@/ui/parts/outbox/outbox', () => {
  const sent = { store: 'here', held: 0, since: null, waits: 0, missing: 0, refused: [], problem: null };
  return { outboxState: () => sent, noOutbox: () => sent, subscribeOutbox: () => () => undefined };
});
const SAID = 'You may still be signed in: sign out again. The server did not answer.';
const line = () => screen.getByRole('status').textContent;

const failed = () => {
  signOut.mockResolvedValueOnce('The server did not answer.');
  return act(signOutHere);
};

test('whoever wanted to sign out and could not reads that in the line, until it worked', async () => {
  render(<BenchLine />);
  expect(line()).toBe('Everything is sent.');
  await failed();
  expect(line()).toBe(`${SAID}Everything is sent.`);
  signOut.mockResolvedValueOnce(null);
  await act(signOutHere);
  expect(line()).toBe('Everything is sent.');
});

test('it is not said any longer once nobody works here, or a piece was opened', async () => {
  const { unmount } = render(<BenchLine />);
  await failed();
  render(<WhoWorksHere asleep={null} onDone={jest.fn()} />);
  expect(line()).toBe('Everything is sent.');
  await failed();
  expect(line()).toContain(SAID);
  unmount();
  render(<BenchLine />);
  expect(line()).toBe('Everything is sent.');
});
