import { fireEvent, render, screen, within } from '@testing-library/react';
import { EMPTY_LATHE_FORM, type LatheForm } from '@/core/machine/lathe/form/lathe-form';
import { readLatheForm } from '@/core/machine/lathe/form/read-lathe-form';
import { sheetOf } from '@/core/test/record';
import { completeBrowser } from '@/ui/test/browser';
import { DialFace } from './dial-face';
import { gearChain } from './gear-chain';
import { GearTrain } from './gear-train';
import MachinePanel from './machine-panel';

completeBrowser();

function lathe(typed: Partial<LatheForm>) {
  const read = readLatheForm({ ...EMPTY_LATHE_FORM, name: 'Lathe 9', ...typed });
  if (!read.ok) throw new Error(read.issues[0]?.message);
  return read.value;
}

const inch = lathe({
  leadScrew: '8 TPI',
  threadDial: 'in-use',
  dialGears: [['32', '1 - 2 - 3 - 4 -']],
  changeGears: [
    ['TPI', 'Driver, stud', 'Idler', 'Driven, screw'],
    ['9', '40', '65', '45'],
  ],
  levers: [['Tumbler', 'feed-reverse', 'up, down', 'down', 'up']],
  speeds: [['45', 'belt', 'Belt on the large step', '', '', '', '1']],
});
const sheet = sheetOf({ 'thread.designation': '7/8-9 UNC-2A' }, inch);

test('the machine of a sheet: levers, gears to scale, safe marks in its labels, speed and how it is set', () => {
  render(<MachinePanel sheet={sheet} />);
  expect(screen.getByRole('table', { name: 'Levers to set' }).textContent).toContain('Tumblerdown');
  expect(
    screen.getByRole('img', { name: /Gears to scale: Driver, stud 40 teeth, Idler 65 teeth/ }),
  ).not.toBeNull();
  expect(screen.getByText('1, 2, 3, 4')).not.toBeNull();
  expect(screen.getByText('or the plain marks')).not.toBeNull();
  const speed = within(screen.getByRole('region', { name: 'Speed' }));
  expect(speed.getByText('Belt on the large step')).not.toBeNull();
  expect(screen.getByText(/Contact is never the stop/)).not.toBeNull();
});

test('the marks that are safe now are told by form and by name, not by colour alone', () => {
  const { container } = render(<DialFace dial={sheet.dial} turned={0} chosen={1} />);
  expect(screen.getByRole('img', { name: /safe together: plain after 1/ })).not.toBeNull();
  const solid = [...container.querySelectorAll('[data-part="dial"] path')].filter(
    (path) => path.getAttribute('stroke-dasharray') === null,
  );
  expect(solid).toHaveLength(4);
});

test('a rehearsal begins with a first catch, and tells what the later ones do', () => {
  render(<MachinePanel sheet={sheet} />);
  fireEvent.click(screen.getByRole('button', { name: 'Rehearse' }));
  fireEvent.click(screen.getByRole('button', { name: 'Start the lathe' }));
  const close = screen.getByRole('button', { name: /^Close the half nut/ });
  fireEvent.click(close);
  expect(screen.getByText(/First catch at 1/)).not.toBeNull();
  fireEvent.click(close);
  expect(screen.getByText(/in the groove, on the dial mark/)).not.toBeNull();
  expect(screen.getByText(/Nothing of this is recorded/)).not.toBeNull();
});

test('idlers of a train from the stock are drawn between, whatever their size', () => {
  const gears = [
    { place: 'Stud', role: 'driver' as const, teeth: 60 },
    { place: 'Lead screw', role: 'driven' as const, teeth: 127 },
  ];
  expect(gearChain({ gears, idlers: 2 }).map(({ role }) => role)).toEqual([
    'driver',
    'idler',
    'idler',
    'driven',
  ]);
  const compound = [...gears, { place: 'Inner', role: 'driver' as const, teeth: 20 }];
  expect(gearChain({ gears: compound, idlers: 1 }).map(({ same }) => same)).toEqual([false, false, true]);
  const { container } = render(<GearTrain gearing={{ ...sheet.gearing, gears, idlers: 1 }} />);
  expect(
    container.querySelectorAll('[data-part="idler"] path')[0]?.getAttribute('stroke-dasharray'),
  ).not.toBeNull();
});

test('a sheet that was made before says so', () => {
  render(<MachinePanel sheet={{ ...sheet, gearing: { ...sheet.gearing, from: 'not-kept' } }} />);
  expect(screen.getByText(/handed out before the machine’s settings were kept/)).not.toBeNull();
});
