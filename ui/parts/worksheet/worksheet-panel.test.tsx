import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { worksheetShown } from '@/core/exercise/record/state/worksheet-progress';
import type { EntryContent } from '@/core/exercise/record/entry/kinds';
import { recordOf, sheetOf } from '@/core/test/record';
import { completeBrowser } from '@/ui/test/browser';
import { PracticeView } from '@/ui/views/practice/practice-view';
import { WorksheetPanel } from './worksheet-panel';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));
completeBrowser();

const sheet = sheetOf({
  'worksheet.radialDepth': 'yes',
  'worksheet.compoundFeed': 'yes',
  'worksheet.safety': 'yes',
});
const tried = (question: string, answer: string): EntryContent => ({
  kind: 'worksheet',
  question,
  answer,
  told: false,
});
const shown = (...contents: EntryContent[]) => worksheetShown(sheet, recordOf(contents));
const accept = () => jest.fn(() => Promise.resolve<string | null>(null));
const RIGHT = tried('radialDepth', sheet.radialDepth.toFixed(4));
const SLIP = tried('compoundFeed', sheet.radialDepth.toFixed(4));

test('the first question that is not found stands open, with what it follows from; the keypad types', async () => {
  const answer = accept();
  render(<WorksheetPanel worksheet={shown(RIGHT)} canAnswer answer={answer} />);
  expect(screen.getByRole('heading', { name: 'Feed on the compound' })).not.toBeNull();
  expect(screen.getByText('29.5°')).not.toBeNull();
  for (const key of ['.', '0', '4', '6', 'Back']) fireEvent.click(screen.getByRole('button', { name: key }));
  expect(screen.getByLabelText<HTMLInputElement>('Your answer').value).toBe('.04');
  fireEvent.click(screen.getByRole('button', { name: 'Check it' }));
  await waitFor(() => expect(answer).toHaveBeenCalledWith('compoundFeed', '.04', false));
});

test('a wrong answer stays with its hint; after the second try one may be told', () => {
  const { rerender } = render(<WorksheetPanel worksheet={shown(RIGHT, SLIP)} canAnswer answer={accept()} />);
  expect(screen.getByText(/divide by the cosine/)).not.toBeNull();
  expect(screen.queryByText(/Tell me/)).toBeNull();
  rerender(<WorksheetPanel worksheet={shown(RIGHT, SLIP, SLIP)} canAnswer answer={accept()} />);
  expect(screen.getByText(/Tell me/)).not.toBeNull();
});

test('what was refused stays as typed, with its message', async () => {
  const answer = jest.fn(() => Promise.resolve<string | null>('The worksheet needs the network.'));
  render(<WorksheetPanel worksheet={shown(RIGHT)} canAnswer answer={answer} />);
  const field = screen.getByLabelText<HTMLInputElement>('Your answer');
  fireEvent.change(field, { target: { value: '0.045' } });
  fireEvent.click(screen.getByRole('button', { name: 'Check it' }));
  expect(await screen.findByText('The worksheet needs the network.')).not.toBeNull();
  expect(field.value).toBe('0.045');
});

test('of what is safe the options that are ticked are sent, in their order', async () => {
  const answer = accept();
  const feed = tried('compoundFeed', sheet.compoundFeed.toFixed(4));
  render(<WorksheetPanel worksheet={shown(RIGHT, feed)} canAnswer answer={answer} />);
  const [first, second, third] = sheet.worksheet[2]!.options as [string, string, string];
  fireEvent.click(screen.getByLabelText(third));
  fireEvent.click(screen.getByLabelText(first));
  fireEvent.click(screen.getByLabelText(second));
  fireEvent.click(screen.getByLabelText(second));
  fireEvent.click(screen.getByRole('button', { name: 'Check it' }));
  await waitFor(() => expect(answer).toHaveBeenCalledWith('safety', `${first}; ${third}`, false));
});

test('whoever only looks sees what was found and is offered nothing to send', () => {
  render(<WorksheetPanel worksheet={shown(RIGHT)} canAnswer={false} answer={accept()} />);
  fireEvent.click(screen.getByRole('button', { name: /Radial depth/ }));
  expect(screen.getByText(`${sheet.radialDepth.toFixed(4)} in`)).not.toBeNull();
  expect(screen.queryByRole('button', { name: 'Check it' })).toBeNull();
});

test('practice: a right answer leads on, other numbers begin anew', async () => {
  render(<PracticeView who={{ name: 'One', role: 'student' }} seed={11} />);
  expect(screen.getByText('0 of 10')).not.toBeNull();
  const pitch = /x([\d.]+)-6g$/.exec(screen.getAllByText(/^M[\d.]+x[\d.]+-6g$/)[0]!.textContent)![1]!;
  fireEvent.change(screen.getByLabelText('Your answer'), { target: { value: pitch } });
  fireEvent.click(screen.getByRole('button', { name: 'Check it' }));
  expect(await screen.findByText('1 of 10')).not.toBeNull();
  expect(screen.getByRole('heading', { name: 'Smallest major diameter' })).not.toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Other numbers' }));
  expect(screen.getByText('0 of 10')).not.toBeNull();
});
