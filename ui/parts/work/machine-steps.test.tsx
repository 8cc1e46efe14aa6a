import { fireEvent, render, screen } from '@testing-library/react';
import type { SheetStep } from '@/core/exercise/sheet/sheet-step';
import { completeBrowser } from '@/ui/test/browser';
import { LooksPicker } from './looks-picker';
import { SettingsPicker } from './settings-picker';

completeBrowser();

const step = (shows: SheetStep['shows']): SheetStep => ({
  id: 'gearing',
  title: 'Gearing',
  instruction: '',
  kind: 'settings',
  expected: null,
  when: 'before-cutting',
  caution: null,
  shows,
  critical: true,
  hold: false,
  helper: false,
  choices: [],
  times: null,
  settings: [
    { name: 'Letter', positions: ['A', 'B'], wanted: 'B' },
    { name: 'Stud', positions: ['40', '60'], wanted: '40' },
  ],
});

test('levers as shown are one touch', () => {
  const done = jest.fn();
  render(<SettingsPicker step={step('shown')} onDone={done} />);
  fireEvent.click(screen.getByRole('button', { name: 'All stand so' }));
  expect(done).toHaveBeenCalledWith('Letter: B; Stud: 40');
});

test('what stands otherwise is chosen, all of it, and recorded as it stands', () => {
  const done = jest.fn();
  render(<SettingsPicker step={step('shown')} onDone={done} />);
  fireEvent.click(screen.getByRole('button', { name: 'Something stands otherwise…' }));
  const record = screen.getByRole<HTMLButtonElement>('button', { name: 'Record what stands' });
  expect(record.disabled).toBe(true);
  fireEvent.change(screen.getByLabelText('Letter'), { target: { value: 'A' } });
  fireEvent.change(screen.getByLabelText('Stud'), { target: { value: '40' } });
  fireEvent.click(record);
  expect(done).toHaveBeenCalledWith('Letter: A; Stud: 40');
});

test('where nothing is shown the positions are asked at once, and none is given away', () => {
  render(<SettingsPicker step={step('hidden')} onDone={jest.fn()} />);
  expect(screen.queryByRole('button', { name: 'All stand so' })).toBeNull();
  expect(screen.getByLabelText<HTMLSelectElement>('Letter').value).toBe('');
});

test('only the looks that were seen are recorded, in their order', () => {
  const done = jest.fn();
  render(<LooksPicker looks={['one', 'two', 'three']} onDone={done} />);
  const record = () => screen.getByRole<HTMLButtonElement>('button');
  expect(record().disabled).toBe(true);
  fireEvent.click(screen.getByLabelText('three'));
  fireEvent.click(screen.getByLabelText('one'));
  expect(record().textContent).toBe('Record what was seen: 2 of 3');
  fireEvent.click(record());
  expect(done).toHaveBeenCalledWith('one; three');
  fireEvent.click(screen.getByLabelText('two'));
  expect(record().textContent).toBe('All seen');
});
