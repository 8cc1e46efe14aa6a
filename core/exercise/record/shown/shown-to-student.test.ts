import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { proposeMark } from '../../marking/propose-mark';
import { olderScheme } from '@/core/test/older-scheme';
import { goodSteps, HANDED_IN, recordOf, sheetOf, stepDone, contextOf } from '@/core/test/record';
import { isHeldBack } from '../../sheet/held-back';
import { nextAtBench } from './next-at-bench';
import { predict } from '../state/predict';
import { readEntry } from '../entry/read-entry';
import { sheetForStudent } from './shown-to-student';
import { worksheetProgress, worksheetShown } from '../state/worksheet-progress';
import type { EntryContent } from '../entry/kinds';

const sheet = sheetOf({
  'worksheet.radialDepth': 'yes',
  'worksheet.compoundFeed': 'yes',
  'worksheet.safety': 'yes',
});
const tried = (question: string, answer: string, told = false): EntryContent => ({
  kind: 'worksheet',
  question,
  answer,
  told,
});
const right = sheet.worksheet.map(({ id, expected, decimals, wanted }) =>
  tried(id, expected === null ? wanted.join('; ') : expected.toFixed(decimals)),
);
const shown = (contents: EntryContent[], of = sheet) => sheetForStudent(of, recordOf(contents), false);

describe('the worksheet', () => {
  test('nothing of the sheet is shown before it is through; handed in or marked it is', () => {
    expect(shown([])).toBeNull();
    expect(shown(right.slice(0, 2))).toBeNull();
    expect(shown(right)).not.toBeNull();
    expect(sheetForStudent(sheet, [], true)).toEqual(sheet);
    expect(shown([HANDED_IN])).toEqual(sheet);
  });

  test('what was told opens it too; a struck try does not count', () => {
    expect(shown([...right.slice(1), tried('radialDepth', '', true)])).not.toBeNull();
    const struck: EntryContent = { kind: 'strike', entryId: 'e1', reason: 'mistake' };
    expect(shown([...right, struck])).toBeNull();
  });

  test('a student sees tries and hints, and what is right only where it was found or told', () => {
    const entries = recordOf([tried('compoundFeed', sheet.radialDepth.toFixed(4)), right[0]!]);
    const { open, questions } = worksheetShown(sheet, entries);
    expect(open).toBe(false);
    const [depth, feed, safety] = questions;
    expect(depth).toMatchObject({ found: true, right: `${sheet.radialDepth.toFixed(4)} in` });
    expect(feed).toMatchObject({ found: false, right: null });
    expect(feed!.tries[0]!.says).toMatch(/cosine/);
    expect(safety).toMatchObject({ tries: [], right: null });
    expect(JSON.stringify([feed, safety])).not.toContain(sheet.compoundFeed.toFixed(4));
    expect(nextAtBench(null, entries, worksheetShown(sheet, entries))).toMatchObject({
      kind: 'worksheet',
      says: '2 of 3 still to find. Then the sheet opens.',
    });
  });

  test('only its questions are answered, and only so that they can be read', () => {
    const context = contextOf(sheet);
    expect(readEntry({ kind: 'worksheet', question: 'radialDepth', answer: 'deep' }, context)).toMatchObject({
      ok: false,
      issues: [{ field: 'answer' }],
    });
    expect(readEntry({ kind: 'worksheet', question: 'bestWire', answer: '1' }, context)).toMatchObject({
      ok: false,
      issues: [{ field: 'question' }],
    });
    expect(readEntry({ kind: 'worksheet', question: 'radialDepth', told: 'yes' }, context)).toMatchObject({
      ok: true,
      value: { told: true, answer: '' },
    });
  });

  test('is marked by its tries: found at once, after a slip, told', () => {
    const scheme = olderScheme({ worksheet: 12, setUp: 28, passes: 30, result: 30 }, undefined, [sheet]);
    const lines = (contents: EntryContent[]) =>
      proposeMark(sheet, scheme, recordOf(contents)).lines.filter(({ section }) => section === 'worksheet');
    expect(lines(right).map(({ proposed }) => proposed)).toEqual([4, 4, 4]);
    const slip = tried('compoundFeed', sheet.radialDepth.toFixed(4));
    const [, feed, safety] = lines([slip, ...right.slice(0, 2), tried('safety', '', true)]);
    expect(feed).toMatchObject({ proposed: 3, reason: 'Found at try 2. Slips: cosine-left-out.' });
    expect(safety).toMatchObject({ proposed: 0 });
    expect(lines([]).every(({ proposed, reason }) => proposed === 0 && reason.startsWith('Not seen'))).toBe(
      true,
    );
    // Eight wrong tries and then right is still worth a quarter.
    const many = Array.from({ length: 8 }, () => slip);
    expect(lines([...many, ...right])[1]!.proposed).toBe(1);
  });

  test('without one there is no section, and the sheet is open', () => {
    const plain = sheetOf();
    expect(worksheetProgress(plain, []).open).toBe(true);
    expect(olderScheme({ setUp: 30, passes: 30, result: 40 }).sections.map(({ id }) => id)).toEqual([
      'set-up',
      'passes',
      'result',
    ]);
  });
});

/** A swivel that reads 0 along the bed: 29.5 from the cross slide is 60.5 there. */
const onBed = (compound: Lathe['compound']): Lathe['compound'] => ({
  ...compound,
  swivel: { ...compound.swivel, zeroAlong: 'bed' },
});

describe('values of steps that the student has to find', () => {
  const whole = sheetOf();
  const hiding = {
    ...whole,
    steps: whole.steps.map((step) =>
      step.id === 'compound' || step.id === 'speed' || step.id === 'gearing'
        ? { ...step, shows: 'hidden' as const }
        : step,
    ),
  };
  const compound = whole.steps.find(({ id }) => id === 'compound')!;

  test('are nowhere in what the student is sent', () => {
    const sent = shown([], hiding)!;
    expect(sent.steps.find(({ id }) => id === 'compound')).toMatchObject({
      heldBack: true,
      expected: { value: 0, min: null, max: null },
    });
    expect(sent.compound.markDeg).toBe(0);
    expect(sent.speed).toMatchObject({ rpm: 0, set: '', timeInRunOut: null });
    expect(sent.gearing).toMatchObject({ levers: [], gears: [], says: [] });
    expect(sent.wires.overWires.target).toBe(0);
    expect(sent.passes.every(({ overWires }) => overWires === null)).toBe(true);
    expect(JSON.stringify(sent)).not.toContain(String(whole.wires.overWires.target));
  });

  test('nor is the speed, or a mark that is not the angle, told in any sentence', () => {
    const bed = sheetOf(
      { 'technique.speed': '47' },
      { ...usualLathe('in'), compound: onBed(usualLathe('in').compound) },
    );
    const all = { ...bed, steps: bed.steps.map((step) => ({ ...step, shows: 'hidden' as const })) };
    expect(JSON.stringify(all)).toMatch(/\b47\b/);
    expect(JSON.stringify(all)).toMatch(/\b60\.5\b/);
    const sent = JSON.stringify(shown([], all));
    expect(sent).not.toMatch(/\b47\b/);
    expect(sent).not.toMatch(/\b60\.5\b/);
  });

  test('one that shows after its entry is there when it is recorded', () => {
    expect(isHeldBack(shown([], whole)!, 'over-wires')).toBe(true);
    const after = shown([stepDone('over-wires', 0.76)], whole)!;
    expect(isHeldBack(after, 'over-wires')).toBe(false);
    expect(after.wires).toEqual(whole.wires);
  });

  test('entered without the network such a step is open, and stands in the way where it is critical', () => {
    const good = goodSteps(whole);
    const entered = recordOf(good);
    // On the device: the sheet as it was sent before anything was entered.
    const device = predict(shown([], hiding)!, entered);
    const step = (id: string, of: typeof device) => of.steps.find((each) => each.step.id === id)!;
    expect(step('compound', device).verdict).toBe('open');
    expect(device.blocks).toContainEqual(expect.objectContaining({ kind: 'open-critical', id: 'compound' }));
    // As the server has judged it: right, and the value is still not told.
    const sent = sheetForStudent(hiding, entered, false)!;
    const judged = predict(sent, entered);
    expect(step('compound', judged).verdict).toBe('right');
    expect(judged.blocks).toEqual([]);
    expect(sent.steps.find(({ id }) => id === 'compound')!.expected!.value).toBe(0);
    // A wrong one is said to be wrong.
    const wrong = recordOf(
      good.map((content) =>
        content.kind === 'step' && content.stepId === 'compound'
          ? stepDone('compound', compound.expected!.value + 31)
          : content,
      ),
    );
    expect(step('compound', predict(sheetForStudent(hiding, wrong, false)!, wrong)).verdict).toBe('wrong');
  });

  test('handed in, nothing is held back any more', () => {
    expect(shown([HANDED_IN], hiding)).toEqual(hiding);
  });
});
