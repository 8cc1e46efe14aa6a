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
  fireEvent.change(screen.getByRole('combobox', { name: 'All on' }), { target: { value: '8' } });
  fireEvent.change(screen.getByRole('combobox', { name: 'One' }), { target: { value: '' } });
  fireEvent.click(screen.getByRole('button', { name: 'Hand out to 2' }));
  await waitFor(() =>
    expect(handOut).toHaveBeenLastCalledWith([1, 3], [7, 8], [{ studentId: 3, latheId: 8 }]),
  );
});

describe('among many', () => {
  const sixty = Array.from({ length: 60 }, (_, index) => ({
    id: index + 1,
    name: `Student ${index + 1}`,
    openAttempt: index >= 55,
    tries: index >= 40 ? 1 : 0,
  }));
  const sixteen = Array.from({ length: 16 }, (_, index) => ({
    id: 100 + index,
    name: `Lathe ${index + 1}`,
    dials: index < 10 ? ('in' as const) : ('mm' as const),
    refused: index === 15 ? 'No thread dial.' : undefined,
  }));
  const shown = (handOut: OnHandOut) =>
    render(
      <HandOutDialog
        open
        onOpenChange={jest.fn()}
        students={sixty}
        lathes={sixteen}
        nextRevision={1}
        onHandOut={handOut}
      />,
    );

  test('“this lathe only” is one touch', async () => {
    const handOut = jest.fn(() => Promise.resolve(null));
    shown(handOut);
    fireEvent.click(screen.getByRole('button', { name: 'Lathe 12 only' }));
    fireEvent.click(screen.getByRole('checkbox', { name: 'Student 1' }));
    fireEvent.click(screen.getByRole('button', { name: 'Hand out to 1' }));
    await waitFor(() => expect(handOut).toHaveBeenCalledWith([1], [111], []));
    expect(screen.queryByRole('button', { name: 'Lathe 16 only' })).toBeNull();
  });

  test('groups: those who never had it, those with metric dials', async () => {
    const handOut = jest.fn(() => Promise.resolve(null));
    shown(handOut);
    fireEvent.click(screen.getByRole('button', { name: 'Never had it: all' }));
    fireEvent.click(screen.getByRole('button', { name: 'Inch dials: none' }));
    fireEvent.click(screen.getByRole('button', { name: 'Hand out to 40' }));
    const ids = Array.from({ length: 40 }, (_, index) => index + 1);
    await waitFor(() => expect(handOut).toHaveBeenCalledWith(ids, [110, 111, 112, 113, 114], []));
  });

  test('the search narrows what “all” takes, and keeps what was chosen', () => {
    shown(jest.fn(() => Promise.resolve(null)));
    fireEvent.click(screen.getByRole('checkbox', { name: 'Student 1' }));
    const search = screen.getByLabelText('Find a student');
    fireEvent.change(search, { target: { value: 'student 2' } });
    expect(screen.queryByRole('checkbox', { name: 'Student 1' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Choose all' }));
    // 2 and 20 to 29, and the one that was chosen before.
    expect(screen.getByRole('button', { name: 'Hand out to 12' })).not.toBeNull();
    fireEvent.change(search, { target: { value: 'nobody' } });
    expect(screen.getByText('None is called so.')).not.toBeNull();
  });
});
