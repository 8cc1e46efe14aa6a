import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { EMPTY_PLAN_FORM, formFrom, type PlanForm } from '@/core/plan';
import { answerFetch, completeBrowser } from '../test/browser';
import { PlanningView } from './planning-view';

const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn(), push }) }));
jest.mock('next/dynamic', () => () => () => null);
completeBrowser();
beforeEach(() => window.localStorage.clear());

function open(form: Partial<PlanForm>) {
  return render(
    <PlanningView
      exerciseId={7}
      draft={{ ...EMPTY_PLAN_FORM, title: 'Clamp screw', ...form }}
      draftVersion={0}
      revisions={[]}
      students={[{ id: 2, name: 'One', openAttempt: false }]}
      who={{ name: 'Instructor', role: 'instructor' }}
    />,
  );
}
const strip = () => screen.getByRole('region', { name: 'Target' }).textContent ?? '';
const press = (key: string) => fireEvent.keyDown(window, { key });

test('the strip follows while typing; what is missing leads to its stage', () => {
  open({ thread: '3/4-16 UNF-2A' });
  expect(strip()).toContain('0.7595');
  fireEvent.change(screen.getByLabelText('Thread'), { target: { value: '3/4-16 UNF-9A' } });
  const missing = screen.getByRole('region', { name: 'What is missing' });
  expect(missing.textContent).toContain('Thread: After 3/4-16 comes the series and class');
  press('3');
  expect(screen.getByRole('heading', { name: 'Tool' })).not.toBeNull();
  fireEvent.click(within(missing).getByRole('button'));
  expect(screen.getByRole('heading', { name: 'Thread' })).not.toBeNull();
  expect(screen.getByRole('button', { name: 'Hand out…' })).toHaveProperty('disabled', true);
});

test('an internal thread is drawn from the bore, measured over balls', () => {
  open({ thread: '7/8-9 UNC-2B' });
  expect(strip()).toContain('Over balls');
  expect(screen.getByRole('img', { name: /Section of work and tool/ }).textContent).toContain(
    'bore ⌀ 0.7665',
  );
  press('2');
  expect(screen.getByRole('heading', { name: 'Bore and recess' })).not.toBeNull();
});

test('single keys step through the passes and choose the views', () => {
  open({ thread: 'M16x2-6g' });
  const slider = screen.getByRole('slider', { name: 'Pass shown' });
  const last = slider.getAttribute('aria-valuenow');
  press(',');
  expect(Number(slider.getAttribute('aria-valuenow'))).toBe(Number(last) - 1);
  press('.');
  expect(slider.getAttribute('aria-valuenow')).toBe(last);
  press('l');
  expect(screen.getByRole('table', { name: 'Limits of size' })).not.toBeNull();
  press('r');
  expect(screen.getByRole('table', { name: 'Rules of thumb for the depth' })).not.toBeNull();
  press('p');
  expect(screen.getByRole('table', { name: 'Passes of the plan' })).not.toBeNull();
});

test('handing out saves what still waits, then sends the form with the version that came back', async () => {
  const sent = answerFetch(200, { draftVersion: 1, revision: 1, attempts: [{ id: 5 }] });
  open({ thread: '3/4-16 UNF-2A' });
  fireEvent.change(screen.getByLabelText('Exercise'), { target: { value: 'Clamp screw 2' } });
  press('h');
  fireEvent.click(screen.getByRole('checkbox', { name: 'One' }));
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Hand out to 1' }));
    await Promise.resolve();
  });
  await waitFor(() => expect(push).toHaveBeenCalledWith('/'));
  expect(sent.map(({ url }) => url)).toEqual(['/api/exercises/7/draft', '/api/exercises/7/hand-out']);
  expect(sent[1]?.body).toMatchObject({ draftVersion: 1, studentIds: [2], form: { title: 'Clamp screw 2' } });
});

test('a refusal of the server stands in the dialog', async () => {
  answerFetch(409, { error: { code: 'refused', message: 'Changed in another window.', fields: [] } });
  open({ thread: '3/4-16 UNF-2A' });
  press('h');
  fireEvent.click(screen.getByRole('checkbox', { name: 'One' }));
  fireEvent.click(screen.getByRole('button', { name: 'Hand out to 1' }));
  expect(await screen.findByText('Changed in another window.')).not.toBeNull();
});

test('a stored draft that can not be worked out opens, says so, and can be mended', () => {
  open(formFrom({ title: 'Odd', thread: 5, blankDiameter: ['x'], springPasses: 3 }));
  expect(screen.getByRole('region', { name: 'What is missing' }).textContent).toContain(
    '“5” is not a thread',
  );
  fireEvent.change(screen.getByLabelText('Thread'), { target: { value: '3/4-16 UNF-2A' } });
  expect(strip()).toContain('0.7595');
});
