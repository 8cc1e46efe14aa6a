import { gearOutline, layGears } from '@/core/machine/gearing/gear-layout';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { gearChain } from '../../machine/gear-chain';
import { at, circle, type Sketch } from './sketch';

/** Change gears to scale, meshing tooth in gap. */
export function gearSketch(
  gearing: Pick<Sheet['gearing'], 'gears' | 'idlers'>,
  width: number,
  height: number,
): Sketch {
  const chain = gearChain(gearing);
  const placed = layGears(chain);
  const edge = (
    of: (gear: (typeof placed)[number], r: number) => number,
    pick: (...all: number[]) => number,
  ) => pick(...placed.map((gear) => of(gear, gear.teeth / 2 + 1)));
  const left = edge(({ x }, r) => x - r, Math.min);
  const right = edge(({ x }, r) => x + r, Math.max);
  const top = edge(({ y }, r) => y - r, Math.min);
  const bottom = edge(({ y }, r) => y + r, Math.max);
  const scale = Math.min((width - 8) / (right - left), (height - 30) / (bottom - top));
  const x = (value: number) => width / 2 + (value - (left + right) / 2) * scale;
  const y = (value: number) => height / 2 + (value - (top + bottom) / 2) * scale;
  return {
    title: `Gears to scale: ${chain.map(({ place, teeth }) => `${place} ${teeth} teeth`).join(', ')}.`,
    width,
    height,
    paths: placed.flatMap((gear, index) => {
      const points = gearOutline(gear.teeth, gear.phase).map((point) =>
        at(x(gear.x + point.x), y(gear.y + point.y)),
      );
      const idle = chain[index]?.role === 'idler';
      return [
        {
          d: `M${points.join('L')}Z`,
          stroke: 0.6,
          fill: chain[index]?.same === true ? 0.88 : 0.96,
          ...(idle && { dash: [3, 2] }),
        },
        { d: circle(x(gear.x), y(gear.y), 2.5), stroke: 0.8 },
      ];
    }),
    texts: placed.flatMap((gear, index) => {
      const same = chain[index]?.same === true;
      const below = index % 2 === 1;
      return [
        {
          x: x(gear.x),
          y: y(gear.y) + (same ? 14 : -6),
          text: String(gear.teeth),
          size: 10,
          anchor: 'middle' as const,
          bold: true,
        },
        {
          x: Math.min(width - 30, Math.max(30, x(gear.x))),
          y: below
            ? Math.min(height - 2, y(gear.y + gear.teeth / 2) + 10)
            : Math.max(8, y(gear.y - gear.teeth / 2) - 4),
          text: chain[index]?.place ?? '',
          size: 7.5,
          anchor: 'middle' as const,
        },
      ];
    }),
  };
}
