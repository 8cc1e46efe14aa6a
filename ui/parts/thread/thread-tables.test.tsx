import { fireEvent, render, screen, within } from '@testing-library/react';
import { completeBrowser } from '@/ui/test/browser';
import { fitFor } from '@/ui/test/thread';
import { ThreadTables } from './thread-tables';

completeBrowser();

const row = (table: string, name: RegExp) =>
  within(screen.getByRole('table', { name: table })).getAllByRole('row', { name })[0]?.textContent;

/** ASME B1.1 limits tables, from memory: 3/4-16 UNF 2A and 2B. */
test('limits of both members in inch and mm; open limits say so', () => {
  render(<ThreadTables fit={fitFor('3/4-16 UNF-2A')} />);
  expect(row('Limits of size', /Pitch diameter/)).toContain('0.7029 – 0.7079');
  expect(row('Limits of size', /Pitch diameter/)).toContain('17.8537 – 17.9807');
  expect(row('Limits of size', /Minor diameter/)).toContain('open – 0.6808');
  expect(row('Limits of size', /Minor diameter/)).toContain(
    'rounded root 0.6718 inroot radius 0.0068 – 0.0090 in',
  );
  expect(screen.queryByText(/before plating/)).toBeNull();
});

test('forms that keep a flat root have no rounded one', () => {
  render(<ThreadTables fit={fitFor('Tr30x6-7e')} />);
  expect(screen.queryByText(/rounded root|root radius/)).toBeNull();
  expect(row('Limits of size', /Minor diameter/)).toContain('22.463 – 23.000');
});

/** ASME B1.1, section 7: four times the thickness on the pitch diameter, twice on the crest. */
test('with a coating the limits before plating stand beside, and the other practice is told', () => {
  render(<ThreadTables fit={fitFor('3/4-16 UNF-2A')} coating={{ min: 0.0002, max: 0.0003 }} />);
  expect(row('Limits of size', /Pitch diameter before plating/)).toContain('0.7021 – 0.7067');
  expect(screen.getByText(/Other practice/).textContent).toMatch(/0\.00038 in, so this one fits/);
});

test('a coating that eats the tolerance, and a class without an allowance', () => {
  render(<ThreadTables fit={fitFor('3/8-24 UNF-3A')} coating={{ min: 0, max: 0.001 }} />);
  expect(screen.getAllByText(/varies by more than the tolerance/).length).toBeGreaterThan(0);
  expect(screen.getByText(/no allowance that could take the coating/)).not.toBeNull();
});

test('wires, balls and gauges; each figure has its reason', () => {
  render(<ThreadTables fit={fitFor('M16x2-6g')} />);
  expect(row('Wires and gauges', /M16x2-6g/)).toContain('16.237 – 16.397');
  expect(row('Wires and gauges', /M16x2-6H/)).toContain('two balls');
  fireEvent.click(screen.getAllByRole('button', { name: 'Why: Best wire' })[0]!);
  expect(screen.getByRole('dialog', { name: 'Best wire' }).textContent).toContain('ASME B1.2');
});

test('the reason says what the limits were worked out for', () => {
  render(<ThreadTables fit={fitFor('3/4-16 UNF-2A')} basis="length of engagement 2.0000 in" />);
  fireEvent.click(screen.getAllByRole('button', { name: 'Why: Pitch-diameter limits' })[0]!);
  expect(screen.getByRole('dialog').textContent).toContain('length of engagement 2.0000 in');
});
