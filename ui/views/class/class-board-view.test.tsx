import { render, screen } from '@testing-library/react';
import type { BoardAttempt } from '@/core/exercise/board/board';
import { completeBrowser } from '@/ui/test/browser';
import { ClassBoardView, type ClassBoardProps } from './class-board-view';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));
completeBrowser();

const attempt = (change: Partial<BoardAttempt>): BoardAttempt => ({
  id: 1,
  studentId: 2,
  exerciseId: 3,
  tryNumber: 1,
  state: 'cutting',
  passesCut: 4,
  ...change,
});
const board: ClassBoardProps = {
  strangers: [],
  classId: 1,
  className: 'Class',
  role: 'instructor',
  classes: [{ id: 1, name: 'Class' }],
  page: 1,
  pages: 1,
  counts: { cutting: 1 },
  exercises: [{ id: 3, title: 'Clamp screw', thread: '3/4-16 UNF-2A', revision: 1 }],
  puzzles: [],
  drafts: [{ id: 4, title: '', thread: '', revision: null }],
  students: [{ id: 2, name: 'One' }],
  attempts: [attempt({})],
  allTries: false,
  who: { name: 'Instructor', role: 'instructor' },
};

test('an attempt is told in words, with its passes', () => {
  render(<ClassBoardView {...board} />);
  const link = screen.getByRole('link', { name: 'One, Clamp screw, try 1: Cutting' });
  expect(link.getAttribute('href')).toBe('/attempts/1');
  expect(link.textContent).toContain('pass 4');
});

test.each([
  ['waiting', 'instructor', '/attempts/1/mark'],
  ['waiting', 'student', '/attempts/1'],
  ['marked', 'student', '/attempts/1/mark'],
  ['measured', 'instructor', '/attempts/1'],
] as const)('%s leads the %s to %s', (state, role, href) => {
  render(
    <ClassBoardView
      {...board}
      role={role}
      who={{ name: 'X', role }}
      attempts={[attempt({ state, ...(state === 'marked' ? { total: 92 } : {}) })]}
    />,
  );
  expect(screen.getByRole('link', { name: /One, Clamp screw/ }).getAttribute('href')).toBe(href);
});

test('the age of the last entry is told', () => {
  render(<ClassBoardView {...board} attempts={[attempt({ idleS: 120 })]} />);
  expect(screen.getByRole('link', { name: /One, Clamp screw/ }).textContent).toContain('2 minutes ago');
});

test('drafts stand apart, and only the instructor plans', () => {
  const instructor = render(<ClassBoardView {...board} />);
  expect(screen.getByRole('link', { name: /Without a name yet/ })).not.toBeNull();
  expect(screen.getByRole('button', { name: 'New exercise' })).not.toBeNull();
  instructor.unmount();
  render(<ClassBoardView {...board} role="student" who={{ name: 'One', role: 'student' }} />);
  expect(screen.queryByRole('button', { name: 'New exercise' })).toBeNull();
});

test('an empty class says what to do next', () => {
  render(<ClassBoardView {...board} exercises={[]} attempts={[]} />);
  expect(screen.getByText(/Make an exercise, then hand it out/)).not.toBeNull();
});

test('what waits for a look says so; other pages and other classes are a touch away', () => {
  render(
    <ClassBoardView
      {...board}
      page={2}
      pages={3}
      classes={[
        { id: 1, name: 'Class' },
        { id: 9, name: 'Evening class' },
      ]}
      attempts={[attempt({ state: 'set-up', wantsLook: true, phase: 'past-saving' })]}
    />,
  );
  const told = screen.getByRole('link', { name: /One, Clamp screw/ }).textContent;
  expect(told).toContain('cut no more · wants a look');
  const href = (name: string) => screen.getByRole('link', { name }).getAttribute('href');
  expect([href('Later exercises'), href('Earlier exercises'), href('Evening class')]).toEqual([
    '/?class=1&page=1',
    '/?class=1&page=3',
    '/?class=9',
  ]);
});

test('the verdict is the pass mark’s of the scheme', () => {
  render(<ClassBoardView {...board} attempts={[attempt({ state: 'marked', total: 55, passed: false })]} />);
  expect(
    screen
      .getByRole('link', { name: /Marked 55/ })
      .querySelector('svg')
      ?.getAttribute('class'),
  ).toContain('nogo');
});
