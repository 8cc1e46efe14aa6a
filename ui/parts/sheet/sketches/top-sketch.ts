import { isHeldBack, TO_BE_FOUND } from '@/core/exercise/sheet/held-back';
import { sheetFrame } from '@/core/exercise/sheet/sheet-geometry';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { compoundFromAbove } from '@/core/machine/technique/from-above';
import { hasTailstock } from '@/core/machine/technique/holdings';
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
  const middleX = width / 2 - (external ? 0 : 0.6 * unit);
  const left = middleX - 3.4 * unit;
  const workLeft = left + 0.9 * unit;
  const workRight = middleX + 1.4 * unit;
  const half = external ? 0.7 * unit : 1.1 * unit;
  const wall = external ? half : 0.6 * unit;
  const down = frame.deeperTowardOperator ? 1 : -1;
  const tip = { x: middleX - 0.3 * unit, y: axis - down * (external ? 1 : -1) * wall };
  const angle = feeds ? sheet.compound.angleDeg : 0;
  const { feed, handle } = compoundFromAbove(frame, angle);
  // A bar reaches into the bore from its post, right of the work; the compound lies under the post, its handle toward you.
  const post = external ? tip : { x: workRight + 0.6 * unit, y: tip.y };
  const away = external && down === 1 ? { x: -feed.x, y: -feed.y } : handle;
  const side = { x: away.y, y: -away.x };
  const from = (along: number, aside: number) =>
    at(
      post.x + away.x * along * unit + side.x * aside * unit,
      post.y + away.y * along * unit + side.y * aside * unit,
    );
  const middle = { x: post.x + away.x * 2.35 * unit, y: post.y + away.y * 2.35 * unit };
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
      d: external
        ? `M${at(tip.x, tip.y)}L${at(tip.x + 0.28 * unit, tip.y - down * 0.5 * unit)}v${round(-down * 0.8 * unit)}h${round(-0.56 * unit)}v${round(down * 0.8 * unit)}Z`
        : `M${at(tip.x, tip.y)}L${at(tip.x + 0.2 * unit, tip.y - down * 0.3 * unit)}H${round(post.x + 0.3 * unit)}v${round(-down * 0.3 * unit)}H${round(tip.x - 0.2 * unit)}v${round(down * 0.3 * unit)}Z`,
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
        middle.x - feed.x * 0.75 * unit,
        middle.y - feed.y * 0.75 * unit,
        middle.x + feed.x * 0.75 * unit,
        middle.y + feed.y * 0.75 * unit,
      ),
      stroke: 1.2,
    },
  ];
  const knob = { x: post.x + away.x * 3.95 * unit, y: post.y + away.y * 3.95 * unit };
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
    const foot = { x: post.x + away.x * 2.3 * unit, y: post.y + away.y * 2.3 * unit };
    const back = away.y > 0 ? -1 : 1;
    paths.push({
      d: `M${at(foot.x, foot.y)}V${round(foot.y + back * 1.6 * unit)}`,
      stroke: 0.5,
      dash: [3, 2],
    });
    texts.push({
      x: foot.x - Math.sign(away.x) * 0.95 * unit,
      y: foot.y - back * 0.9 * unit,
      text: sheet.compound.offScale ? `${angle}° by protractor` : graduationText(sheet),
      size: 10,
      anchor: away.x > 0 ? 'end' : 'start',
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
