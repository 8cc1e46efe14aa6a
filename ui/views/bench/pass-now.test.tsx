import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { EMPTY_LATHE_FORM } from '@/core/machine/lathe/form/lathe-form';
import { readLatheForm } from '@/core/machine/lathe/form/read-lathe-form';
import { adviseOn } from '@/core/exercise/record/advice/advise';
import { predict } from '@/core/exercise/record/state/predict';
import type { EntryContent } from '@/core/exercise/record/entry/kinds';
import { goodSteps, plannedWork, recordOf, sheetOf } from '@/core/test/record';
import { completeBrowser } from '@/ui/test/browser';
import { PassNow } from './pass-now';

completeBrowser();

/** An inch lathe with the usual dial: four numbered marks and four plain ones. */
const lathe = readLatheForm({
  ...EMPTY_LATHE_FORM,
  name: 'Lathe',
  leadScrew: '8 TPI',
  threadDial: 'in-use',
  dialGears: [['32', '1 - 2 - 3 - 4 -']],
});
if (!lathe.ok) throw new Error('This lathe can be read.');
const sheet = sheetOf({ 'thread.designation': '7/8-9 UNC-2A' }, lathe.value);
const ready = goodSteps(sheet);
const work = plannedWork(sheet);
const accept = () => jest.fn(() => Promise.resolve({ ok: true as const }));

function passNow(contents: EntryContent[], add = accept(), of = sheet) {
  const entries = recordOf([...(of === sheet ? ready : goodSteps(of)), ...contents]);
  const prediction = predict(of, entries);
  render(
    <PassNow
      sheet={of}
      prediction={prediction}
      advice={adviseOn(of, entries, prediction)}
      add={add}
      onMeasure={jest.fn()}
      onHappened={jest.fn()}
      onEnd={jest.fn()}
    />,
  );
  return add;
}

test('the cut has the focus, so that Enter is the cut; one touch sends the planned pass and nothing else', async () => {
  const add = passNow([]);
  const cut = screen.getByRole('button', { name: 'Cut' });
  expect(document.activeElement).toBe(cut);
  fireEvent.click(cut);
  await waitFor(() => expect(add).toHaveBeenCalled());
  expect(add).toHaveBeenCalledWith({
    kind: 'pass',
    plannedPass: '1',
    drive: 'half-nut',
    mark: '',
    warned: '',
  });
});

test('any mark can be told, also one that is not safe, and that it closed between two', async () => {
  const add = passNow([]);
  fireEvent.click(screen.getByRole('button', { name: 'plain after 1' }));
  fireEvent.click(screen.getByRole('button', { name: 'Cut' }));
  await waitFor(() => expect(add).toHaveBeenCalledWith(expect.objectContaining({ mark: 'plain after 1' })));
  expect(screen.getByRole('button', { name: 'between two' })).not.toBeNull();
});

test('a cut fed by the cross slide, one whose reading was not taken, and another drive are told as they were', async () => {
  const add = passNow([]);
  fireEvent.click(screen.getByRole('button', { name: 'reversing' }));
  fireEvent.click(screen.getByRole('button', { name: 'Otherwise…' }));
  fireEvent.click(screen.getByRole('button', { name: 'cross slide' }));
  for (const key of ['.', '0', '0', '3']) fireEvent.click(screen.getByRole('button', { name: key }));
  fireEvent.click(screen.getByRole('button', { name: 'Record this cut' }));
  await waitFor(() =>
    expect(add).toHaveBeenCalledWith(
      expect.objectContaining({ crossSlide: '.003', drive: 'reversing', mark: '' }),
    ),
  );
  fireEvent.click(await screen.findByRole('button', { name: 'Otherwise…' }));
  fireEvent.click(screen.getByRole('button', { name: 'Cut, reading not taken' }));
  await waitFor(() => expect(add).toHaveBeenCalledWith(expect.objectContaining({ notTaken: 'yes' })));
});

test('where the plan plunges, a cut fed by the compound is told with its angle, as far as it is known', async () => {
  const add = passNow([], accept(), sheetOf({ 'infeed.way': 'plunge' }));
  fireEvent.click(screen.getByRole('button', { name: 'Otherwise…' }));
  fireEvent.click(screen.getByRole('button', { name: 'compound' }));
  for (const key of ['.', '0', '0', '2']) fireEvent.click(screen.getByRole('button', { name: key }));
  fireEvent.click(screen.getByRole('button', { name: 'Record this cut' }));
  await waitFor(() =>
    expect(add).toHaveBeenCalledWith(expect.objectContaining({ compound: '.002', compoundAngle: '' })),
  );
});

test('a pass at no infeed is one touch: where the dial stands, of no row', async () => {
  const add = passNow(work.slice(0, 2));
  fireEvent.click(screen.getByRole('button', { name: 'Otherwise…' }));
  fireEvent.click(screen.getByRole('button', { name: 'A pass at no infeed' }));
  const { reading } = predict(sheet, recordOf([...ready, ...work.slice(0, 2)]));
  await waitFor(() =>
    expect(add).toHaveBeenCalledWith(
      expect.objectContaining({ plannedPass: '', counted: String(reading.value) }),
    ),
  );
});

test('a gauge that types its reading cuts nothing: the reading is shown to be looked at', () => {
  const add = passNow(work.slice(0, 1));
  // Found once: a gauge types quicker than a button is looked for.
  const cut = screen.getByRole('button', { name: 'Cut' });
  [...'0.005', 'Enter'].forEach((key) => fireEvent.keyDown(cut, { key }));
  expect(screen.getByLabelText<HTMLInputElement>(/really reads/).value).toBe('0.005');
  expect(add).not.toHaveBeenCalled();
});

test('after the part was disturbed a pass at no infeed is asked for', () => {
  const disturbed: EntryContent = {
    kind: 'event',
    event: 'disturbed',
    stepId: null,
    touched: null,
    value: null,
    uncertainty: null,
    along: null,
    said: '',
  };
  passNow([...work.slice(0, 1), disturbed]);
  expect(screen.getByRole('heading', { name: 'A pass at no infeed' })).not.toBeNull();
  expect(screen.getByText(/runs in its groove/)).not.toBeNull();
});
