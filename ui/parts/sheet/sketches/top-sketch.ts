import { isHeldBack, TO_BE_FOUND } from '@/core/exercise/sheet/held-back';
import { sheetFrame } from '@/core/exercise/sheet/sheet-geometry';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { hasTailstock } from '@/core/machine/technique/holdings';
import { radians } from '@/core/base/units/angle';
import { at, circle, round, type Sketch, type SketchPath, type SketchText } from './sketch';

const graduationText = (sheet: Sheet) =>
  isHeldBack(sheet, 'compound') ? `set ${TO_BE_FOUND}` : `set ${Number(sheet.compound.markDeg.toFixed(2))}°`;

/** From above, the operator below: chuck, work, tool and compound with its graduation. The angle is true, the rest schematic. */
export function topSketch(sheet: Sheet, width: number, height: number): Sketch {
  const frame = sheetFrame(sheet);
  const external = sheet.thread.side === 'external';
  const feeds = sheet.feed.slide === 'compound';
  const unit = Math.min(width / 8.2, height / 7.4);
  const axis = 2.3 * unit;
  const left = width / 2 - 3.4 * unit;
  const workLeft = left + 0.9 * unit;
  const workRight = width / 2 + 1.4 * unit;
  const half = external ? 0.7 * unit : 1.1 * unit;
  const wall = external ? half : 0.6 * unit;
  const down = frame.deeperTowardOperator ? 1 : -1;
  const tip = { x: width / 2 - 0.3 * unit, y: axis - down * (external ? 1 : -1) * wall };
  const angle = feeds ? sheet.compound.angleDeg : 0;
  const feed = { x: feeds ? -frame.fed * Math.sin(radians(angle)) : 0, y: down * Math.cos(radians(angle)) };
  const side = { x: -feed.y, y: feed.x };
  const from = (along: number, aside: number) =>
    at(
      tip.x - feed.x * along * unit + side.x * aside * unit,
      tip.y - feed.y * along * unit + side.y * aside * unit,
    );
  const rect = (a: number, b: number, c: number, d: number) =>
    `M${at(a, b)}H${round(c)}V${round(d)}H${round(a)}Z`;
  const paths: SketchPath[] = [
    { d: rect(left, axis - 1.9 * unit, workLeft, axis + 1.9 * unit), stroke: 0.9, fill: 0.85 },
    ...(external
      ? [{ d: rect(workLeft, axis - half, workRight, axis + half), stroke: 0.9, fill: 0.95 }]
      : [
          { d: rect(workLeft, axis - half, workRight, axis - wall), stroke: 0.9, fill: 0.95 },
          { d: rect(workLeft, axis + wall, workRight, axis + half), stroke: 0.9, fill: 0.95 },
        ]),
    { d: `M${at(left - 6, axis)}H${round(workRight + 14)}`, stroke: 0.5, dash: [8, 2, 2, 2] },
    ...(hasTailstock(sheet.way.holding)
      ? [
          {
            d: `M${at(workRight - 4, axis)}l8 -6h${round(1.1 * unit)}v12h${round(-1.1 * unit)}Z`,
            stroke: 0.9,
            fill: 0.85,
          },
        ]
      : []),
    // Square to the axis, whatever the angle of the compound.
    {
      d: `M${at(tip.x, tip.y)}L${at(tip.x + 0.28 * unit, tip.y - down * 0.5 * unit)}v${round(-down * 0.8 * unit)}h${round(-0.56 * unit)}v${round(down * 0.8 * unit)}Z`,
      stroke: 0.9,
      fill: 1,
    },
    {
      d: `M${from(1.1, 0.65)}L${from(3.6, 0.65)}L${from(3.6, -0.65)}L${from(1.1, -0.65)}Z`,
      stroke: 0.9,
      fill: 0.9,
    },
    {
      d: arrow(
        tip.x - feed.x * 3.1 * unit,
        tip.y - feed.y * 3.1 * unit,
        tip.x - feed.x * 1.6 * unit,
        tip.y - feed.y * 1.6 * unit,
      ),
      stroke: 1.2,
    },
  ];
  const knob = { x: tip.x - feed.x * 3.95 * unit, y: tip.y - feed.y * 3.95 * unit };
  paths.push({ d: circle(knob.x, knob.y, 0.32 * unit), stroke: 0.9 });
  const cut = frame.leading === 1 ? -1 : 1;
  const cutFrom = workRight - (cut === 1 ? 1.8 * unit : 0);
  paths.push({
    d: arrow(cutFrom, axis - 1.45 * unit, cutFrom + cut * 1.8 * unit, axis - 1.45 * unit),
    stroke: 1.2,
  });
  const texts: SketchText[] = [
    {
      x: cutFrom + cut * 0.9 * unit,
      y: axis - 1.7 * unit,
      text: frame.leading === 1 ? 'cut to headstock' : 'cut from headstock',
      size: 7.5,
      anchor: 'middle',
    },
  ];
  if (feeds) {
    // The cross slide's own direction, against which the angle is counted.
    const foot = { x: tip.x - feed.x * 2.3 * unit, y: tip.y - feed.y * 2.3 * unit };
    paths.push({
      d: `M${at(foot.x, foot.y)}V${round(foot.y + down * 1.6 * unit)}`,
      stroke: 0.5,
      dash: [3, 2],
    });
    texts.push({
      x: foot.x - frame.fed * 0.95 * unit,
      y: foot.y + down * -1 * 0.9 * unit,
      text: sheet.compound.offScale ? `${angle}° by protractor` : graduationText(sheet),
      size: 10,
      anchor: frame.fed === 1 ? 'end' : 'start',
      bold: true,
    });
  }
  return {
    title: feeds
      ? `Top view: ${sheet.words.compound} ${angle} degrees from the axis of the ${sheet.words.crossSlide}, ${graduationText(sheet)}.`
      : `Top view: the ${sheet.words.crossSlide} feeds straight in.`,
    width,
    height,
    paths,
    texts,
  };
}

/** A line with a head at its end. */
function arrow(x1: number, y1: number, x2: number, y2: number): string {
  const angle = Math.atan2(y2 - y1, x2 - x1);
  const head = (turn: number) => at(x2 - 6 * Math.cos(angle + turn), y2 - 6 * Math.sin(angle + turn));
  return `M${at(x1, y1)}L${at(x2, y2)}M${head(0.45)}L${at(x2, y2)}L${head(-0.45)}`;
}
