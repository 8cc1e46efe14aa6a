import { fireEvent, render, screen } from '@testing-library/react';
import { namesSquare, readSquare } from '@/core/thread/standards/square/square-thread';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { completeBrowser } from '@/ui/test/browser';
import { EXAMPLE_THREADS } from './example-threads';
import { TablesView } from './tables-view';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));
completeBrowser();

function open(thread: string, engagement = '', coating = '') {
  return render(
    <TablesView
      first={{ thread, engagement, coating }}
      who={{ name: 'Instructor', role: 'instructor' }}
      wires={null}
    />,
  );
}

test('an empty view says what to type', () => {
  open('');
  expect(screen.getByText(/Type a thread, or take one/)).not.toBeNull();
  expect(screen.getByRole('button', { name: 'Print' })).toHaveProperty('disabled', true);
});

test('an example is looked up at a click, and the thread can be typed on', () => {
  open('');
  fireEvent.click(screen.getByText('Tr30x6-7e'));
  const field = screen.getByLabelText<HTMLInputElement>('Thread');
  expect(field.value).toBe('Tr30x6-7e');
  expect(document.activeElement).toBe(field);
  expect(new URL(window.location.href).searchParams.get('thread')).toBe('Tr30x6-7e');
  expect(screen.getByText('Limits of size')).not.toBeNull();
});

test.each(EXAMPLE_THREADS.flatMap(({ threads }) => threads))('the example %s can be read', (thread) => {
  expect(namesSquare(thread) ? readSquare(thread) : parseDesignation(thread)).toMatchObject({ ok: true });
});

test('what can not be read is told at the field, and the address follows what is typed', () => {
  open('');
  fireEvent.change(screen.getByLabelText('Thread'), { target: { value: 'M20x99' } });
  expect(screen.getByText('Pitch 99: type 0.2 to 8 mm.')).not.toBeNull();
  expect(window.location.search).toBe('?thread=M20x99');
  fireEvent.change(screen.getByLabelText('Thread'), { target: { value: '' } });
  expect(window.location.search).toBe('');
});

test('length of engagement and coating come from the address and stay in it', () => {
  open('3/4-16 UNF-2A', '2', '0.0002 0.0003');
  expect(screen.getByText(/the pitch-diameter tolerance is scaled/)).not.toBeNull();
  expect(screen.getAllByText(/before plating/).length).toBeGreaterThan(1);
  expect(screen.getByText('Here the limits are those of the normal length of engagement.')).not.toBeNull();
  fireEvent.change(screen.getByLabelText('Length of engagement'), { target: { value: '-1' } });
  expect(screen.getByText('Type a length greater than 0.')).not.toBeNull();
  expect(window.location.search).toContain('engagement=-1');
});

test.each([
  ['0.003 0.001', 'then the thickest'],
  ['0.001 0.002 0.003', 'then the thickest'],
  ['thick', 'not a length'],
])('a coating of “%s” is refused', (coating, says) => {
  open('3/4-16 UNF-2A', '', coating);
  expect(screen.getByText(new RegExp(says))).not.toBeNull();
  expect(screen.queryByText(/before plating/)).toBeNull();
});

test('a square thread has plain sizes', () => {
  open('Sq 30x6');
  expect(screen.getByRole('table', { name: 'Sq 30x6' }).textContent).toContain('24.000');
  expect(screen.getByText(/no standard gives limits/)).not.toBeNull();
});

test('a square thread that can not be read says how to type it', () => {
  open('Sq x');
  expect(screen.getByText(/Type it like Sq 1-4 or Sq 30x6/)).not.toBeNull();
});

test('what was typed for measuring and for the tool outlives a thread that can not be read', () => {
  open('M16x2-6g');
  const type = (label: string, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
  const valueOf = (label: string) => screen.getByLabelText<HTMLInputElement>(label).value;
  type('Readings, parted by spaces', '16.32 16.33');
  type('Real blank diameter', '15.9');
  type('Thread', 'M16x');
  expect(screen.queryByLabelText('Real blank diameter')).toBeNull();
  type('Thread', 'M16x2-6h');
  expect([valueOf('Readings, parted by spaces'), valueOf('Real blank diameter')]).toEqual([
    '16.32 16.33',
    '15.9',
  ]);
});
