import { fireEvent, render, screen } from '@testing-library/react';
import { USUAL_WORDS } from '@/core/machine/shop/words';
import { answerFetch, completeBrowser } from '@/ui/test/browser';
import { WordsForm } from './words-form';

completeBrowser();

const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const save = () => fireEvent.click(screen.getByRole('button', { name: 'Use these words' }));

test('one word for two slides is refused at its field, nothing is sent, and what was typed stays', () => {
  const sent = answerFetch(204, null);
  render(<WordsForm words={USUAL_WORDS} />);
  type('Small slide on the swivel', 'top slide');
  type('Slide across the bed', 'Top slide');
  save();
  const field = screen.getByLabelText('Slide across the bed');
  expect(field.getAttribute('aria-invalid')).toBe('true');
  expect(screen.getByText(/“Top slide” already means the compound/)).not.toBeNull();
  expect((field as HTMLInputElement).value).toBe('Top slide');
  expect(sent).toEqual([]);
});

test('what the server refuses is told at the field it names', async () => {
  const message = 'At most 40 characters.';
  const sent = answerFetch(422, {
    error: { code: 'invalid', message, fields: [{ field: 'halfNut', message }] },
  });
  render(<WordsForm words={USUAL_WORDS} />);
  type('What closes on the lead screw', 'split nut');
  save();
  expect(await screen.findByText(message)).not.toBeNull();
  expect(screen.getByLabelText('What closes on the lead screw').getAttribute('aria-invalid')).toBe('true');
  expect(sent).toMatchObject([{ url: '/api/shop/words', body: { halfNut: 'split nut' } }]);
});
