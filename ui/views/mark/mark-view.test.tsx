import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { confirmMark } from '@/core/exercise/marking/confirm-mark';
import { proposeMark } from '@/core/exercise/marking/propose-mark';
import type { Entry } from '@/core/exercise/record/entry/entry';
import { recordLines } from '@/core/exercise/record/shown/record-lines';
import { goodSteps, measuredAt, plannedWork, recordOf, SCHEME, sheetOf } from '@/core/test/record';
import { answerFetch, completeBrowser } from '@/ui/test/browser';
import { MarkView, type MarkViewProps } from './mark-view';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));
completeBrowser();

const sheet = sheetOf();
const [scratch, ...others] = plannedWork(sheet);
const steps = goodSteps(sheet);
const contents = [
  ...steps.slice(0, -2),
  ...(scratch === undefined ? [] : [scratch]),
  ...steps.slice(-2, -1),
  ...others,
  ...steps.slice(-1),
  measuredAt(sheet, sheet.wires.overWires.target, 'final'),
];
const entries = recordOf(contents);
const shown = (record: readonly Entry[]) => ({
  marking: { proposal: proposeMark(sheet, SCHEME, record), newer: null },
  record: recordLines(sheet, record),
  entriesSeen: record.length,
});
const props: MarkViewProps = {
  id: 5,
  title: 'Clamp screw',
  student: 'Student',
  tryNumber: 1,
  ...shown(entries),
  decisions: [],
  who: { name: 'Instructor', role: 'instructor' },
};
const total = () => screen.getByTestId('total').textContent;

test('the sum follows the points typed, and a differing line asks for its reason', () => {
  render(<MarkView {...props} />);
  expect(total()).toBe('100 / 100');
  expect(screen.queryByLabelText('Reason for Spring passes')).toBeNull();
  fireEvent.change(screen.getByLabelText('Points for Spring passes'), { target: { value: '2' } });
  expect(total()).toBe('96 / 100');
  expect(screen.getByLabelText('Reason for Spring passes')).not.toBeNull();
});

test('confirming sends the overrides and how many entries were seen', async () => {
  const sent = answerFetch(201, {});
  render(<MarkView {...props} />);
  fireEvent.change(screen.getByLabelText('Points for Spring passes'), { target: { value: '2' } });
  fireEvent.change(screen.getByLabelText('Reason for Spring passes'), { target: { value: 'rushed' } });
  fireEvent.click(screen.getByRole('button', { name: 'Confirm the mark' }));
  fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Confirm' }));
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toEqual({
    url: '/api/attempts/5/mark',
    body: {
      lines: [{ id: 'passes:spring', points: '2', reason: 'rushed' }],
      capReason: '',
      comment: '',
      entriesSeen: entries.length,
      supersedes: null,
    },
  });
});

test('a refusal shows at its line and loses nothing', async () => {
  const message = 'Say why it is 2 and not 8.';
  answerFetch(422, { error: { message, fields: [{ field: 'lines.passes:spring.reason', message }] } });
  render(<MarkView {...props} />);
  fireEvent.change(screen.getByLabelText('Points for Spring passes'), { target: { value: '2' } });
  fireEvent.click(screen.getByRole('button', { name: 'Confirm the mark' }));
  fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Confirm' }));
  await waitFor(() =>
    expect(screen.getByLabelText('Reason for Spring passes').getAttribute('aria-invalid')).toBe('true'),
  );
  expect(screen.getByLabelText<HTMLInputElement>('Points for Spring passes').value).toBe('2');
});

test('a cap is shown and can be lifted with a reason', () => {
  const unsafe = recordOf(
    contents.filter((content) => !(content.kind === 'step' && content.stepId === 'safety')),
  );
  render(<MarkView {...props} {...shown(unsafe)} />);
  expect(total()).toBe('40 / 100');
  fireEvent.change(screen.getByLabelText('Lift the cap because'), { target: { value: 'I saw the goggles' } });
  expect(total()).toBe('98 / 100');
});

test('a confirmed mark has no fields, and shows who confirmed it and why it differs', () => {
  const form = {
    lines: [{ id: 'passes:spring', points: '2', reason: 'rushed' }],
    capReason: '',
    comment: 'Clean work.',
  };
  const confirmed = confirmMark(proposeMark(sheet, SCHEME, entries), SCHEME, form);
  if (!confirmed.ok) throw new Error('should be good');
  render(
    <MarkView
      {...props}
      decisions={[{ number: 1, mark: confirmed.value, by: 'Instructor', at: '2026-09-01T09:00:00.000Z' }]}
    />,
  );
  expect(total()).toBe('96 / 100');
  expect(screen.queryByRole('textbox')).toBeNull();
  expect(screen.getByText('Clean work.')).not.toBeNull();
  expect(screen.getByText('rushed')).not.toBeNull();
  expect(screen.getByText(/Confirmed by Instructor/)).not.toBeNull();
});

test('a decided mark is decided anew beside the old one, and names the one that it supersedes', async () => {
  const confirmed = confirmMark(proposeMark(sheet, SCHEME, entries), SCHEME, {
    lines: [],
    capReason: '',
    comment: '',
  });
  if (!confirmed.ok) throw new Error('should be good');
  const sent = answerFetch(201, {});
  render(
    <MarkView
      {...props}
      decisions={[{ number: 1, mark: confirmed.value, by: 'Instructor', at: '2026-09-01T09:00:00.000Z' }]}
    />,
  );
  fireEvent.click(screen.getByRole('button', { name: 'Decide anew' }));
  expect(screen.getByText(/Decision 1 \(100 points\) stays beside this one/)).not.toBeNull();
  fireEvent.change(screen.getByLabelText('Comment for the student'), {
    target: { value: 'Measured again.' },
  });
  fireEvent.click(screen.getByRole('button', { name: 'Confirm the mark' }));
  fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Confirm' }));
  await waitFor(() => expect(sent[0]?.body).toMatchObject({ supersedes: 1, comment: 'Measured again.' }));
});

test('a student sees what was decided, and neither proposal nor a way to decide', () => {
  const confirmed = confirmMark(proposeMark(sheet, SCHEME, entries), SCHEME, {
    lines: [],
    capReason: '',
    comment: '',
  });
  if (!confirmed.ok) throw new Error('should be good');
  render(
    <MarkView
      {...props}
      marking={null}
      who={{ name: 'One', role: 'student' }}
      decisions={[{ number: 1, mark: confirmed.value, by: 'Instructor', at: '2026-09-01T09:00:00.000Z' }]}
    />,
  );
  expect(total()).toBe('100 / 100');
  expect(screen.queryByRole('button', { name: 'Decide anew' })).toBeNull();
});
