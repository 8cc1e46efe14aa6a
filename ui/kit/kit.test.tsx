import { completeBrowser } from '../test/browser';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { Dialog } from './dialog';
import { Field } from './field';
import { Figure } from './figure';
import { PassRibbon } from './pass-ribbon';
import { Select } from './select';
import { RuledTable } from './ruled-table';
import { StandingMark, StateMark } from './state-mark';

completeBrowser();

test('a field is described by its message, and the error goes before the note', () => {
  render(
    <Field
      label="Blank"
      unit="in"
      defaultValue="0,7"
      error="Use a decimal point: 0.7."
      note="A little under nominal."
    />,
  );
  const input = screen.getByLabelText('Blank');
  expect(input.getAttribute('aria-invalid')).toBe('true');
  const message = document.getElementById(input.getAttribute('aria-describedby') ?? '');
  expect(message?.textContent).toBe('Error: Use a decimal point: 0.7.');
  expect(screen.queryByText('A little under nominal.')).toBeNull();
});

test('a figure that can not be worked out shows a dash and no unit', () => {
  const { container } = render(<Figure label="Compound feed" value={null} unit="in" />);
  expect(container.textContent).toBe('Compound feed—');
});

test('the reason behind a figure opens from its label', () => {
  render(
    <Figure
      label="Feed"
      value="0.0455"
      why={{
        title: 'Compound feed',
        formula: 'c = h / cos θ',
        numbers: '',
        source: 'Geometry',
        assumes: null,
      }}
    />,
  );
  fireEvent.click(screen.getByRole('button', { name: 'Why: Compound feed' }));
  expect(screen.getByText('c = h / cos θ')).not.toBeNull();
  expect(screen.queryByText('Assumes')).toBeNull();
});

test('states are told by words, not by colour alone', () => {
  render(
    <>
      <StateMark state="waiting" />
      <StateMark state="marked" total={38} passed={false} />
      <StandingMark standing="bad" />
    </>,
  );
  expect(screen.getByText('Waiting for mark')).not.toBeNull();
  expect(screen.getByText('Marked 38')).not.toBeNull();
  expect(screen.getByRole('img', { name: 'wrong' })).not.toBeNull();
});

test('good and bad marks differ in shape, and a mark not known is neither', () => {
  const shape = (passed: boolean | null) =>
    render(<StateMark state="marked" total={50} passed={passed} />).container.querySelector('svg')?.innerHTML;
  expect(new Set([true, false, null].map(shape)).size).toBe(3);
});

test('the ribbon says which pass is shown, and its slider answers the arrow keys', () => {
  const onChoose = jest.fn();
  render(
    <PassRibbon
      chosen={1}
      onChoose={onChoose}
      passes={[
        { n: 1, kind: 'scratch', infeed: 2, chip: 1, reading: '0.002' },
        { n: 2, kind: 'rough', infeed: 9, chip: 3, reading: '0.011' },
      ]}
    />,
  );
  const slider = screen.getByRole('slider', { name: 'Pass shown' });
  expect(slider.getAttribute('aria-valuetext')).toBe('pass 1, scratch, dial 0.002');
  slider.focus();
  fireEvent.keyDown(slider, { key: 'ArrowRight' });
  expect(onChoose).toHaveBeenCalledWith(2);
});

test('a ruled table has its caption, its heads and its rows', () => {
  const { rerender } = render(
    <RuledTable caption="Sizes" columns={[{ title: 'Quantity' }, { title: 'mm', number: true }]}>
      <tr>
        <td>Pitch</td>
        <td>2</td>
      </tr>
    </RuledTable>,
  );
  const table = screen.getByRole('table', { name: 'Sizes' });
  expect(screen.getAllByRole('columnheader').map((head) => head.textContent)).toEqual(['Quantity', 'mm']);
  expect(screen.getByText('mm').className).toContain('text-right');
  expect(screen.getByText('Sizes').className).toBe('sr-only');
  expect(table.querySelectorAll('tbody tr')).toHaveLength(1);
  rerender(
    <RuledTable titled caption="Sizes" columns={[]}>
      {null}
    </RuledTable>,
  );
  expect(screen.getByText('Sizes').className).not.toContain('sr-only');
});

test('a dialog that closes gives the focus back, also when it is taken out of the page with that', async () => {
  function Opener() {
    const [open, setOpen] = useState(false);
    return (
      <>
        <button type="button" onClick={() => setOpen(true)}>
          Open it
        </button>
        {open && (
          <Dialog open onOpenChange={setOpen} title="Asked" description="What is asked">
            <button type="button">Inside</button>
          </Dialog>
        )}
      </>
    );
  }
  render(<Opener />);
  const opener = screen.getByRole('button', { name: 'Open it' });
  opener.focus();
  fireEvent.click(opener);
  expect(screen.getByRole('dialog').contains(document.activeElement)).toBe(true);
  fireEvent.keyDown(screen.getByRole('dialog'), { key: 'Escape' });
  await waitFor(() => expect(document.activeElement).toBe(opener));
  expect(screen.queryByRole('dialog')).toBeNull();
});

test('a choice that a later release has made is shown as such, not as the first of ours', () => {
  const options = [{ value: 'half-nut', text: 'Half nut opened' }];
  render(<Select label="Drive" value="belt" options={options} onChange={() => {}} error="Choose one." />);
  expect(screen.getByRole<HTMLSelectElement>('combobox', { name: 'Drive' }).value).toBe('belt');
  expect(screen.getByRole('option', { name: 'Not known here: belt' })).not.toBeNull();
});
