import type { PlanForm } from '@/core/exercise/plan/draft';
import type { MemberTable } from '@/core/measuring/tables/thread-table';
import { fireEvent, render, screen } from '@testing-library/react';
import { completeBrowser } from '@/ui/test/browser';
import { memberFor } from '@/ui/test/thread';
import ToolAndDepth from './tool-and-depth';

completeBrowser();

function Kept({ member, typed = null }: { member: MemberTable; typed?: PlanForm | null }) {
  return <ToolAndDepth member={member} typed={{ read: () => typed, write: keep }} />;
}
const keep = jest.fn<void, [PlanForm]>();

const type = (label: string | RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

/** The published check of the trade's formula: blank 0.748, flat 0.0125 on 10 TPI; depth 0.0663, feed 0.0762 at 29.5. */
test('depth and feed for the real blank and tip', () => {
  render(<Kept member={memberFor('3/4-10 UNC-2A')} />);
  type('Real blank diameter', '0.748');
  type('Flat at the tip', '0.0125');
  type('Target pitch diameter', '0.6803');
  expect(screen.getByRole('button', { name: 'Copy Radial depth: 0.0663' })).not.toBeNull();
  expect(screen.getByRole('button', { name: 'Copy Compound feed: 0.0762' })).not.toBeNull();
});

test('an insert for other pitches is refused, a sharp radius warned of', () => {
  render(<Kept member={memberFor('M16x2-6g')} />);
  fireEvent.click(screen.getByRole('radio', { name: 'Insert' }));
  type('Coarsest pitch', '1.5');
  type('Finest pitch', '0.5');
  expect(screen.getByText(/the thread has 2\.000\. Take another insert/)).not.toBeNull();
  expect(screen.getByText(/rules of thumb appear when blank and tool can be read/)).not.toBeNull();
  type('Coarsest pitch', '2');
  type('Radius of the insert', '0.1');
  expect(screen.getByText(/Sharper than the usual 0\.144 P/)).not.toBeNull();
});

test('inside: drill, chamfer, and the bore by percent of thread on the basis named', () => {
  render(<Kept member={memberFor('7/8-9 UNC-2B')} />);
  expect(screen.getByText('47/64 in')).not.toBeNull();
  type('Bore by percent of thread', '75');
  fireEvent.click(screen.getByRole('button', { name: 'Take 0.7667 in' }));
  expect(screen.getByLabelText<HTMLInputElement>('Real bore').value).toBe('0.7667');
  fireEvent.click(screen.getByRole('radio', { name: 'of basic height' }));
  expect(screen.getByText('0.7848 in is outside of the minor limits.')).not.toBeNull();
  type('Bore by percent of thread', '150');
  expect(screen.getByText('Type a percentage from 20 to 110.')).not.toBeNull();
});

test('the angles offered are those of the form', () => {
  render(<Kept member={memberFor('Tr30x6-7e')} />);
  fireEvent.click(screen.getByRole('button', { name: '15°' }));
  expect(screen.getByText('At 15° the trailing flank rubs: simplest to teach.')).not.toBeNull();
  type('Angle from the cross slide', '29.5');
  expect(screen.getByText(/Over 15° the trailing flank is left as steps/)).not.toBeNull();
});

test('what was typed is kept by the view while no thread is shown', () => {
  const member = memberFor('3/4-10 UNC-2A');
  const { unmount } = render(<Kept member={member} />);
  type('Real blank diameter', '0.748');
  unmount();
  render(<Kept member={member} typed={keep.mock.lastCall?.[0] ?? null} />);
  expect(screen.getByLabelText<HTMLInputElement>('Real blank diameter').value).toBe('0.748');
});
