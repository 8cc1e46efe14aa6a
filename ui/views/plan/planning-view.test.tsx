import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { formFrom, type PlanForm } from '@/core/exercise/plan/draft';
import { formWith, type Leaves } from '@/core/test/record';
import { answerFetch, completeBrowser } from '@/ui/test/browser';
import { PlanningView } from './planning-view';

const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn(), push }) }));
// The heavy views are tested by themselves; what comes with the first touch is there.
jest.mock('@/ui/kit/fetched-part', () => {
  const { fetchedPart } = jest.requireActual<{ fetchedPart: (...given: unknown[]) => unknown }>(
    '@/ui/kit/fetched-part',
  );
  return {
    fetchedPart: (fetchIt: unknown, waiting: unknown, ahead?: object) =>
      ahead === undefined ? () => null : fetchedPart(fetchIt, waiting, ahead),
  };
});
completeBrowser();
beforeEach(() => window.localStorage.clear());

const LATHES = [
  { id: 7, lathe: usualLathe('in', 'Lathe 1') },
  { id: 8, lathe: usualLathe('mm', 'Lathe 3') },
];

function open(leaves: Leaves, draft: PlanForm = formWith(leaves)) {
  return render(
    <PlanningView
      exerciseId={7}
      draft={draft}
      draftVersion={0}
      revisions={[]}
      lathes={LATHES}
      students={[{ id: 2, name: 'One', openAttempt: false }]}
      who={{ name: 'Instructor', role: 'instructor' }}
    />,
  );
}
const strip = () => screen.getByRole('region', { name: 'Target' }).textContent ?? '';
const press = (key: string) => fireEvent.keyDown(window, { key });

test('the strip follows while typing; what is missing leads to its stage', () => {
  open({ 'thread.designation': '3/4-16 UNF-2A' });
  expect(strip()).toContain('0.7595');
  fireEvent.change(screen.getByLabelText('Thread'), { target: { value: '3/4-16 UNF-9A' } });
  const missing = screen.getByRole('region', { name: 'What is missing' });
  expect(missing.textContent).toContain('Thread: After 3/4-16 comes the series and class');
  press('5');
  expect(screen.getByRole('heading', { name: 'Tool' })).not.toBeNull();
  fireEvent.click(within(missing).getByRole('button'));
  expect(screen.getByRole('heading', { name: 'Thread' })).not.toBeNull();
  expect(screen.getByRole('button', { name: 'Hand out…' })).toHaveProperty('disabled', true);
});

test('an internal thread is drawn from the bore, measured over balls', () => {
  open({ 'thread.designation': '7/8-9 UNC-2B' });
  expect(strip()).toContain('Over balls');
  expect(screen.getByRole('img', { name: /Section of work and tool/ }).textContent).toContain(
    'bore ⌀ 0.7665',
  );
  press('2');
  expect(screen.getByRole('heading', { name: 'Bore and end' })).not.toBeNull();
});

test('single keys step through the passes and choose the views', () => {
  open({ 'thread.designation': 'M16x2-6g' });
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
  const passes = screen.getByRole('table', { name: 'Passes of the plan' });
  expect(within(passes).getByText('▸ Stop: form')).not.toBeNull();
});

test('handing out saves what still waits, then sends the form with the version that came back', async () => {
  const sent = answerFetch(200, { draftVersion: 1, revision: 1, attempts: [{ id: 5 }] });
  open({ 'thread.designation': '3/4-16 UNF-2A' });
  fireEvent.change(screen.getByLabelText('Exercise'), { target: { value: 'Clamp screw 2' } });
  press('h');
  fireEvent.click(screen.getByRole('checkbox', { name: 'One' }));
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Hand out to 1' }));
    await Promise.resolve();
  });
  await waitFor(() => expect(push).toHaveBeenCalledWith('/'));
  // On a slow machine the draft may have been saved by itself once before.
  const urls = sent.map(({ url }) => url);
  expect([...new Set(urls)]).toEqual(['/api/exercises/7/draft', '/api/exercises/7/hand-out']);
  expect(urls.filter((url) => url.endsWith('hand-out'))).toHaveLength(1);
  expect(sent.at(-1)?.body).toMatchObject({
    draftVersion: 1,
    studentIds: [2],
    latheIds: [7, 8],
    form: { title: 'Clamp screw 2' },
  });
});

test('a refusal of the server stands in the dialog', async () => {
  answerFetch(409, { error: { code: 'refused', message: 'Changed in another window.', fields: [] } });
  open({ 'thread.designation': '3/4-16 UNF-2A' });
  press('h');
  fireEvent.click(screen.getByRole('checkbox', { name: 'One' }));
  fireEvent.click(screen.getByRole('button', { name: 'Hand out to 1' }));
  expect(await screen.findByText('Changed in another window.')).not.toBeNull();
});

test('a stored draft that can not be worked out opens, says so, and can be mended', () => {
  open({}, formFrom({ title: 'Odd', thread: 5, blankDiameter: ['x'], springPasses: 3 }));
  expect(screen.getByRole('region', { name: 'What is missing' }).textContent).toContain(
    '“5” is not a thread',
  );
  fireEvent.change(screen.getByLabelText('Thread'), { target: { value: '3/4-16 UNF-2A' } });
  expect(strip()).toContain('0.7595');
});

test('the lathe looked at changes dial and graduation, and nothing of the plan', () => {
  const sent = answerFetch(200, { draftVersion: 1 });
  open({ 'thread.designation': '3/4-16 UNF-2A' });
  expect(strip()).toContain('dial to 0.0450 in');
  fireEvent.change(screen.getByLabelText('seen on'), { target: { value: '8' } });
  expect(strip()).toContain('dial to 1.160 mm');
  expect(sent).toEqual([]);
});

test('another thread: lengths of the old one are set aside at one touch, and come back at another', () => {
  open({ 'thread.designation': '3/4-16 UNF-2A', 'work.diameter': '0.7440' });
  fireEvent.change(screen.getByLabelText('Thread'), { target: { value: 'M30x2-6g' } });
  const group = () => within(screen.getByRole('group', { name: 'Lengths of another thread' }));
  expect(group().getByText(/does not fit this thread|do not fit this thread/).textContent).toContain(
    '0.7440',
  );
  fireEvent.click(group().getByRole('button', { name: 'Take the proposals for it' }));
  expect(strip()).toContain('29.');
  fireEvent.change(screen.getByLabelText('Thread'), { target: { value: '3/4-16 UNF-2A' } });
  fireEvent.click(group().getByRole('button', { name: 'Go back to what was typed' }));
  press('2');
  expect(screen.getByLabelText<HTMLInputElement>('Real blank diameter').value).toBe('0.7440');
});
