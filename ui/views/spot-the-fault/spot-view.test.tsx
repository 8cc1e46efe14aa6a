import { fireEvent, render, screen } from '@testing-library/react';
import { makePuzzle, markPuzzle, shownPuzzle } from '@/core/cutting/fault/puzzle';
import { HELD, TRUE_SETUP } from '@/core/test/setup';
import { send } from '@/ui/shell/send';
import { completeBrowser } from '@/ui/test/browser';
import { SpotView } from './spot-view';

completeBrowser();

jest.mock('@/ui/shell/send', () => ({ send: jest.fn() }));
jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: () => undefined, refresh: () => undefined }),
}));

const puzzle = makePuzzle(
  TRUE_SETUP,
  HELD,
  { id: 'tool-not-square', amount: 4, from: 0 },
  {
    title: 'Foot',
    thread: 'M16x2-6g',
    unit: 'mm',
    points: 10,
  },
);
const student = { name: 'Ana Brandt', role: 'student' };

test('a student looks, names the fault, and is told', async () => {
  jest.mocked(send).mockResolvedValue({ ok: true, value: markPuzzle(puzzle, 'tool-not-square') } as never);
  render(<SpotView id={7} puzzle={shownPuzzle(puzzle)} answered={null} solution={null} who={student} />);
  expect(screen.getByText(/the thread leans/)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'This is it' }).hasAttribute('disabled')).toBe(true);
  fireEvent.click(screen.getByLabelText('Tool not square'));
  fireEvent.click(screen.getByRole('button', { name: 'This is it' }));
  expect(await screen.findByRole('heading', { name: /Right.*10 points/ })).toBeTruthy();
  expect(send).toHaveBeenCalledWith('POST', '/api/puzzles/7/answer', { answer: 'tool-not-square' });
});

test('what the server refuses is said, and the choice stays', async () => {
  jest.mocked(send).mockResolvedValue({ ok: false, message: 'You have answered this already.' } as never);
  render(<SpotView id={7} puzzle={shownPuzzle(puzzle)} answered={null} solution={null} who={student} />);
  fireEvent.click(screen.getByLabelText('Wrong gears'));
  fireEvent.click(screen.getByRole('button', { name: 'This is it' }));
  expect(await screen.findByText('You have answered this already.')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('Wrong gears').checked).toBe(true);
});

test('an answer that was not right tells what it was', () => {
  const mark = markPuzzle(puzzle, 'wrong-gearing');
  render(
    <SpotView
      id={7}
      puzzle={shownPuzzle(puzzle)}
      answered={{ answer: 'wrong-gearing', mark }}
      solution={null}
      who={student}
    />,
  );
  expect(screen.getByRole('heading', { name: /Not this.*0 points/ })).toBeTruthy();
  expect(screen.getByText(/It was: Tool not square/)).toBeTruthy();
});

test('the instructor sees the fault and who said what', () => {
  render(
    <SpotView
      id={7}
      puzzle={shownPuzzle(puzzle)}
      answered={null}
      solution={{
        fault: 'tool-not-square',
        says: 'Tool not square. It leans.',
        answers: [{ name: 'Ana Brandt', answer: 'bending', points: 0 }],
      }}
      who={{ name: 'Mio Tanabe', role: 'instructor' }}
    />,
  );
  expect(screen.getByRole('cell', { name: 'The part bends away' })).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'This is it' })).toBeNull();
});
