import type { Sheet } from '@/core/exercise/sheet/sheet';
import { at, circle, type Sketch, type SketchPath, type SketchText } from './sketch';

/** The thread dial with the machine's labels: marks of the first safe set are thick and their labels bold. */
export function dialSketch(dial: Sheet['dial'], size: number): Sketch {
  const centre = size / 2;
  const r = size / 2 - 14;
  const paths: SketchPath[] = [{ d: circle(centre, centre, r), stroke: 1 }];
  const texts: SketchText[] = [];
  for (const { label, at: place, group } of dial.marks) {
    const [over = '0', under = '1'] = place.split('/');
    const angle = (2 * Math.PI * Number(over)) / Number(under);
    const point = (radius: number) =>
      at(centre + radius * Math.sin(angle), centre - radius * Math.cos(angle));
    const safe = group === 0;
    paths.push({
      d: `M${point(r)}L${point(r - (label === '' ? 8 : 12))}`,
      stroke: safe ? 2.6 : 0.6,
      ...(safe ? {} : { dash: [2, 1.5] }),
    });
    if (label !== '')
      texts.push({
        x: centre + (r - 19) * Math.sin(angle),
        y: centre - (r - 19) * Math.cos(angle) + 3,
        text: label,
        size: 9,
        anchor: 'middle',
        bold: safe,
      });
  }
  const safe = dial.marks.filter(({ group }) => group === 0).map(({ name }) => name);
  return { title: `Thread dial, safe: ${safe.join(', ')}.`, width: size, height: size, paths, texts };
}
