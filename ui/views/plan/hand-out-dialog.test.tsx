import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { completeBrowser } from '@/ui/test/browser';
import HandOutDialog from './hand-out-dialog';

completeBrowser();
const students = [
  { id: 1, name: 'One', openAttempt: false },
  { id: 2, name: 'Two', openAttempt: true },
  { id: 3, name: 'Three', openAttempt: false },
];

const lathes = [
  { id: 7, name: 'Lathe 1' },
  { id: 8, name: 'Lathe 2' },
];

type OnHandOut = Parameters<typeof HandOutDialog>[0]['onHandOut'];

function open(onHandOut: OnHandOut, of = lathes) {
  return render(
    <HandOutDialog
      open
      onOpenChange={jest.fn()}
      students={students}
      lathes={of}
      nextRevision={2}
      onHandOut={onHandOut}
    />,
  );
}

test('nobody chosen is asked for, and nothing is sent', () => {
  const handOut = jest.fn(() => Promise.resolve(null));
  open(handOut);
  fireEvent.click(screen.getByRole('button', { name: 'Hand out to 0' }));
  expect(screen.getByText('Choose at least one student.')).not.toBeNull();
  expect(handOut).not.toHaveBeenCalled();
});

test('a student with an open attempt can not be chosen, and “all” leaves that one out', async () => {
  const handOut = jest.fn(() => Promise.resolve(null));
  open(handOut);
  expect(screen.getByRole<HTMLButtonElement>('checkbox', { name: /Two/ }).disabled).toBe(true);
  fireEvent.click(screen.getByRole('button', { name: 'Choose all' }));
  fireEvent.click(screen.getByRole('button', { name: 'Hand out to 2' }));
  await waitFor(() => expect(handOut).toHaveBeenCalledWith([1, 3], [7, 8], []));
});

test('what the server refuses is shown, and the choice stays', async () => {
  open(() => Promise.resolve('One still has an open attempt.'));
  fireEvent.click(screen.getByRole('checkbox', { name: 'One' }));
  fireEvent.click(screen.getByRole('button', { name: 'Hand out to 1' }));
  expect(await screen.findByText('One still has an open attempt.')).not.toBeNull();
  expect(screen.getByRole('checkbox', { name: 'One' }).getAttribute('aria-checked')).toBe('true');
});

test('all lathes are allowed until one is taken out; without a lathe nothing is handed out', async () => {
  const handOut = jest.fn(() => Promise.resolve(null));
  const { unmount } = open(handOut);
  fireEvent.click(screen.getByRole('checkbox', { name: 'One' }));
  fireEvent.click(screen.getByRole('checkbox', { name: 'Lathe 2' }));
  fireEvent.click(screen.getByRole('button', { name: 'Hand out to 1' }));
  await waitFor(() => expect(handOut).toHaveBeenCalledWith([1], [7], []));
  unmount();
  open(handOut, []);
  fireEvent.click(screen.getByRole('checkbox', { name: 'One' }));
  fireEvent.click(screen.getByRole('button', { name: 'Hand out to 1' }));
  expect(screen.getAllByText(/The shop has no lathe yet/)).toHaveLength(2);
});

test('lathes are given by hand, spread, or all the same; else they are picked at the bench', async () => {
  const handOut = jest.fn(() => Promise.resolve(null));
  open(handOut);
  fireEvent.click(screen.getByRole('button', { name: 'Choose all' }));
  fireEvent.click(screen.getByRole('radio', { name: 'Given here' }));
  fireEvent.click(screen.getByRole('button', { name: 'Spread over the lathes' }));
  fireEvent.click(screen.getByRole('button', { name: 'Hand out to 2' }));
  const spread = [
    { studentId: 1, latheId: 7 },
    { studentId: 3, latheId: 8 },
  ];
  await waitFor(() => expect(handOut).toHaveBeenLastCalledWith([1, 3], [7, 8], spread));
  fireEvent.click(screen.getByRole('button', { name: 'All on Lathe 2' }));
  fireEvent.change(screen.getByRole('combobox', { name: 'One' }), { target: { value: '' } });
  fireEvent.click(screen.getByRole('button', { name: 'Hand out to 2' }));
  await waitFor(() =>
    expect(handOut).toHaveBeenLastCalledWith([1, 3], [7, 8], [{ studentId: 3, latheId: 8 }]),
  );
});
