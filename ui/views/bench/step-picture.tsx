import type { ReactNode } from 'react';
import { drawnBlank } from '@/core/exercise/sheet/drawn-blank';
import type { SheetStep } from '@/core/exercise/sheet/sheet-step';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { blankSketch } from '@/ui/parts/sheet/sketches/blank-sketch';
import { dialSketch } from '@/ui/parts/sheet/sketches/dial-sketch';
import { gearSketch } from '@/ui/parts/sheet/sketches/gear-sketch';
import { sectionSketch } from '@/ui/parts/sheet/sketches/section-sketch';
import { SketchSvg } from '@/ui/parts/sheet/sketches/sketch-svg';
import type { Sketch } from '@/ui/parts/sheet/sketches/sketch';
import { topSketch } from '@/ui/parts/sheet/sketches/top-sketch';
import { useShowLength, type ShowLength } from '@/ui/units/display-unit';

const FROM_ABOVE = /compound|swivel|travel|tool-square|side|backlash|slack/;
const BLANK = /blank|bore|work|run-out|groove|recess|chamfer|held|holding|register/;
const TRAIN = /gear|lever|drive/;
const DIAL = /dial|mark|dry-run/;

/** The drawing that belongs to a step, to scale, or what else is to be seen; what the step keeps hidden is not drawn. */
export function StepPicture({
  sheet,
  step,
  otherwise,
}: {
  sheet: Sheet;
  step: SheetStep;
  otherwise: ReactNode;
}) {
  const show = useShowLength();
  const sketch = step.shows === 'shown' ? sketchOf(sheet, step, show) : null;
  return sketch === null ? (
    otherwise
  ) : (
    <figure className="grid gap-1">
      <SketchSvg sketch={sketch} className="w-full border border-rule bg-white" />
      <figcaption className="label text-ink-soft">{sketch.title}</figcaption>
    </figure>
  );
}

function sketchOf(sheet: Sheet, { id }: SheetStep, show: ShowLength): Sketch | null {
  const blank = drawnBlank(sheet);
  const { dial, gearing, thread } = sheet;
  if (TRAIN.test(id) && gearing.gears.length > 0) return gearSketch(gearing, 260, 260);
  if (DIAL.test(id) && dial.marks.length > 0) return dialSketch(dial, 200);
  if (FROM_ABOVE.test(id)) return topSketch(sheet, 260, 240);
  if (BLANK.test(id) && blank !== null)
    return blankSketch(blank, (value) => show.figures(value, thread.unit), 260, 200);
  return /tool|tip|touch|zero|scratch|dye/.test(id) ? sectionSketch(sheet, 260, 180) : null;
}
