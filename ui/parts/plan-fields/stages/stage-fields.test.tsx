import { fireEvent, render, screen } from '@testing-library/react';
import { EMPTY_PLAN_FORM, stageOf, withLeaf, type PlanStageId } from '@/core/exercise/plan/draft';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import type { Leaves } from '@/core/test/record';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { completeBrowser } from '@/ui/test/browser';
import { Planned } from '@/ui/test/planning';
import { StageFields } from './stage-fields';

completeBrowser();

function open(stage: PlanStageId, form: Leaves = {}) {
  return render(
    <Planned form={{ 'thread.designation': '3/4-16 UNF-2A', ...form }}>
      <StageFields stage={stage} />
    </Planned>,
  );
}
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const placeholder = (label: string) => screen.getByLabelText<HTMLInputElement>(label).placeholder;

/** ASME B1.1 limits table, from memory: 3/4-16 UNF-2A. */
test('thread: limits follow the designation, and a bad one is told at its field', () => {
  open('thread');
  expect(screen.getByText('0.7029 – 0.7079')).not.toBeNull();
  expect(screen.getByText('open – 0.6808')).not.toBeNull();
  type('Thread', '3/4-16 UNF-2B');
  expect(screen.getByText('0.7500 – open')).not.toBeNull();
  type('Thread', '3/4-14 UNF');
  expect(screen.getByText(/3\/4 UNF has 16 threads per inch/)).not.toBeNull();
  expect(screen.queryByText('Pitch diameter')).toBeNull();
});

test('blank: proposals stand in the empty fields; inside it is a bore with a recess', () => {
  const { unmount } = open('blank');
  expect(placeholder('Real blank diameter')).toBe('0.7438');
  expect(placeholder('Width of the run-out groove')).toBe('0.188');
  unmount();
  open('blank', { 'thread.designation': 'M30x2-6H' });
  expect(placeholder('Real bore')).toBe('28.023');
  expect(screen.getByText('27 mm')).not.toBeNull();
  expect(screen.getByLabelText('Width of the recess')).not.toBeNull();
});

test('blank: too small a bore to bore says so', () => {
  open('blank', { 'thread.designation': 'M6x1-6H' });
  expect(screen.getByText('too small to bore')).not.toBeNull();
});

test('tool: each kind of tip has its fields, and the limit of the thread', () => {
  open('tool');
  expect(placeholder('Flat at the tip')).toBe('0.0078');
  fireEvent.click(screen.getByRole('radio', { name: 'Radius' }));
  expect(placeholder('Radius at the tip')).toBe('0.009');
  fireEvent.click(screen.getByRole('radio', { name: 'Insert' }));
  expect([placeholder('Finest pitch'), placeholder('Coarsest pitch')]).toEqual(['0.0625', '0.0625']);
  fireEvent.click(screen.getByRole('radio', { name: 'Sharp' }));
  expect(screen.getByText(/must go deeper for the same pitch diameter/)).not.toBeNull();
  expect(screen.queryByText('At most')).toBeNull();
});

test.each([
  ['technique', 'technique.reaction', 'soon', 'Own reaction time'],
  ['technique', 'technique.zeroBy', 'laser', 'Zero taken'],
  ['blank', 'work.threadLength', 'long', 'Usable thread'],
] as const)('what is wrong in a folded field is in sight: %s, %s', (stage, field, typed, label) => {
  const { unmount } = open(stage);
  expect(screen.queryByLabelText(label)).toBeNull();
  unmount();
  open(stage, { [field]: typed });
  expect(screen.getByLabelText(label).getAttribute('aria-invalid')).toBe('true');
  // Mended, it does not shut over whoever types.
  type(label, '');
  expect(screen.getByLabelText(label).getAttribute('aria-invalid')).toBe('false');
});

test('tool: the side clearance grows with the lead', () => {
  const leading = () => screen.getByText('Side clearance, leading').parentElement?.textContent ?? '';
  const { unmount } = open('tool');
  const fine = parseFloat(leading().replace(/^\D+/, ''));
  unmount();
  open('tool', { 'thread.designation': '3/4-6 Acme-2G' });
  expect(parseFloat(leading().replace(/^\D+/, ''))).toBeGreaterThan(fine + 2);
});

test('compound: an empty angle takes half a degree under the flank; over it the flank is left as steps', () => {
  open('compound');
  expect(placeholder('Angle from the cross slide')).toBe('29.5');
  expect(screen.getByRole('button', { name: '29.5°' }).getAttribute('aria-pressed')).toBe('true');
  fireEvent.click(screen.getByRole('button', { name: '30°' }));
  expect(screen.getByText(/At 30° the trailing flank rubs/)).not.toBeNull();
  type('Angle from the cross slide', '35');
  expect(screen.getByText(/Over 30° the trailing flank is left as steps/)).not.toBeNull();
});

test('target: wires outside, balls inside, the range with its reason', () => {
  const { unmount } = open('target');
  type('Wires in hand', '0.02');
  expect(screen.getByText(/thinner ones sink below the crest, thicker ones ride on it/)).not.toBeNull();
  unmount();
  open('target', { 'thread.designation': '3/4-16 UNF-2B' });
  expect(screen.getByLabelText('Balls in hand')).not.toBeNull();
  expect(screen.getByText('Over balls, limits')).not.toBeNull();
});

test('passes, speed and marks: a bad entry is told at its field', () => {
  const { unmount } = open('passes');
  type('Scratch pass', '0.0025');
  expect(
    screen.getByText(/marked every 0.001 in: 0.0025 in is set to the nearest graduation/),
  ).not.toBeNull();
  unmount();
  const speed = open('technique', { 'technique.speed': '400' });
  expect(
    screen.getByText(/s in the run-out groove, less the tool’s own width\. \d+ rpm or less/),
  ).not.toBeNull();
  speed.unmount();
  open('marks', { 'marking.result': '50' });
  expect(screen.getByText(/40 for the result would do/)).not.toBeNull();
});

test('passes: the school proposes what it is made of, and another one keeps what was typed', () => {
  const { unmount } = open('passes');
  expect(placeholder('Largest infeed')).toBe('0.01');
  type('Largest infeed', '0.008');
  fireEvent.change(screen.getByLabelText('Schedule'), { target: { value: 'chart' } });
  expect(screen.queryByLabelText('Scratch pass')).toBeNull();
  type('Readings, cumulative', '30 45 55 65 69 69');
  expect(screen.getByText('Read as thousandths of an inch.')).not.toBeNull();
  fireEvent.change(screen.getByLabelText('Schedule'), {
    target: { value: 'constant-area' },
  });
  expect(screen.getByLabelText<HTMLInputElement>('Largest infeed').value).toBe('0.008');
  unmount();
  open('passes', { 'tool.tip.kind': 'sharp' });
  expect(screen.getByLabelText<HTMLSelectElement>('Schedule').value).toBe('two-thirds');
});

test('technique: a lathe that can not do it says so at the drive', () => {
  const lathe = usualLathe('in', 'Lathe 2');
  const screwed = { ...lathe, spindle: { ...lathe.spindle, nose: 'screwed' as const } };
  render(
    <Planned form={{ 'thread.designation': '3/4-16 UNF-2A', 'technique.drive': 'reversing' }} lathe={screwed}>
      <StageFields stage="technique" />
    </Planned>,
  );
  expect(screen.getByText(/Lathe 2: its chuck screws onto the nose and can unscrew/)).not.toBeNull();
});

test('holding and end: what a side can not have is not offered', () => {
  const { unmount } = open('holding', { 'thread.designation': 'M30x2-6H' });
  expect(screen.queryByRole('option', { name: 'Between centres' })).toBeNull();
  unmount();
  open('blank');
  expect(screen.queryByRole('option', { name: 'Recess' })).toBeNull();
  fireEvent.change(screen.getByLabelText('The thread ends'), { target: { value: 'mark' } });
  expect(placeholder('Imperfect thread length')).toBe('0.125');
});

test('proof: a nut says which threads out of class it takes, and wires are gone', () => {
  open('target', { 'proof.evidence.0.kind': 'nut' });
  expect(screen.queryByLabelText('Wires in hand')).toBeNull();
  expect(screen.getByText(/out of class: here from 0.7079 to 0.7159/)).not.toBeNull();
});

test('compound: the lathe looked at says its graduation; a reading is taken by its scale', () => {
  const lathe = usualLathe('in', 'Lathe 2');
  const bed = {
    ...lathe,
    compound: { ...lathe.compound, swivel: { ...lathe.compound.swivel, zeroAlong: 'bed' as const } },
  };
  render(
    <Planned form={{ 'thread.designation': '3/4-16 UNF-2A' }} lathe={bed}>
      <StageFields stage="compound" />
    </Planned>,
  );
  expect(screen.getByText('60.5°')).not.toBeNull();
  type('Angle from the cross slide', '60');
  expect(screen.getByText(/type “scale 60”: that is 30° from the cross slide/)).not.toBeNull();
  type('Angle from the cross slide', 'scale 61');
  expect(screen.getByText(/is 29° from the cross slide/)).not.toBeNull();
});

test('thread: several starts ask for their order', () => {
  const { unmount } = open('thread');
  expect(screen.queryByText('2 starts')).toBeNull();
  unmount();
  open('thread', { 'thread.designation': 'M20xPh5P2.5-6g' });
  expect(screen.getByText('2 starts')).not.toBeNull();
});

describe('what the rail warns of has its words in its stage', () => {
  test.each<[PlanStageId, Leaves, RegExp]>([
    // Of fields that stand on the page, that a fold hides, and that another choice took off the page.
    ['blank', { 'work.diameter': '0.7600' }, /Over the major limit/],
    ['blank', { 'work.chamfer.diameter': '0.740' }, /ends above the root/],
    ['blank', { 'work.end.reliefBy': 'printed-minor' }, /still cuts in the groove/],
    ['passes', { 'schedule.school': 'two-thirds', 'schedule.finishingInfeed': '0.0004' }, /left out there/],
    ['technique', { 'technique.speed': '400' }, /It is given as planned/],
  ])('%s %p', (stage, leaves, words) => {
    open(stage, leaves);
    expect(screen.getAllByText(words)).toHaveLength(1);
  });

  test('every warning that the checks of plans provoke stands in its stage', () => {
    const provoking: Leaves[] = [
      { 'technique.speed': '400', 'work.diameter': '0.7600', 'tool.tip.flat': '0.002' },
      { 'infeed.angle': '20', 'schedule.school': 'constant-infeed', 'schedule.largest': '0.0033' },
      { 'infeed.way': 'plunge', 'schedule.school': 'until', 'schedule.second': '0.004' },
      { 'tool.tip.kind': 'not-measured', 'work.register.diameter': '1', 'technique.drive': 'trip' },
      { 'infeed.way': 'readout', 'infeed.angle': '31', 'proof.target': '0.7030' },
    ];
    for (const leaves of provoking) {
      const all = { 'thread.designation': '3/4-16 UNF-2A', ...leaves };
      const form = Object.entries(all).reduce((made, [field, text]) => withLeaf(made, field, text), {
        ...EMPTY_PLAN_FORM,
        title: 'Test piece',
      });
      const { warnings } = readPlan(form);
      expect(warnings.length).toBeGreaterThan(0);
      for (const { field, message } of warnings) {
        const { container, unmount } = open(stageOf(field), leaves);
        expect(container.textContent).toContain(message);
        unmount();
      }
    }
  });
});

test('technique: the hand’s limit is hers to set aside, and is asked only where it binds', () => {
  const { unmount } = open('technique');
  expect(screen.queryByText('Where the hand has too little time')).toBeNull();
  expect(placeholder('Spindle speed')).toBe('70');
  unmount();
  open('technique', { 'technique.speed': '400' });
  expect(screen.getByRole('radio', { name: 'As planned: I set this limit aside' }).ariaChecked).toBe('true');
  fireEvent.click(screen.getByRole('radio', { name: 'A lathe goes slower' }));
  expect(screen.getByText(/A lathe goes slower there, and the sheet says/)).not.toBeNull();
});

test('blank: the printed minors by their root, and an own diameter', () => {
  open('blank');
  const select = screen.getByLabelText<HTMLSelectElement>('Groove cut to');
  expect([...select.options].map(({ text }) => text)).toEqual([
    expect.stringContaining('this tool’s root'),
    expect.stringContaining('flat root, basic form'),
    expect.stringContaining('rounded root, UNR'),
    expect.stringContaining('rounded root, H/6'),
    expect.stringContaining('flat root, P/8'),
  ]);
  expect(screen.getByText('The tool comes out clear.')).not.toBeNull();
  fireEvent.change(select, { target: { value: 'root-rounded-unr' } });
  expect(screen.getByText(/The tool still cuts 0\.00\d\d deep in it/)).not.toBeNull();
  type('Own diameter', '0.600');
  expect(screen.getByText('It counts, whatever is chosen above.')).not.toBeNull();
});
