import { drawnBlank } from '@/core/exercise/sheet/drawn-blank';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import type { ShowLength } from '@/ui/units/show-length';
import { blankSketch } from './sketches/blank-sketch';
import { dialSketch } from './sketches/dial-sketch';
import { gearSketch } from './sketches/gear-sketch';
import type { Sketch } from './sketches/sketch';
import { topSketch } from './sketches/top-sketch';

/** The drawings of the front page in a row: the blank, from above, and what of dial and gears there is. */
export function sheetSketches(
  sheet: Sheet,
  show: ShowLength,
  height: number,
): { title: string; sketch: Sketch }[] {
  const blank = drawnBlank(sheet);
  const { dial, gearing, thread } = sheet;
  const figures = (value: number) => show.figures(value, thread.unit);
  return [
    ...(blank === null ? [] : [{ title: 'Blank', sketch: blankSketch(blank, figures, 200, height) }]),
    { title: 'From above', sketch: topSketch(sheet, 170, height) },
    ...(dial.marks.length > 0 && dial.use !== 'any-place'
      ? [{ title: 'Thread dial', sketch: dialSketch(dial, Math.min(height, 130)) }]
      : []),
    ...(gearing.gears.length > 0 ? [{ title: 'Gears', sketch: gearSketch(gearing, 150, height) }] : []),
  ];
}
