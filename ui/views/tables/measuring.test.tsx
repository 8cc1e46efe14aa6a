import { useState } from 'react';
import type { MemberTable } from '@/core/measuring/tables/thread-table';
import { fireEvent, render, screen } from '@testing-library/react';
import { completeBrowser } from '@/ui/test/browser';
import { memberFor } from '@/ui/test/thread';
import { verdict } from '@/ui/parts/thread/guard-band';
import { EMPTY_MEASURING, Measuring } from './measuring';

completeBrowser();

function Kept({ member }: { member: MemberTable }) {
  const [typed, setTyped] = useState(EMPTY_MEASURING);
  return <Measuring member={member} typed={typed} onType={setTyped} />;
}

test('what a measured value proves', () => {
  const band = { min: 1, max: 2 };
  const guarded = { min: 1.2, max: 1.8 };
  expect(verdict(band, guarded, 1.5)).toMatch(/Proved/);
  expect(verdict(band, guarded, 1.2)).toMatch(/Proved/);
  expect(verdict(band, guarded, 1.1)).toMatch(/too near/);
  expect(verdict(band, guarded, 0.9)).toMatch(/Outside/);
  expect(verdict(band, null, 1.5)).toMatch(/eats the whole band/);
});

test('from readings to the pitch diameter, with its uncertainty', () => {
  render(<Kept member={memberFor('3/4-16 UNF-2A')} />);
  fireEvent.change(screen.getByLabelText('Readings, parted by spaces'), {
    target: { value: '0.7595 0.7596 0.7594' },
  });
  expect(screen.getByText('0.7054')).not.toBeNull();
  expect(screen.getByRole('img', { name: /Proved inside the limits/ })).not.toBeNull();
  fireEvent.change(screen.getByLabelText('Micrometer’s largest error ±'), { target: { value: '0.005' } });
  expect(screen.getByRole('img', { name: /eats the whole band/ })).not.toBeNull();
});

test('a reading that is none of this thread says so', () => {
  render(<Kept member={memberFor('M16x2-6g')} />);
  fireEvent.change(screen.getByLabelText('Readings, parted by spaces'), { target: { value: '99' } });
  expect(screen.getByText(/no reading of this thread/)).not.toBeNull();
});

test('the micrometer’s zero comes off, and a wire that is off size shows what it costs', () => {
  render(<Kept member={memberFor('3/4-16 UNF-2A')} />);
  fireEvent.change(screen.getByLabelText('Readings, parted by spaces'), { target: { value: '0.7598' } });
  fireEvent.change(screen.getByLabelText('Micrometer’s zero reads'), { target: { value: '0.0003' } });
  expect(screen.getByText('0.7054')).not.toBeNull();
  fireEvent.change(screen.getByLabelText('Wires in hand, real size'), { target: { value: '0.0360' } });
  fireEvent.change(screen.getByLabelText('Wires as marked'), { target: { value: '0.0361' } });
  expect(screen.getByText('By the marked size too small by')).not.toBeNull();
  expect(screen.getByText('0.00030')).not.toBeNull();
});

test('a thread micrometer reads the pitch diameter itself', () => {
  render(<Kept member={memberFor('M16x2-6g')} />);
  fireEvent.click(screen.getByRole('radio', { name: 'Thread micrometer' }));
  expect(screen.queryByLabelText('Wires in hand, real size')).toBeNull();
  fireEvent.change(screen.getByLabelText('Readings, parted by spaces'), { target: { value: '14.58 14.59' } });
  expect(screen.getByText('14.585')).not.toBeNull();
});
