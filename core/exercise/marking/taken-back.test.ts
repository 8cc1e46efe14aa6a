import type { Entry } from '../record/entry/entry';
import type { EntryContent } from '../record/entry/kinds';
import { cutOf, goodSteps, recordOf, SCHEME, sheetOf } from '@/core/test/record';
import { proposeMark } from './propose-mark';

const sheet = sheetOf();
const hold = sheet.steps.find(({ kind }) => kind === 'sign-off')!;
const SIGNED = { kind: 'sign-off', stepId: hold.id } as const;
const BACK = { kind: 'sent-back', stepId: hold.id, reason: 'mind the gloves', stands: null } as const;

/** The points of the hold point, after these looks and then a cut. */
function pointsAfter(looks: EntryContent[]): number | undefined {
  const steps = goodSteps(sheet).slice(0, sheet.steps.indexOf(hold));
  const entries: Entry[] = [
    ...recordOf(steps),
    ...recordOf(looks, 'instructor'),
    ...recordOf([cutOf(sheet.passes[0]!)]),
  ].map((entry, index) => ({ ...entry, id: `e${index + 1}` }));
  return proposeMark(sheet, SCHEME, entries).lines.find(({ id }) => id === `step:${hold.id}`)?.proposed;
}

test('a signature after which the step was sent back earns nothing, until it is signed again', () => {
  expect(pointsAfter([SIGNED])).toBeGreaterThan(0);
  expect(pointsAfter([BACK])).toBe(0);
  expect(pointsAfter([SIGNED, BACK])).toBe(0);
  expect(pointsAfter([SIGNED, BACK, SIGNED])).toBe(pointsAfter([SIGNED]));
});
