import { partOf, type PartSaid } from '@/core/machine/blank/part-shape';
import { blankSketch } from './blank-sketch';

const M14: PartSaid = {
  side: 'external',
  nominalDiameter: 14,
  diameter: 14,
  root: 11.284,
  relief: 11.284,
  end: 'groove',
  endLength: 6,
  threadLength: null,
  chamfer: { angleDeg: null, diameter: null },
  register: { diameter: 16, length: 8, at: 'behind', made: 'after' },
};

/** What stands under the drawing: it is fixed by what is drawn above it. */
const notesOf = (said: PartSaid, width: number, height = 150) =>
  blankSketch(partOf(said), (length) => length.toFixed(3), width, height).texts.filter(
    ({ size }) => size === 8.5,
  );

test.each([200, 260, 420])('every note finds room in a drawing %s wide, and none is left out', (width) => {
  const notes = notesOf(M14, width);
  for (const { text, x, y } of notes) {
    expect(text.length * 0.6 * 8.5).toBeLessThanOrEqual(2 * Math.min(x, width - x));
    expect(y).toBeLessThanOrEqual(150);
  }
  expect(notes.map(({ text }) => text).join(' ')).toMatch(
    /blank Ø 14\.000 +groove Ø 11\.284 +chamfer to Ø 11\.284 +register Ø 16\.000 × 8\.000, +after the thread/,
  );
});

test('short notes share a line', () =>
  expect(
    notesOf({ ...M14, register: { ...M14.register, diameter: null } }, 200).map(({ text }) => text),
  ).toEqual(['blank Ø 14.000   groove Ø 11.284', 'chamfer to Ø 11.284']));
