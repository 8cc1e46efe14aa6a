'use client';

import {
  Bar,
  CartesianGrid,
  Cell,
  ComposedChart,
  Line,
  Tooltip,
  XAxis,
  YAxis,
  ResponsiveContainer,
} from 'recharts';
import type { Pass } from '@/core/schedule';
import { formatArea, lengthIn, type LengthUnit } from '@/core/units';
import { useShowLength } from '../units/display-unit';

/** Infeed (bars) and chip area (line) by pass. */
export default function PassChart({
  passes,
  unit,
  chosen,
  onChoose,
}: {
  passes: Pass[];
  unit: LengthUnit;
  chosen: number;
  onChoose: (n: number) => void;
}) {
  const show = useShowLength();
  const shown = show.unitOf(unit);
  const areaFactor = lengthIn({ value: 1, unit }, shown) ** 2;
  const dialUnit = show.unitOf(passes[0]?.dialInfeed.unit ?? unit);
  const data = passes.map((pass) => ({
    n: pass.n,
    infeed: lengthIn(pass.dialInfeed, dialUnit),
    chip: pass.chipArea * areaFactor,
  }));
  return (
    <figure className="flex h-full min-h-64 flex-col bg-paper-raised p-3">
      <figcaption className="flex gap-5 px-2 text-sm">
        <span className="flex items-center gap-1.5">
          <span aria-hidden className="inline-block size-3 bg-dye" />
          compound infeed, {dialUnit}
        </span>
        <span className="flex items-center gap-1.5">
          <span aria-hidden className="inline-block h-0.5 w-6 bg-brass" />
          chip area, {shown}²
        </span>
      </figcaption>
      <div
        className="min-h-0 flex-1"
        role="img"
        aria-label={`Chart of ${passes.length} passes: infeed falls from ${data[1]?.infeed.toFixed(3)} to ${data.at(-1)?.infeed.toFixed(3)} ${dialUnit} while the chip area of the roughing passes stays even.`}
      >
        <ResponsiveContainer width="100%" height="100%">
          <ComposedChart
            data={data}
            margin={{ top: 16, right: 8, bottom: 8, left: 8 }}
            accessibilityLayer={false}
          >
            <CartesianGrid stroke="var(--color-rule)" vertical={false} />
            <XAxis dataKey="n" tick={TICK} stroke="var(--color-ink-soft)" />
            <YAxis
              yAxisId="infeed"
              tick={TICK}
              stroke="var(--color-ink-soft)"
              width={58}
              tickFormatter={(value: number) => value.toFixed(dialUnit === 'in' ? 4 : 3)}
            />
            <YAxis
              yAxisId="chip"
              orientation="right"
              tick={TICK}
              stroke="var(--color-brass)"
              width={76}
              tickFormatter={(value: number) => formatArea(value, shown)}
            />
            <Tooltip
              formatter={(value, name) =>
                name === 'infeed'
                  ? `${Number(value).toFixed(dialUnit === 'in' ? 4 : 3)} ${dialUnit}`
                  : `${formatArea(Number(value), shown)} ${shown}²`
              }
              labelFormatter={(n) => `Pass ${Number(n)}`}
            />
            <Bar
              yAxisId="infeed"
              dataKey="infeed"
              isAnimationActive={false}
              onClick={(entry: { payload?: { n?: number } }) => onChoose(entry.payload?.n ?? 0)}
            >
              {data.map(({ n }) => (
                <Cell
                  key={n}
                  fill={n === chosen ? 'var(--color-brass-bright)' : 'var(--color-dye)'}
                  stroke="var(--color-dye)"
                  cursor="pointer"
                />
              ))}
            </Bar>
            <Line
              yAxisId="chip"
              dataKey="chip"
              stroke="var(--color-brass)"
              strokeWidth={2}
              dot={{ r: 3.5, fill: 'var(--color-paper-raised)' }}
              isAnimationActive={false}
            />
          </ComposedChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}

const TICK = { fontFamily: 'var(--font-figure)', fontSize: 12, fill: 'var(--color-ink)' };
