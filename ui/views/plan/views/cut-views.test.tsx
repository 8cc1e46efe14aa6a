import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { PassShownProvider, usePlanning } from '@/ui/parts/plan-fields/planning-context';
import { completeBrowser } from '@/ui/test/browser';
import { Planned } from '@/ui/test/planning';
import FairView from './fair-view';
import ScheduleView from './schedule-view';
import WhatIfView from './what-if-view';

completeBrowser();

const FOOT = {
  'thread.designation': 'M16x2-6g',
  'work.diameter': '15.88',
  'work.material': 'mild steel',
  'holding.stickOut': '75',
};

/** The schedule of the form, as the fields would show it. */
function Rows() {
  const { values } = usePlanning();
  return <output>{`${values.schedule.school} ${values.schedule.rows.length}`}</output>;
}

function schedule(form: Record<string, string> = FOOT, chosen = 3) {
  return render(
    <Planned form={form} lathe={usualLathe('mm')}>
      <PassShownProvider value={{ chosen, onChoose: () => undefined }}>
        <ScheduleView />
        <Rows />
      </PassShownProvider>
    </Planned>,
  );
}

test('the schedule says what the pass shown asks, and that forces guide', () => {
  schedule();
  expect(screen.getByText('Force, ± 30 %')).toBeTruthy();
  expect(screen.getByText(/mild steel/)).toBeTruthy();
  expect(screen.getByText(/do not certify/)).toBeTruthy();
  expect(screen.getByText('Free end')).toBeTruthy();
});

test('without a material it says what is missing', () => {
  schedule({ ...FOOT, 'work.material': '' });
  expect(screen.getByText(/name the material of the work/)).toBeTruthy();
});

test('an infeed that is typed makes the schedule an own table; a wrong one is refused at its field', () => {
  schedule();
  const field = screen.getByLabelText('Infeed of pass 3');
  fireEvent.change(field, { target: { value: 'much' } });
  expect(screen.getByText(/Type an infeed in mm/)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Set' }).hasAttribute('disabled')).toBe(true);
  fireEvent.change(field, { target: { value: '0.1' } });
  fireEvent.click(screen.getByRole('button', { name: 'Set' }));
  expect(screen.getByRole('status').textContent).toMatch(/^own \d+/);
  expect(screen.getByLabelText<HTMLInputElement>('Infeed of pass 3').value).toBe('0.100');
});

test('the fewest passes stand beside the plan, and can be taken', async () => {
  schedule();
  fireEvent.change(screen.getByLabelText('Compare with the fewest passes'), { target: { value: 'bears' } });
  const table = await screen.findByRole('columnheader', { name: 'Fewest' });
  expect(table).toBeTruthy();
  const passes = within(screen.getByRole('row', { name: /^Passes/ })).getAllByRole('cell');
  expect(Number(passes[1]?.textContent)).toBeLessThan(Number(passes[0]?.textContent));
  fireEvent.click(screen.getByRole('button', { name: 'Take this schedule' }));
  expect(screen.getByRole('status').textContent).toMatch(/^own/);
});

test('where even a graduation is too much it is said which limit forbids it', async () => {
  schedule({ ...FOOT, 'schedule.limits.area': '0.0002' });
  fireEvent.change(screen.getByLabelText('Compare with the fewest passes'), { target: { value: 'bears' } });
  expect(await screen.findByText(/Not within the limits.*chip area/)).toBeTruthy();
});

test('what if: a fault is switched on with its amount, shown in words, and taken back', async () => {
  render(
    <Planned form={FOOT} lathe={usualLathe('mm')}>
      <WhatIfView />
    </Planned>,
  );
  expect(screen.getByText('agrees')).toBeTruthy();
  fireEvent.click(screen.getByLabelText('Wrong gears'));
  expect(await screen.findByText(/shows light/)).toBeTruthy();
  const amount = screen.getByLabelText('pitch that is cut');
  fireEvent.change(amount, { target: { value: '99' } });
  expect(screen.getByText('0 to 4.000.')).toBeTruthy();
  fireEvent.change(amount, { target: { value: '2' } });
  await waitFor(() => expect(screen.getByText('agrees')).toBeTruthy());
  fireEvent.click(screen.getByRole('button', { name: 'Back to the plan' }));
  expect(screen.queryByLabelText('pitch that is cut')).toBeNull();
});

test('a plunge offers no angle from the wrong axis', () => {
  render(
    <Planned form={{ ...FOOT, 'infeed.way': 'plunge' }} lathe={usualLathe('mm')}>
      <WhatIfView />
    </Planned>,
  );
  expect(screen.queryByLabelText(/wrong axis/)).toBeNull();
  expect(screen.getByLabelText('Tool not square')).toBeTruthy();
});

test('fair: the proof of the plan is asked, what scatters is proposed, and a figure that is none stops the run', () => {
  render(
    <Planned form={FOOT} lathe={usualLathe('mm')}>
      <FairView />
    </Planned>,
  );
  expect(screen.getByLabelText<HTMLInputElement>('Proved by').value).toBe('wires');
  expect(screen.getByLabelText('Touch-off ±').getAttribute('placeholder')).toBe('0.02');
  fireEvent.change(screen.getByLabelText('Touch-off ±'), { target: { value: '-1' } });
  expect(screen.getByText('A figure, 0 or more.')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Try it' }).hasAttribute('disabled')).toBe(true);
  fireEvent.change(screen.getByLabelText('Proved by'), { target: { value: 'nut' } });
  expect(screen.getByLabelText('The nut ±')).toBeTruthy();
  expect(screen.queryByLabelText('Wires ±')).toBeNull();
});
