import { fireEvent, render, screen } from '@testing-library/react';
import { fitTable } from '@/core/tables';
import { fitOf, parseDesignation } from '@/core/thread';
import { Measuring, readReadings, verdict } from './measuring';

function member(text: string) {
  const read = parseDesignation(text);
  if (!read.ok) throw new Error(text);
  return fitTable(fitOf(read.value.thread))[0];
}

test('readings are parted by spaces; the first bad one is named', () => {
  expect(readReadings('0.7595 .7596;0.7594', 'in')).toEqual({ readings: [0.7595, 0.7596, 0.7594] });
  expect(readReadings('0.7595 0,7596', 'in').problem).toBe('Use a decimal point: 0.7596.');
  expect(readReadings('  ', 'in').readings).toEqual([]);
});

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
  render(<Measuring member={member('3/4-16 UNF-2A')} />);
  fireEvent.change(screen.getByLabelText('Readings, parted by spaces'), {
    target: { value: '0.7595 0.7596 0.7594' },
  });
  expect(screen.getByText('0.7054')).not.toBeNull();
  expect(screen.getByRole('img', { name: /Proved inside the limits/ })).not.toBeNull();
  fireEvent.change(screen.getByLabelText('Micrometer’s largest error ±'), { target: { value: '0.005' } });
  expect(screen.getByRole('img', { name: /eats the whole band/ })).not.toBeNull();
});

test('a reading that is none of this thread says so', () => {
  render(<Measuring member={member('M16x2-6g')} />);
  fireEvent.change(screen.getByLabelText('Readings, parted by spaces'), { target: { value: '99' } });
  expect(screen.getByText(/This thread reads 16.237 to 16.397/)).not.toBeNull();
});
