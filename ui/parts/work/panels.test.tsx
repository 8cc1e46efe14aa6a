import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { adviseOn } from '@/core/exercise/record/advice/advise';
import { predict } from '@/core/exercise/record/state/predict';
import type { EntryContent } from '@/core/exercise/record/entry/kinds';
import { goodSteps, measuredAt, plannedWork, recordOf, sheetOf, stepDone } from '@/core/test/record';
import { readSheet } from '@/core/exercise/sheet/sheet';
import { completeBrowser } from '@/ui/test/browser';
import { MeasurePanel } from './measure-panel';
import { NotKnownNote } from './not-known-note';
import { PassPanel } from './pass-panel';
import { ProvePanel } from './prove-panel';
import { recordLines } from '@/core/exercise/record/shown/record-lines';
import { RecordList } from './record-list';
import { StepPanel } from './step-panel';

completeBrowser();
const sheet = sheetOf({ 'work.diameter': '0.7440' });
const cuts = plannedWork(sheet);
const ready = goodSteps(sheet);
const [wires] = sheet.proof as [(typeof sheet.proof)[number]];
const progressOf = (contents: EntryContent[]) => predict(sheet, recordOf(contents));
/** What the record says of the work, and what is advised by it. */
const workOf = (contents: EntryContent[], of = sheet) => {
  const entries = recordOf(contents);
  const prediction = predict(of, entries);
  return { sheet: of, prediction, advice: adviseOn(of, entries, prediction) };
};
const passPanel = (work: ReturnType<typeof workOf>, more: Partial<Parameters<typeof PassPanel>[0]> = {}) =>
  render(passes(work, more));
const passes = (work: ReturnType<typeof workOf>, more: Partial<Parameters<typeof PassPanel>[0]> = {}) => (
  <PassPanel
    {...work}
    canRecord
    add={accept()}
    onScratch={jest.fn()}
    onStep={jest.fn()}
    onMeasure={jest.fn()}
    {...more}
  />
);
const accept = () => jest.fn(() => Promise.resolve({ ok: true as const }));
const refuse = (field: string, message: string) =>
  jest.fn(() => Promise.resolve({ ok: false as const, message, fields: { [field]: message } }));

describe('the next pass', () => {
  test('“cut as planned” sends the planned pass, without a reading', async () => {
    const add = accept();
    const onScratch = jest.fn();
    passPanel(workOf(goodSteps(sheet)), { add, onScratch });
    expect(screen.getByTestId('next-reading').textContent).toContain('0.002');
    fireEvent.click(screen.getByRole('button', { name: 'Cut as planned' }));
    await waitFor(() => expect(onScratch).toHaveBeenCalled());
    expect(add).toHaveBeenCalledWith({ kind: 'pass', plannedPass: '1', drive: 'half-nut', mark: '' });
  });

  test('a drive of a later release stands in the way, and “as you were shown” is no fault', async () => {
    const later = readSheet({ ...sheet, way: { ...sheet.way, drive: 'belt' } });
    const add = accept();
    render(
      <>
        <NotKnownNote sheet={later} />
        {passes(workOf(ready, later), { add })}
      </>,
    );
    expect(screen.getByText(/Not known here: How the cut is driven\./)).not.toBeNull();
    expect(screen.queryByTestId('next-reading')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Cut all the same…' }));
    expect(screen.getByText(/It is recorded as any other cut/)).not.toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'I have cut' }));
    await waitFor(() => expect(add).toHaveBeenCalledWith(expect.objectContaining({ plannedPass: '1' })));
  });

  test('a refused own reading stays as typed, with its message', async () => {
    const add = refuse('reading', 'Use a decimal point: 0.012.');
    passPanel(workOf(ready), { add });
    const own = screen.getByLabelText('Own reading of the compound');
    fireEvent.change(own, { target: { value: '0,012' } });
    fireEvent.click(screen.getByRole('button', { name: 'Record own reading' }));
    expect(await screen.findByText('Use a decimal point: 0.012.')).not.toBeNull();
    expect((own as HTMLInputElement).value).toBe('0,012');
  });

  test('with a plan that plunges the compound can have fed, and with two starts another one can have been cut', async () => {
    const two = sheetOf({ 'thread.designation': '3/4-16 UNF-2A (2 starts)', 'infeed.way': 'plunge' });
    const add = accept();
    passPanel(workOf(goodSteps(two), two), { add });
    fireEvent.click(screen.getByRole('button', { name: 'compound' }));
    fireEvent.change(screen.getByLabelText('How far the compound was fed for this cut'), {
      target: { value: '0.002' },
    });
    fireEvent.change(screen.getByLabelText('Its angle, from the cross slide'), { target: { value: '30' } });
    fireEvent.click(screen.getByRole('button', { name: '2' }));
    fireEvent.click(screen.getByRole('button', { name: 'Record this cut' }));
    await waitFor(() =>
      expect(add).toHaveBeenCalledWith(
        expect.objectContaining({ compound: '0.002', compoundAngle: '30', start: '2' }),
      ),
    );
  });

  test('an open hold point stands in the way; to cut all the same is asked twice and sent as such', async () => {
    const add = accept();
    const open = goodSteps(sheet).filter((each) => each.kind !== 'sign-off');
    passPanel(workOf(open), { add });
    expect(screen.queryByRole('button', { name: 'Cut as planned' })).toBeNull();
    expect(screen.getByRole('region', { name: 'What stands in the way' }).textContent).toContain(
      'Instructor looks: hold point',
    );
    fireEvent.click(screen.getByRole('button', { name: 'Cut all the same…' }));
    expect(add).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('button', { name: 'I have cut' }));
    await waitFor(() => expect(add).toHaveBeenCalledWith(expect.objectContaining({ allTheSame: 'yes' })));
  });

  test('a wrong value at a critical step leads back to it', () => {
    const onStep = jest.fn();
    passPanel(workOf([...ready, stepDone('compound', 60)]), { onStep });
    fireEvent.click(screen.getByRole('button', { name: 'Go to it' }));
    expect(onStep).toHaveBeenCalledWith('compound');
  });

  test('says when the plan goes past the measured target', () => {
    const feeding = cuts.filter(({ kind }) => kind !== 'measurement').slice(0, 11);
    const measured = workOf([
      ...ready,
      ...feeding,
      measuredAt(sheet, sheet.wires.overWires.target + 0.0008, 'mid'),
    ]);
    passPanel(measured);
    // 0.0008 over the target: nothing that this dial can set is left of it, and the row would go past it.
    expect(screen.getByRole('heading', { name: 'Stop: it is enough' })).not.toBeNull();
    expect(screen.queryByRole('button', { name: 'Cut as planned' })).toBeNull();
  });

  test('a stop that is due comes before the next cut, and can be passed over', async () => {
    const add = accept();
    const third = cuts.findIndex(({ kind }) => kind === 'stop');
    passPanel(workOf([...ready, ...cuts.slice(0, third)]), { add });
    expect(screen.getByRole('region', { name: 'Stop: Form' })).not.toBeNull();
    expect(screen.queryByRole('button', { name: 'Cut as planned' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Pass it over' }));
    await waitFor(() =>
      expect(add).toHaveBeenCalledWith({ kind: 'stop', stopId: 'stop-1', answer: 'passed-over' }),
    );
  });

  test('when all is cut there is nothing to cut as planned', () => {
    passPanel(workOf([...ready, ...cuts]), { canRecord: false });
    expect(screen.getByRole('heading', { name: 'All planned passes are cut' })).not.toBeNull();
    expect(screen.queryByRole('button')).toBeNull();
  });
});

test('a blank that measures otherwise than planned: one touch figures the passes anew', async () => {
  const add = accept();
  const other = goodSteps(sheet).map((each) =>
    each.kind === 'step' && each.stepId === 'blank' ? { ...each, value: 0.742 } : each,
  );
  passPanel(workOf(other), { add });
  expect(screen.getByText(/The blank measures/).textContent).toContain(
    '0.7420 in; these passes are figured for 0.7440',
  );
  fireEvent.click(screen.getByRole('button', { name: 'Figure the passes anew' }));
  await waitFor(() =>
    expect(add).toHaveBeenCalledWith({ kind: 'refigure', what: 'work-diameter', value: '0.742' }),
  );
});

describe('measuring', () => {
  test('a reading unlike what the passes foretell is asked about once; “it reads so” records it with the question', async () => {
    const add = accept();
    const after = progressOf([...ready, ...cuts.slice(0, 12)]);
    render(<MeasurePanel evidence={wires} sheet={sheet} prediction={after} canRecord add={add} />);
    fireEvent.change(screen.getByLabelText('Start'), { target: { value: '0.800' } });
    fireEvent.change(screen.getByLabelText('Instrument'), { target: { value: 'Micrometer 0-25' } });
    fireEvent.click(screen.getByRole('button', { name: 'Record, go on cutting' }));
    expect(await screen.findByRole('region', { name: 'Asked about' })).not.toBeNull();
    expect(add).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('button', { name: 'It reads so: record it' }));
    await waitFor(() =>
      expect(add).toHaveBeenCalledWith(
        expect.objectContaining({ start: '0.800', instrument: 'Micrometer 0-25', questioned: 'unlike' }),
      ),
    );
  });

  test('the Enter of a gauge that types leads to the next empty field; on an empty one it records', async () => {
    const add = accept();
    render(<MeasurePanel evidence={wires} sheet={sheet} prediction={progressOf([])} canRecord add={add} />);
    const start = screen.getByLabelText('Start');
    start.focus();
    fireEvent.change(start, { target: { value: '0.7635' } });
    // A key whose default was prevented submits nothing.
    expect(fireEvent.keyDown(start, { key: 'Enter' })).toBe(false);
    expect(document.activeElement).toBe(screen.getByLabelText('Middle'));
    expect(fireEvent.keyDown(screen.getByLabelText('Middle'), { key: 'Enter' })).toBe(true);
    expect(add).not.toHaveBeenCalled();
    await Promise.resolve();
  });

  test('two measured proofs do not share what is typed', () => {
    const micrometer = { ...wires, id: 'thread-micrometer', kind: 'thread-micrometer' as const };
    for (const evidence of [wires, micrometer])
      render(
        <MeasurePanel
          evidence={evidence}
          sheet={sheet}
          prediction={progressOf([])}
          canRecord
          add={accept()}
        />,
      );
    const starts = screen.getAllByLabelText<HTMLInputElement>('Start');
    fireEvent.change(starts[0]!, { target: { value: '0.7635' } });
    fireEvent.change(screen.getAllByLabelText('Instrument')[0]!, { target: { value: 'Micrometer 0-25' } });
    expect(starts.map(({ value }) => value)).toEqual(['0.7635', '']);
    expect(screen.getAllByLabelText<HTMLInputElement>('Instrument')[1]?.value).toBe('');
  });

  test('sends what was typed and empties the fields when it was taken', async () => {
    const add = accept();
    render(<MeasurePanel evidence={wires} sheet={sheet} prediction={progressOf([])} canRecord add={add} />);
    fireEvent.change(screen.getByLabelText('Start'), { target: { value: '0.7635' } });
    fireEvent.click(screen.getByRole('button', { name: 'Record, go on cutting' }));
    await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('Start').value).toBe(''));
    expect(add).toHaveBeenCalledWith({
      kind: 'measurement',
      evidenceId: 'wires',
      purpose: 'mid',
      instrument: '',
      zero: '',
      questioned: '',
      start: '0.7635',
      middle: '',
      end: '',
      crest: '',
      wire: '',
    });
  });

  test('puts each message at its field', async () => {
    render(
      <MeasurePanel
        evidence={wires}
        sheet={sheet}
        prediction={progressOf([])}
        canRecord
        add={refuse('end', 'The final measurement wants all three places.')}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Record as final' }));
    await screen.findByText('The final measurement wants all three places.');
    const end = screen.getByLabelText('End');
    expect(end.getAttribute('aria-invalid')).toBe('true');
    expect(document.getElementById(end.getAttribute('aria-describedby') ?? '')?.textContent).toBe(
      'Error: End: The final measurement wants all three places.',
    );
    expect(screen.getByLabelText('Start').getAttribute('aria-invalid')).toBe('false');
  });

  test.each([
    ['Still to cut', sheet.wires.overWires.max + 0.002, true],
    ['In the limits', sheet.wires.overWires.target, false],
    ['Over-cut', sheet.wires.overWires.min - 0.001, false],
  ])('says “%s” in words and shape', (words, over, left) => {
    render(
      <MeasurePanel
        evidence={wires}
        sheet={sheet}
        prediction={progressOf([...cuts.slice(0, 9), measuredAt(sheet, over, 'mid')])}
        canRecord={false}
        add={accept()}
      />,
    );
    const remaining = within(screen.getByRole('region', { name: 'Remaining feed' }));
    expect(remaining.getByText(new RegExp(words))).not.toBeNull();
    expect(remaining.queryByText('Compound left') !== null).toBe(left);
  });
});

describe('a step', () => {
  const stepOf = (id: string, contents: EntryContent[] = []) => {
    const found = progressOf(contents).steps.find(({ step }) => step.id === id);
    if (found === undefined) throw new Error(id);
    return found;
  };

  test('with a value shows what is expected and sends what was set', async () => {
    const add = accept();
    const onDone = jest.fn();
    render(
      <StepPanel
        sheet={sheet}
        progress={stepOf('blank')}
        canRecord
        canSignOff={false}
        add={add}
        onDone={onDone}
      />,
    );
    expect(screen.getByText('0.7440 in (0.7391 to 0.7485)')).not.toBeNull();
    fireEvent.change(screen.getByLabelText('Set or measured'), { target: { value: '0.7441' } });
    fireEvent.click(screen.getByRole('button', { name: 'Record' }));
    await waitFor(() => expect(onDone).toHaveBeenCalled());
    expect(add).toHaveBeenCalledWith({ kind: 'step', stepId: 'blank', value: '0.7441', count: '0.7441' });
  });

  test('a compound that fed nothing is told so; one that leads the starts can not be left out', () => {
    const panel = (of: typeof sheet) => (
      <StepPanel
        sheet={of}
        progress={stepOf('compound')}
        canRecord
        canSignOff={false}
        add={accept()}
        onDone={jest.fn()}
      />
    );
    const { rerender } = render(panel(sheet));
    expect(screen.getByRole('button', { name: 'Not used' })).not.toBeNull();
    rerender(panel({ ...sheet, feed: { ...sheet.feed, slide: 'cross-slide' } }));
    expect(screen.queryByRole('button', { name: 'Not used' })).toBeNull();
  });

  test('says by what it was done where somebody likes to, and nothing else', async () => {
    const add = accept();
    render(
      <StepPanel
        sheet={sheet}
        progress={stepOf('tool-square')}
        canRecord
        canSignOff={false}
        add={add}
        onDone={jest.fn()}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'tail centre' }));
    // Touched twice, a choice is taken back.
    for (const name of ['centre gauge', 'centre gauge', 'V-gauge'])
      fireEvent.click(screen.getByRole('button', { name }));
    fireEvent.click(screen.getByRole('button', { name: 'Done' }));
    await waitFor(() =>
      expect(add).toHaveBeenCalledWith(
        expect.objectContaining({ choice: 'On centre by tail centre; Square by V-gauge' }),
      ),
    );
  });

  test('that stood on the machine in the try before is read again in one touch', async () => {
    const add = accept();
    const { value } = stepOf('compound').step.expected!;
    const stood = { stepId: 'compound', value, choice: null, count: null };
    const earlier = { tryNumber: 1, how: null, cause: '', change: '', fault: null, steps: [stood] };
    const panel = (id: string) => (
      <StepPanel
        sheet={sheet}
        earlier={earlier}
        progress={stepOf(id)}
        canRecord
        canSignOff={false}
        add={add}
        onDone={jest.fn()}
      />
    );
    const { rerender } = render(panel('compound'));
    fireEvent.click(screen.getByRole('button', { name: /^Read again, still 29.5° \(try 1\)$/ }));
    await waitFor(() =>
      expect(add).toHaveBeenCalledWith(
        expect.objectContaining({ stepId: 'compound', how: 'stands', fromTry: '1', value: String(value) }),
      ),
    );
    rerender(panel('blank'));
    expect(screen.queryByRole('button', { name: /^Read again/ })).toBeNull();
  });

  test('out of its limits is said in words', () => {
    render(
      <StepPanel
        sheet={sheet}
        progress={stepOf('blank', [stepDone('blank', 0.7)])}
        canRecord
        canSignOff={false}
        add={accept()}
        onDone={jest.fn()}
      />,
    );
    expect(screen.getByText(/outside the limits/)).not.toBeNull();
  });

  test('the hold point is the instructor’s', async () => {
    const student = render(
      <StepPanel
        sheet={sheet}
        progress={stepOf('instructor-look')}
        canRecord
        canSignOff={false}
        add={accept()}
        onDone={jest.fn()}
      />,
    );
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.getByText(/Only the instructor signs this off/)).not.toBeNull();
    student.unmount();
    const add = accept();
    render(
      <StepPanel
        sheet={sheet}
        progress={stepOf('instructor-look')}
        canRecord
        canSignOff
        add={add}
        onDone={jest.fn()}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'I have looked: go on' }));
    await waitFor(() => expect(add).toHaveBeenCalledWith({ kind: 'sign-off', stepId: 'instructor-look' }));
  });

  test('a hazard defers to shop, manual, law and instructor', () => {
    render(
      <StepPanel
        sheet={sheet}
        progress={stepOf('dry-run')}
        canRecord={false}
        canSignOff={false}
        add={accept()}
        onDone={jest.fn()}
      />,
    );
    expect(
      screen.getByText(/shop’s rules, the machine’s manual and local law; a qualified instructor decides/),
    ).not.toBeNull();
  });
});

describe('the nut as the proof', () => {
  const byNut = sheetOf({ 'proof.evidence.0.kind': 'nut' });
  const work = plannedWork(byNut);

  test.each([
    ['on the way while passes are left', work.slice(0, 4), 'mid'],
    ['final when none is', work, 'final'],
  ] as const)('is %s', async (_, done, purpose) => {
    const add = accept();
    const entries = recordOf([...goodSteps(byNut), ...done]);
    render(
      <ProvePanel
        {...workOf([...goodSteps(byNut), ...done], byNut)}
        entries={entries}
        canRecord
        mayLook={false}
        add={add}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Goes on, tight' }));
    await waitFor(() =>
      expect(add).toHaveBeenCalledWith(expect.objectContaining({ kind: 'trial', answer: 'tight', purpose })),
    );
  });
});

test('what the nut lets take is the large figure, the planned one small beside it; one touch cuts it', async () => {
  const byNut = sheetOf({ 'proof.evidence.0.kind': 'nut', 'work.diameter': '0.7440' });
  const add = accept();
  const tight: EntryContent = {
    kind: 'trial',
    purpose: 'mid',
    evidenceId: byNut.proof[0]!.id,
    stopId: null,
    answer: 'tight',
    end: 'one',
    toShoulder: null,
    crest: null,
    reading: 0.04,
  };
  const at = plannedWork(byNut).slice(0, 9);
  const last = at.findLast(({ kind }) => kind === 'pass') as EntryContent;
  // Clean, and at no infeed, it is as tight as before.
  const work = workOf([...goodSteps(byNut), ...at, tight, last, tight], byNut);
  passPanel(work, { add });
  const { prediction } = work;
  const to = Math.round((prediction.reading.value + prediction.nut!.reckoning.nextInfeed!) * 1000) / 1000;
  expect(screen.getByTestId('next-reading').textContent).toBe(to.toFixed(3));
  expect(screen.getByText(/Planned:/).textContent).toContain(prediction.next?.dialReading.value.toFixed(3));
  fireEvent.click(screen.getByRole('button', { name: 'Cut as advised' }));
  await waitFor(() =>
    expect(add).toHaveBeenCalledWith(
      expect.objectContaining({ kind: 'pass', plannedPass: '', counted: String(to) }),
    ),
  );
});

describe('the record', () => {
  test('keeps struck entries readable, with the reason, and offers to strike only what stands', () => {
    const record = recordOf([...cuts.slice(0, 2), { kind: 'strike', entryId: 'e2', reason: 'not cut yet' }]);
    render(<RecordList lines={recordLines(sheet, record)} onStrike={accept()} />);
    expect(screen.getAllByRole('listitem')).toHaveLength(2);
    expect(screen.getByText(/Struck out by student: not cut yet/)).not.toBeNull();
    expect(screen.getAllByRole('button', { name: /^Strike out/ })).toHaveLength(1);
  });

  test('striking wants its reason', async () => {
    const strike = refuse('reason', 'Say why the entry is struck out.');
    render(<RecordList lines={recordLines(sheet, recordOf(cuts.slice(0, 1)))} onStrike={strike} />);
    fireEvent.click(screen.getByRole('button', { name: /^Strike out: Pass 1/ }));
    fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Strike out' }));
    expect(await screen.findByText('Say why the entry is struck out.')).not.toBeNull();
    expect(strike).toHaveBeenCalledWith({ kind: 'strike', entryId: 'e1', reason: '' });
  });

  test('an empty record says so', () => {
    render(<RecordList lines={[]} />);
    expect(screen.getByText('Nothing is recorded yet.')).not.toBeNull();
  });
});
