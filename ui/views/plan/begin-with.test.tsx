import { fireEvent, render, screen } from '@testing-library/react';
import { planFor } from '@/core/test/record';
import { answerFetch, completeBrowser } from '@/ui/test/browser';
import { Planned } from '@/ui/test/planning';
import BeginWith from './begin-with';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';

completeBrowser();

function Chosen() {
  const { values } = usePlanning();
  const { thread, technique, proof, schedule } = values;
  return (
    <output>
      {[thread.designation, technique.drive, schedule.school, proof.evidence.map(({ kind }) => kind)].join(
        ' ',
      )}
    </output>
  );
}
const OTHERS = [{ id: 4, title: 'Platen stud', thread: '3/8-24 UNF-2A' }];

function open() {
  render(
    <Planned form={{ 'thread.designation': '3/4-16 UNF-2A' }}>
      <BeginWith others={OTHERS} />
      <Chosen />
    </Planned>,
  );
}
const chosen = () => screen.getByRole('status').textContent;
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

test('a way of working is taken at a touch, and the thread that was typed stays', () => {
  open();
  press(/^Half nut closed, proved by the nut/);
  expect(chosen()).toBe('3/4-16 UNF-2A reversing  nut');
});

test('of another exercise the way of working, or all of it; a plan that can not be had is said', async () => {
  open();
  answerFetch(200, planFor({ 'thread.designation': 'M16x2-6g', 'schedule.school': 'two-thirds' }));
  press('Way of working of Platen stud');
  expect(await screen.findByText(/^3\/4-16 UNF-2A .*two-thirds/)).not.toBeNull();
  press('Copy of Platen stud');
  expect(await screen.findByText(/^M16x2-6g .*two-thirds/)).not.toBeNull();
  answerFetch(404, { error: { code: 'not-found', message: 'There is no such exercise.', fields: [] } });
  press('Copy of Platen stud');
  expect(await screen.findByText('There is no such exercise.')).not.toBeNull();
});

test('an existing part gives its candidates by diameter and pitch, and a bad figure its message', () => {
  open();
  const type = (label: string, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
  type('Major diameter', '0,372');
  press('Which thread?');
  expect(screen.getByText(/decimal point/)).not.toBeNull();
  type('Major diameter', '0.372');
  type('Pitch, or such as 16 TPI', '24 TPI');
  press('Which thread?');
  press('3/8-24 UNF-2A');
  expect(chosen()).toMatch(/^3\/8-24 UNF-2A/);
});
