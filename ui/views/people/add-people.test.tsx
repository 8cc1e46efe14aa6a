import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { AddPeople, type Joining } from './add-people';
import type { Sent } from '@/ui/shell/ask';
import { completeBrowser } from '@/ui/test/browser';

completeBrowser();

function shown(answer: Sent<{ added: number }> = { ok: true, value: { added: 2 } }) {
  const asked: Joining[] = [];
  const added: number[] = [];
  render(
    <AddPeople
      there={['Ana Brandt']}
      elsewhere={[{ id: 9, name: 'Vera Holm' }]}
      onAdd={(joining) => {
        asked.push(joining);
        return Promise.resolve(answer);
      }}
      onAdded={(count) => added.push(count)}
    />,
  );
  const type = (text: string) =>
    fireEvent.change(screen.getByLabelText(/Names, one a line/), { target: { value: text } });
  const add = () => fireEvent.submit(screen.getByRole('form', { name: 'Add people' }));
  return { asked, added, type, add };
}

test('what adds nobody is said by its line, and the others are counted and added', async () => {
  const { asked, added, type, add } = shown();
  type('Name\nLena Falk\nana brandt\nMax Ode');
  expect(screen.getByText('Line 3, ana brandt: Stands there already.')).not.toBeNull();
  expect(screen.getByRole('button', { name: 'Add 2' })).not.toBeNull();
  add();
  await waitFor(() => expect(added).toEqual([2]));
  expect(asked).toEqual([{ names: ['Lena Falk', 'Max Ode'], personId: null, role: 'student' }]);
});

test('somebody of another class comes without a name typed', async () => {
  const { asked, added, add } = shown({ ok: true, value: { added: 1 } });
  fireEvent.change(screen.getByLabelText(/somebody of another class/), { target: { value: '9' } });
  add();
  await waitFor(() => expect(added).toEqual([1]));
  expect(asked).toEqual([{ names: [], personId: 9, role: 'student' }]);
});

test('a refusal is said and what was typed stays; nobody at all is not sent', async () => {
  const { asked, added, type, add } = shown({
    ok: false,
    code: 'invalid',
    later: false,
    message: 'At most 80 characters.',
    fields: [{ field: 'names[0]', message: 'At most 80 characters.' }],
    answer: null,
  });
  add();
  expect(screen.getByText('Type a name, or choose somebody.')).not.toBeNull();
  expect(asked).toEqual([]);
  type('Lena Falk');
  add();
  expect(await screen.findByText('At most 80 characters.')).not.toBeNull();
  expect(screen.getByLabelText<HTMLTextAreaElement>(/Names, one a line/).value).toBe('Lena Falk');
  expect(added).toEqual([]);
});
