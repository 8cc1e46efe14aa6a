import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { wireSet, type Gauge } from '@/core/measuring/gauging/gauge';
import { answerFetch, completeBrowser } from '@/ui/test/browser';
import { memberFor } from '@/ui/test/thread';
import { WireSetTable } from './wire-set-table';

completeBrowser();
jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));

const wires = () =>
  within(screen.getByRole('table'))
    .getAllByRole('rowheader')
    .map(({ textContent }) => textContent);

test('a metric thread begins with the metric set, the nearest to the best first', () => {
  render(<WireSetTable member={memberFor('M16x2-6g')} shopWires={null} canKeep />);
  expect(wires()).toEqual(['1.1000 mm', '1.3500 mm', '1.6500 mm']);
  fireEvent.click(screen.getByRole('radio', { name: /Inch/ }));
  expect(wires()[0]).toMatch(/ in$/);
});

const shop = (...sizes: Gauge['sizes']): Gauge => wireSet('Measuring wires', sizes);

test('the shop’s wires are kept for the whole shop by the instructor; a bad size is named', async () => {
  const sent = answerFetch(200, { id: 1 });
  render(<WireSetTable member={memberFor('3/4-16 UNF-2A')} shopWires={null} canKeep />);
  fireEvent.click(screen.getByRole('radio', { name: 'The shop’s' }));
  const field = screen.getByRole('textbox');
  fireEvent.change(field, { target: { value: '0.0361 0,9' } });
  expect(screen.getByText('Use a decimal point: 0.9.')).not.toBeNull();
  fireEvent.change(field, { target: { value: '0.0361 0.9 mm' } });
  expect(wires()).toEqual(['0.03610 in', '0.9000 mm']);
  fireEvent.click(screen.getByRole('button', { name: 'Keep for the shop' }));
  await waitFor(() => expect(sent).not.toHaveLength(0));
  expect(sent[0]?.url).toBe('/api/wires');
  expect(sent[0]?.body).toEqual({
    sizes: [
      { value: 0.0361, unit: 'in' },
      { value: 0.9, unit: 'mm' },
    ],
  });
});

test('the shop’s set comes first where there is one, and a student only reads it', () => {
  const set = shop({ value: 0.036, unit: 'in' }, { value: 0.2, unit: 'in' });
  render(<WireSetTable member={memberFor('3/4-16 UNF-2A')} shopWires={set} canKeep={false} />);
  expect(wires()).toEqual(['0.03600 in']);
  expect(screen.queryByRole('textbox')).toBeNull();
});

test('where no wire can be used the range says why', () => {
  render(
    <WireSetTable member={memberFor('3/4-16 UNF-2A')} shopWires={shop({ value: 0.2, unit: 'in' })} canKeep />,
  );
  expect(screen.getByText(/None of these 1 can be used: they must be 0\.0316 to 0\.0632 in/)).not.toBeNull();
});

test('inside there are balls, and nothing is measured over one', () => {
  render(<WireSetTable member={memberFor('M16x2-6H')} shopWires={null} canKeep />);
  expect(screen.getByRole('heading', { name: /The shop’s balls/ })).not.toBeNull();
  expect(screen.queryByRole('columnheader', { name: /over one/ })).toBeNull();
});
