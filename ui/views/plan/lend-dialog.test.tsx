import { fireEvent, render, screen } from '@testing-library/react';
import { completeBrowser } from '@/ui/test/browser';
import { send } from '@/ui/shell/send';
import LendDialog from './lend-dialog';

completeBrowser();
jest.mock('@/ui/shell/send', () => ({ send: jest.fn() }));
jest.mock('@/ui/kit/page-link', () => ({
  PageLink: ({ href, children }: { href: string; children: string }) => <a href={href}>{children}</a>,
}));
const sent = jest.mocked(send);
const classes = [
  { id: 4, name: 'Evening' },
  { id: 5, name: 'Second year' },
];
const open = () => render(<LendDialog exerciseId={9} classes={classes} onClose={jest.fn()} />);

test('a copy is made in the class chosen, and can be gone to', async () => {
  sent.mockResolvedValue({ ok: true, value: { id: 77 } });
  open();
  fireEvent.click(screen.getByRole('radio', { name: 'Second year' }));
  fireEvent.click(screen.getByRole('button', { name: 'Lend a copy' }));
  const link = await screen.findByRole('link', { name: 'Look at the copy' });
  expect(link.getAttribute('href')).toBe('/exercises/77');
  expect(sent).toHaveBeenCalledWith('POST', '/api/exercises/9/lend', { classId: 5 });
});

test('what the server refuses is said, and the choice stays', async () => {
  sent.mockResolvedValue({ ok: false, message: 'There is no such class of yours.' } as never);
  open();
  fireEvent.click(screen.getByRole('button', { name: 'Lend a copy' }));
  expect(await screen.findByText('There is no such class of yours.')).not.toBeNull();
  expect(screen.getByRole('radio', { name: 'Evening' }).getAttribute('aria-checked')).toBe('true');
});
