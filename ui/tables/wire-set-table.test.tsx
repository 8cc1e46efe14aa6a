import { fireEvent, render, screen, within } from '@testing-library/react';
import { completeBrowser } from '../test/browser';
import { memberFor } from '../test/thread';
import { WireSetTable } from './wire-set-table';

completeBrowser();
beforeEach(() => window.localStorage.clear());

const wires = () =>
  within(screen.getByRole('table'))
    .getAllByRole('rowheader')
    .map(({ textContent }) => textContent);

test('a metric thread begins with the metric set, the nearest to the best first', () => {
  render(<WireSetTable member={memberFor('M16x2-6g')} />);
  expect(wires()).toEqual(['1.1000 mm', '1.3500 mm', '1.6500 mm']);
  fireEvent.click(screen.getByRole('radio', { name: /Inch/ }));
  expect(wires()[0]).toMatch(/ in$/);
});

test('an own list is kept in the browser, in both units; a bad size is named', () => {
  const { unmount } = render(<WireSetTable member={memberFor('3/4-16 UNF-2A')} />);
  fireEvent.click(screen.getByRole('radio', { name: 'Own list' }));
  const field = screen.getByRole('textbox');
  fireEvent.change(field, { target: { value: '0.0361 0.9 mm' } });
  expect(wires()).toEqual(['0.03610 in', '0.03543 in']);
  fireEvent.change(field, { target: { value: '0.0361 0,9' } });
  expect(screen.getByText('Use a decimal point: 0.9.')).not.toBeNull();
  unmount();
  render(<WireSetTable member={memberFor('3/4-16 UNF-2A')} />);
  fireEvent.click(screen.getByRole('radio', { name: 'Own list' }));
  expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('0.0361 0,9');
});

test('where no wire can be used the range says why', () => {
  window.localStorage.setItem('oyakata-wires', '0.2');
  render(<WireSetTable member={memberFor('3/4-16 UNF-2A')} />);
  fireEvent.click(screen.getByRole('radio', { name: 'Own list' }));
  expect(screen.getByText(/None of these 1 can be used: they must be 0\.0316 to 0\.0632 in/)).not.toBeNull();
});

test('inside there are balls, and nothing is measured over one', () => {
  render(<WireSetTable member={memberFor('M16x2-6H')} />);
  expect(screen.getByRole('heading', { name: /The shop’s balls/ })).not.toBeNull();
  expect(screen.queryByRole('columnheader', { name: /over one/ })).toBeNull();
});
