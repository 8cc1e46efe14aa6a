import { render } from '@testing-library/react';
import type { EntryContent } from '@/core/exercise/record/entry/kinds';
import { sheetForStudent } from '@/core/exercise/record/shown/shown-to-student';
import { worksheetShown } from '@/core/exercise/record/state/worksheet-progress';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { HANDED_IN, recordOf, sheetOf } from '@/core/test/record';
import { showLengthIn } from '@/ui/units/show-length';
import { SetupSheet } from './setup-sheet';
import { machineFacts, passLines, proofLines, stepLines, threadFacts } from './sheet-facts';
import { sheetFiles } from './sheet-files';
import { sheetSketches } from './sheet-sketches';
import { sectionSketch } from './sketches/section-sketch';
import { svgOfSketch } from './sketches/svg-of-sketch';

const show = showLengthIn('own');

/** A sheet of which every step is hidden from its student. */
const hidden = (change: object): Sheet => {
  const sheet = sheetOf(change as never);
  return { ...sheet, steps: sheet.steps.map((step) => ({ ...step, shows: 'hidden' as const })) };
};

/** What a step should come out at, in every form in which it is written anywhere. */
function formsOf(sheet: Sheet): [string, string[]][] {
  return sheet.steps.flatMap(({ id, expected }): [string, string[]][] => {
    // The pitch stands in the name of the thread; nobody can hide it.
    if (expected === null || id === 'pitch-check') return [];
    const { value, unit } = expected;
    if (unit === 'rpm') return [[id, [`${value} rpm`, `"rpm":${value}`, `"asked":${value}`]]];
    if (unit === '°') return [[id, [`${value}°`, `"angleDeg":${value},"markDeg"`, `"markDeg":${value}`]]];
    return [[id, [String(value), value.toFixed(4), value.toFixed(3)].filter((text) => text.length >= 5)]];
  });
}

/** Everything that a student's device and paper are given of a sheet. */
function outputsOf(sheet: Sheet): Record<string, string> {
  const facts = [
    threadFacts(sheet, show),
    machineFacts(sheet),
    stepLines(sheet),
    passLines(sheet, show),
    proofLines(sheet),
  ];
  const printed = render(
    <SetupSheet sheet={sheet} revision={1} student="One" tryNumber={1} back="/" files={sheetFiles('/x')} />,
  );
  const html = printed.container.innerHTML;
  printed.unmount();
  return {
    'JSON of the sheet': JSON.stringify(sheet),
    'lines of paper and PDF': JSON.stringify(facts),
    'set-up sheet on the screen': html,
    'its sketches': sheetSketches(sheet, show, 120)
      .map((each) => JSON.stringify(each))
      .join(),
    'section in the PDF': svgOfSketch(sectionSketch(sheet, 240, 116)),
  };
}

/** Every number in a value, with the place at which it stands. */
function numbersOf(value: unknown, place = ''): { place: string; value: number }[] {
  if (typeof value === 'number') return [{ place, value }];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([name, inner]) => numbersOf(inner, `${place}.${name}`));
}

const SHEETS = {
  'outside, inch, with a groove': {},
  'inside, metric': { 'thread.designation': 'M16x2-6H' },
  'outside, metric, compound counts from the bed': { 'thread.designation': 'M20x2.5-6g' },
  'outside, a trapezoid': { 'thread.designation': 'Tr20x4-7e' },
};

test.each(Object.entries(SHEETS))(
  '%s: with every step hidden no output tells a value that is to be found',
  (_, change) => {
    const whole = hidden(change);
    const shown = sheetForStudent(whole, [], false)!;
    const forms = formsOf(whole);
    expect(forms.map(([id]) => id)).toEqual(
      expect.arrayContaining(
        ['over-wires', 'blank', 'run-out', 'speed', 'compound', 'tip'].filter((id) =>
          whole.steps.some((step) => step.id === id && step.expected !== null),
        ),
      ),
    );
    const told = Object.entries(outputsOf(shown)).flatMap(([output, text]) =>
      forms.flatMap(([id, all]) =>
        all.filter((form) => text.includes(form)).map((form) => `${output}: ${id} ${form}`),
      ),
    );
    expect(told).toEqual([]);
    // Nor does a number, rounded otherwise. The angle of the feed is given: the bench reckons with it.
    const lengths = whole.steps.flatMap(({ id, expected }) =>
      expected !== null && (expected.unit === 'in' || expected.unit === 'mm')
        ? [[id, expected.value] as const]
        : [],
    );
    const near = numbersOf(shown).filter(({ value }) =>
      lengths.some(([, wanted]) => Math.abs(value - wanted) < 2e-4 * wanted),
    );
    expect(near).toEqual([]);
    // The test can tell: of the whole sheet each of these outputs tells some.
    const open = Object.entries(outputsOf(whole)).filter(([, text]) =>
      forms.some(([, all]) => all.some((form) => text.includes(form))),
    );
    expect(open.length).toBeGreaterThanOrEqual(3);
    // Its drawing, which is to scale, is not made at all.
    expect(shown.blank).toBeNull();
  },
);

test('told is told: what a hand-in has shown is no find afterwards, though it was struck out', () => {
  const sheet = sheetOf({ 'worksheet.radialDepth': 'yes', 'worksheet.compoundFeed': 'yes' });
  const tried = (question: string, answer: string): EntryContent => ({
    kind: 'worksheet',
    question,
    answer,
    told: false,
  });
  const struck: EntryContent = { kind: 'strike', entryId: 'e2', reason: 'mistake' };
  const record = recordOf([
    tried('radialDepth', sheet.radialDepth.toFixed(4)),
    HANDED_IN,
    struck,
    tried('compoundFeed', sheet.compoundFeed.toFixed(4)),
  ]);
  expect(record[1]?.id).toBe('e2');
  const { questions, open } = worksheetShown(sheet, record);
  expect(open).toBe(true);
  // Found before the hand-in; the other one was told by it.
  expect(questions.map(({ found }) => found)).toEqual([true, false]);
  expect(sheetForStudent(sheet, record, false)).toEqual(sheet);
});
