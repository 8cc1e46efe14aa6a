import { render, screen } from '@testing-library/react';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { sheetOf } from '@/core/test/record';
import { completeBrowser } from '@/ui/test/browser';
import { sheetFiles } from './sheet-files';
import { SetupSheet } from './setup-sheet';

completeBrowser();
const files = sheetFiles('/api/attempts/1/sheet');
const inch = usualLathe('in', 'Lathe 2');
const sheet = sheetOf(
  {},
  {
    ...inch,
    compound: {
      ...inch.compound,
      dial: { ...inch.compound.dial, perTurn: { value: 0.04, unit: 'in' } },
      swivel: { ...inch.compound.swivel, zeroAlong: 'bed' },
    },
  },
);

test('the sheet holds every step with its value and every pass with its reading, turns counted', () => {
  render(<SetupSheet files={files} sheet={sheet} revision={2} student="One" tryNumber={1} back="/" />);
  const [one, two, passes] = screen.getAllByRole('table');
  const steps = [one, two].flatMap((table) => [...(table?.querySelectorAll('tbody tr') ?? [])]);
  expect(steps).toHaveLength(sheet.steps.length);
  expect(passes?.querySelectorAll('tbody tr')).toHaveLength(sheet.passes.length + sheet.stops.length);
  expect(passes?.textContent).toContain('1 turn + 0.005');
  expect(
    screen.getByText(/60.5° {2}\(29.5° from the cross slide\)/, { normalizer: (text) => text }),
  ).not.toBeNull();
  expect(screen.getAllByText(/revision 2/)).not.toEqual([]);
  expect(screen.getAllByText(/Lathe: Lathe 2/)).not.toEqual([]);
  expect(screen.getByText(/a qualified instructor decides/)).not.toBeNull();
});

test('without a student there is a line to write on', () => {
  render(<SetupSheet files={files} sheet={sheet} revision={null} student={null} tryNumber={null} back="/" />);
  expect(screen.getAllByText(/Student: ____/)).not.toEqual([]);
  expect(screen.getAllByText(/draft/)).not.toEqual([]);
});

test('a blank planned outside its class and a speed that leaves little are said where they are read', () => {
  const planned = (leaves: Parameters<typeof sheetOf>[0]) =>
    render(
      <SetupSheet files={files} sheet={sheetOf(leaves)} revision={1} student="One" tryNumber={1} back="/" />,
    ).container.textContent ?? '';
  const usual = planned({});
  expect(usual).not.toMatch(/, planned|only \d/);
  const hers = planned({ 'work.diameter': '0.7500', 'technique.speed': '400' });
  expect(hers).toContain('0.7391 – 0.7485 in, planned 0.7500');
  expect(hers).toMatch(/only 0\.\d s left to the hand/);
});
