import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import type { EntryContent } from '@/core/exercise/record/entry/kinds';
import { goodSteps, HANDED_IN, measuredAt, plannedWork, recordOf, sheetOf } from '@/core/test/record';
import { ToastProvider } from '@/ui/kit/toast';
import { answerFetch, completeBrowser } from '@/ui/test/browser';
import { AttemptView } from './attempt-view';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));
completeBrowser();

const sheet = sheetOf({ 'work.diameter': '0.7440' });
const steps = goodSteps(sheet);
const setUp = steps.slice(0, -2);
const pitchCheck = steps.at(-2) as EntryContent;
const cuts = plannedWork(sheet);
const final = measuredAt(sheet, sheet.wires.overWires.target, 'final');

function open(contents: EntryContent[], role: 'student' | 'instructor' = 'student', marked = false) {
  return render(
    <ToastProvider>
      <AttemptView
        id={7}
        title="Clamp screw"
        sheet={sheet}
        sheetId={3}
        lathes={[{ sheetId: 3, name: 'Lathe 1' }]}
        student={{ id: 2, name: 'One' }}
        tryNumber={1}
        revision={1}
        entries={recordOf(contents)}
        marked={marked}
        who={{ id: role === 'student' ? 2 : 1, name: role, role }}
      />
    </ToastProvider>,
  );
}
const rail = () => screen.getByRole('navigation', { name: 'Set-up in the order of work' });
const heading = () => screen.getAllByRole('heading', { level: 2 })[0]?.textContent;
const press = (key: string) => fireEvent.keyDown(window, { key });
const named = (name: string) => screen.queryByRole('button', { name });

describe('the view opens where the work stands', () => {
  test('at the first open step', () => {
    open(setUp.slice(0, 4));
    expect(heading()).toContain('Run-out groove');
  });
  test('at the first pass when the set-up is done', () => {
    open(setUp);
    expect(heading()).toContain(`Pass 1 of ${sheet.passes.length}`);
  });
  test('at the check of the pitch after the scratch pass', () => {
    open([...setUp, cuts[0] as EntryContent]);
    expect(heading()).toContain('Pitch');
  });
  test('at the next pass after that', () => {
    open([...setUp, cuts[0] as EntryContent, pitchCheck, cuts[1] as EntryContent]);
    expect(heading()).toContain('Pass 3');
    expect(within(rail()).getByText(`2 cut of ${sheet.passes.length}`)).not.toBeNull();
  });
});

test('keys lead to passes, open steps, measuring and the record', () => {
  open(setUp.slice(0, 3));
  press('p');
  expect(heading()).toContain('No cut yet');
  press('s');
  expect(heading()).toContain('Blank');
  press('r');
  expect(screen.getByRole('tab', { name: 'Record (3)' }).getAttribute('aria-selected')).toBe('true');
  press('m');
  expect(screen.getByRole('tab', { name: 'Measure' }).getAttribute('aria-selected')).toBe('true');
});

test('the hold point is signed off by the instructor only', () => {
  const upToLook = setUp.slice(0, -1);
  const { unmount } = open(upToLook);
  expect(screen.getByText(/The floor sees that you wait here/)).not.toBeNull();
  expect(named('I have looked: go on')).toBeNull();
  unmount();
  open(upToLook, 'instructor');
  expect(named('I have looked: go on')).not.toBeNull();
  expect(screen.queryByText(/Call the instructor/)).toBeNull();
});

describe('handing in', () => {
  test('accepted work goes to its mark', async () => {
    const sent = answerFetch(201, recordOf([HANDED_IN])[0]);
    open([...setUp, ...cuts, final]);
    fireEvent.click(screen.getByRole('button', { name: 'Hand in' }));
    fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Hand in' }));
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({
      url: '/api/attempts/7/entries',
      body: { content: { kind: 'hand-in', how: 'accepted' } },
    });
    expect(await screen.findByText('Handed in for marking.')).not.toBeNull();
  });

  test('without the proof it is said what that costs; scrapped work wants its cause', async () => {
    const sent = answerFetch(409, { error: { message: 'It is closed.', fields: [] } });
    open([...setUp, ...cuts]);
    fireEvent.click(screen.getByRole('button', { name: 'Hand in' }));
    const dialog = within(screen.getByRole('dialog'));
    expect(dialog.getByText(/without it the result earns no points/)).not.toBeNull();
    fireEvent.click(dialog.getByRole('radio', { name: 'Scrapped' }));
    fireEvent.click(dialog.getByRole('button', { name: 'Hand in' }));
    expect(await dialog.findByText('Say what you think went wrong.')).not.toBeNull();
    expect(sent).toHaveLength(0);
    fireEvent.change(dialog.getByLabelText('What you think went wrong'), { target: { value: 'Tip broke' } });
    fireEvent.click(dialog.getByRole('button', { name: 'Hand in' }));
    expect(await dialog.findByText('It is closed.')).not.toBeNull();
  });

  test('waits for work: an attempt that is not begun can not be handed in', () => {
    open([]);
    expect(named('Hand in')).toHaveProperty('disabled', true);
  });

  test('closes the record to the student, not to the instructor', () => {
    const handedIn = [...setUp, ...cuts, final, HANDED_IN];
    const { unmount } = open(handedIn);
    expect([named('Hand in'), named('Record as final'), named('Cut as planned')]).toEqual([null, null, null]);
    unmount();
    open(handedIn, 'instructor');
    expect(named('Record as final')).not.toBeNull();
    expect(screen.getByRole('link', { name: 'Mark' }).getAttribute('href')).toBe('/attempts/7/mark');
  });
});

test('a marked attempt is read only, and leads to its mark', () => {
  open([...setUp, ...cuts, final, HANDED_IN], 'student', true);
  expect(screen.getByRole('link', { name: 'See the mark' })).not.toBeNull();
  expect(named('Record as final')).toBeNull();
  press('r');
  expect(screen.queryByLabelText('Note')).toBeNull();
  expect(screen.queryByRole('button', { name: /Strike/ })).toBeNull();
});

describe('a note', () => {
  const write = (text: string) => {
    press('r');
    fireEvent.change(screen.getByLabelText('Note'), { target: { value: text } });
    fireEvent.click(screen.getByRole('button', { name: 'Add' }));
  };
  const note = () => screen.getByLabelText<HTMLInputElement>('Note').value;

  test('that is taken stands in the record, and the field is free again', async () => {
    const [entry] = recordOf([{ kind: 'note', text: 'tool reground' }]);
    answerFetch(201, { ...entry, id: 'n1' });
    open(setUp.slice(0, 1));
    write('tool reground');
    expect(await screen.findByText('tool reground')).not.toBeNull();
    expect(note()).toBe('');
  });

  test('that is refused stays as typed, with its message', async () => {
    const message = 'The note is too long.';
    answerFetch(422, { error: { message, fields: [{ field: 'text', message }] } });
    open(setUp.slice(0, 1));
    write('very long');
    expect(await screen.findByText(message)).not.toBeNull();
    expect(note()).toBe('very long');
  });

  test('is not lost when the server does not answer', async () => {
    globalThis.fetch = () => Promise.reject(new TypeError('no network'));
    open(setUp.slice(0, 1));
    write('keep me');
    expect(await screen.findByText(/What you typed is still here/)).not.toBeNull();
    expect(note()).toBe('keep me');
  });
});

describe('where there is a choice of lathes', () => {
  const lathes = [
    { sheetId: 3, name: 'Lathe 1' },
    { sheetId: 4, name: 'Lathe 2' },
  ];
  const at = (chosen: number | null, contents: EntryContent[]) =>
    render(
      <ToastProvider>
        <AttemptView
          id={7}
          title="Clamp screw"
          sheet={chosen === null ? null : sheet}
          sheetId={chosen}
          lathes={lathes}
          student={{ id: 2, name: 'One' }}
          tryNumber={1}
          revision={1}
          entries={recordOf(contents)}
          marked={false}
          who={{ id: 2, name: 'One', role: 'student' }}
        />
      </ToastProvider>,
    );

  test('the lathe comes first, and is recorded', async () => {
    const sent = answerFetch(201, recordOf([{ kind: 'lathe', sheetId: 4, name: 'Lathe 2' }])[0]);
    at(null, []);
    fireEvent.click(screen.getByRole('button', { name: 'Lathe 2' }));
    await waitFor(() => expect(sent).not.toHaveLength(0));
    expect(sent[0]?.body).toMatchObject({ content: { kind: 'lathe', sheetId: 4, name: 'Lathe 2' } });
  });

  test('it can be changed until the first cut, and not after', () => {
    const { unmount } = at(3, setUp);
    fireEvent.click(screen.getByRole('button', { name: /^Lathe: / }));
    expect(screen.getByRole('button', { name: 'Lathe 2' })).toHaveProperty('disabled', false);
    unmount();
    at(3, [...setUp, cuts[0] as EntryContent]);
    fireEvent.click(screen.getByRole('button', { name: /^Lathe: / }));
    expect(screen.getByRole('button', { name: 'Lathe 2' })).toHaveProperty('disabled', true);
    expect(screen.getByText(/this piece stays on its lathe/)).not.toBeNull();
  });
});
