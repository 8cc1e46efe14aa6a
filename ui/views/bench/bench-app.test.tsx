import { act, render, screen } from '@testing-library/react';
import { USUAL_WORDS } from '@/core/machine/shop/words';
import { BenchApp } from './bench-app';
import type { BenchFacts } from './bench-facts';

const home = (name: string): BenchFacts => ({
  person: { id: 1, name },
  records: true,
  pieces: [],
  last: null,
  puzzles: [],
  shop: { timeZone: 'UTC', words: USUAL_WORDS },
});

const kept = {
  keepKnown: jest.fn(() => Promise.resolve()),
  nobodyWorks: jest.fn(() => Promise.resolve(null)),
  remembered: jest.fn<Promise<BenchFacts | null>, []>(),
};
const beginOutbox = jest.fn();
jest.mock('./remembered', () => kept);
jest.mock('./keep-the-bench', () => ({ registerWorker: jest.fn(), keepLoaded: jest.fn() }));
jest.mock('./bench-line', () => ({ BenchLine: () => <p role="status">the line</p> }));
jest.mock('@/ui/parts/outbox/sign-out', () => ({ signOut: jest.fn() }));
jest.mock('@/ui/parts/outbox/outbox', () => ({ beginOutbox, catchUp: jest.fn(), lookAtServer: jest.fn() }));
jest.mock('@/ui/shell/news', () => ({ useNews: () => undefined }));

/** How the server answers: with what is next, that nobody is signed in, or not at all. */
let bench: () => Promise<Response>;
const json = (body: unknown, status = 200) =>
  Promise.resolve({
    ok: status < 400,
    status,
    headers: new Headers(),
    json: () => Promise.resolve(body),
  } as Response);

beforeEach(() => {
  jest.clearAllMocks();
  kept.remembered.mockResolvedValue(null);
  globalThis.fetch = ((url: string) =>
    url === '/api/bench' ? bench() : json({ state: 'none', who: null })) as typeof fetch;
});

const open = async () => {
  render(<BenchApp />);
  await act(() => new Promise((resolve) => setTimeout(resolve, 30)));
};

test('what is next stands there first; then the device keeps it, and says what it holds', async () => {
  bench = () => json(home('Hana'));
  render(<BenchApp />);
  expect(screen.getByText('Looking what is held…')).not.toBeNull();
  await screen.findByRole('heading', { name: 'Bench: Hana' });
  await screen.findByText('the line');
  expect(beginOutbox).toHaveBeenCalledTimes(1);
  expect(kept.keepKnown).toHaveBeenCalledWith(home('Hana'));
});

test('without the network it shows what the device remembers, and nothing of it is taken for the server’s word', async () => {
  bench = () => Promise.reject(new TypeError('no network'));
  kept.remembered.mockResolvedValue(home('Hana'));
  await open();
  await screen.findByRole('heading', { name: 'Bench: Hana' });
  expect(kept.keepKnown).not.toHaveBeenCalled();
});

test('without the network, and where it remembers nobody, that is said once it is known', async () => {
  bench = () => Promise.reject(new TypeError('no network'));
  await open();
  await screen.findByText('No network, and this device knows nothing yet.');
});

test('where nobody is signed in, nobody is shown, whoever is remembered', async () => {
  bench = () => json({ error: { code: 'not-signed-in', message: 'Sign in.', fields: [] } }, 401);
  kept.remembered.mockResolvedValue(home('Hana'));
  await open();
  await screen.findByRole('heading', { name: 'Who works here?' });
  expect(kept.nobodyWorks).toHaveBeenCalled();
  expect(screen.queryByText(/Hana/)).toBeNull();
});

test('an answer that takes long: the remembered stands there meanwhile, and goes when another works here', async () => {
  let answer: (response: Response) => void = () => undefined;
  bench = () => new Promise((resolve) => (answer = resolve));
  kept.remembered.mockResolvedValue(home('Hana'));
  await open();
  await screen.findByRole('heading', { name: 'Bench: Hana' });
  answer(await json(home('Ada')));
  await screen.findByRole('heading', { name: 'Bench: Ada' });
  expect(kept.keepKnown).toHaveBeenCalledWith(home('Ada'));
});
