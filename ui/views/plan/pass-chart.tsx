'use client';

import { useRef, useState } from 'react';
import { Bar, CartesianGrid, ComposedChart, Line, XAxis, YAxis, ResponsiveContainer } from 'recharts';
import { formatArea } from '@/core/base/units/format-length';
import { lengthIn, type LengthUnit } from '@/core/base/units/length';
import { useShowLength } from '@/ui/units/display-unit';

/** A pass as the chart draws it; lengths and areas in mm. */
export interface ChartPass {
  n: number;
  infeed: number;
  chip: number;
  /** The limit that it comes near, in words. */
  binds: string | null;
}

/**
 * Infeed (bars) and chip area (line) by pass. A bar is dragged up or down to another infeed; a second schedule stands
 * behind it as open bars.
 */
export default function PassChart({
  passes,
  other,
  unit,
  chosen,
  onChoose,
  onInfeed,
}: {
  passes: readonly ChartPass[];
  /** A schedule to compare with. */
  other: readonly ChartPass[] | null;
  unit: LengthUnit;
  chosen: number;
  onChoose: (n: number) => void;
  /** The infeed in mm to which a bar was dragged. */
  onInfeed: (n: number, infeed: number) => void;
}) {
  const show = useShowLength();
  const shown = show.unitOf(unit);
  const scale = lengthIn({ value: 1, unit: 'mm' }, shown);
  const count = Math.max(passes.length, other?.length ?? 0);
  const data = Array.from({ length: count }, (_, index) => {
    const [pass, beside] = [passes[index], other?.[index]];
    return {
      n: index + 1,
      infeed: pass === undefined ? null : pass.infeed * scale,
      chip: pass === undefined ? null : pass.chip * scale ** 2,
      otherInfeed: beside === undefined ? null : beside.infeed * scale,
      binds: pass?.binds ?? null,
    };
  });
  const most = Math.max(...data.map(({ infeed, otherInfeed }) => Math.max(infeed ?? 0, otherInfeed ?? 0)));
  // While a bar is dragged the scale stands still, or the bar would run away from the hand.
  const [held, setHeld] = useState<number | null>(null);
  const top = held ?? most * 1.15;
  const drag = useRef<{ n: number; y: number; infeed: number; perPixel: number } | null>(null);
  const decimals = shown === 'in' ? 4 : 3;
  const last = data.findLast(({ infeed }) => (infeed ?? 0) > 0);
  return (
    <figure className="flex h-full min-h-48 flex-col">
      <figcaption className="flex flex-wrap gap-x-5 px-2 text-sm">
        <Key swatch="size-3 bg-dye" text={`infeed, ${shown}: drag a bar, the next pass takes the rest`} />
        <Key swatch="h-0.5 w-6 bg-brass" text={`chip area, ${shown}²`} />
        {other !== null && <Key swatch="size-3 border-2 border-dashed border-brass" text="compared with" />}
      </figcaption>
      <div
        className="min-h-0 flex-1 touch-none"
        role="img"
        aria-label={`Chart of ${passes.length} passes: infeed from ${data[0]?.infeed?.toFixed(decimals)} to ${last?.infeed?.toFixed(decimals)} ${shown}.`}
        onPointerMove={(event) => {
          const begun = drag.current;
          if (begun === null) return;
          const infeed = begun.infeed + (begun.y - event.clientY) * begun.perPixel;
          onInfeed(begun.n, Math.max(0, infeed) / scale);
        }}
        onPointerUp={() => {
          drag.current = null;
          setHeld(null);
        }}
      >
        <ResponsiveContainer width="100%" height="100%">
          <ComposedChart
            data={data}
            margin={{ top: 14, right: 0, bottom: 0, left: 0 }}
            accessibilityLayer={false}
            barGap={1}
          >
            <CartesianGrid stroke="var(--color-rule)" vertical={false} />
            <XAxis dataKey="n" tick={TICK} stroke="var(--color-ink-soft)" />
            <YAxis
              yAxisId="infeed"
              domain={[0, top]}
              tick={TICK}
              stroke="var(--color-ink-soft)"
              width={54}
              tickFormatter={(value: number) => value.toFixed(decimals)}
            />
            <YAxis
              yAxisId="chip"
              orientation="right"
              tick={TICK}
              stroke="var(--color-brass)"
              width={72}
              tickFormatter={(value: number) => formatArea(value, shown)}
            />
            <Bar
              yAxisId="infeed"
              dataKey="infeed"
              isAnimationActive={false}
              shape={(given) => {
                const bar = given as unknown as BarShape;
                const { n, infeed } = bar.payload;
                return (
                  <DragBar
                    bar={bar}
                    chosen={n === chosen}
                    onGrasp={(y) => {
                      onChoose(n);
                      if (bar.height <= 0 || infeed === null) return;
                      setHeld(top);
                      drag.current = { n, y, infeed, perPixel: infeed / bar.height };
                    }}
                  />
                );
              }}
            />
            {other !== null && (
              <Bar
                yAxisId="infeed"
                dataKey="otherInfeed"
                isAnimationActive={false}
                fill="none"
                stroke="var(--color-brass)"
                strokeWidth={2}
                strokeDasharray="4 3"
              />
            )}
            <Line
              yAxisId="chip"
              dataKey="chip"
              stroke="var(--color-brass)"
              strokeWidth={2}
              dot={{ r: 3, fill: 'var(--color-paper-raised)' }}
              isAnimationActive={false}
              style={{ pointerEvents: 'none' }}
            />
          </ComposedChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}

function Key({ swatch, text }: { swatch: string; text: string }) {
  return (
    <span className="flex items-center gap-1.5">
      <span aria-hidden className={`inline-block ${swatch}`} />
      {text}
    </span>
  );
}

interface BarShape {
  x: number;
  y: number;
  width: number;
  height: number;
  payload: { n: number; infeed: number | null; binds: string | null };
}

/** A bar with a handle on its top as wide as a finger needs. */
function DragBar({
  bar: { x, y, width, height, payload },
  chosen,
  onGrasp,
}: {
  bar: BarShape;
  chosen: boolean;
  onGrasp: (y: number) => void;
}) {
  const tall = Math.max(height, 0);
  return (
    <g
      data-pass={payload.n}
      style={{ cursor: tall > 0 ? 'ns-resize' : 'pointer' }}
      onPointerDown={(event) => {
        event.preventDefault();
        onGrasp(event.clientY);
      }}
    >
      <rect
        x={x}
        y={y}
        width={width}
        height={tall}
        fill={chosen ? 'var(--color-brass-bright)' : 'var(--color-dye)'}
        stroke="var(--color-dye)"
      />
      {payload.binds !== null && (
        <path d={`M${x - 1} ${y} h${width + 2}`} stroke="var(--color-nogo)" strokeWidth="3" />
      )}
      <rect x={x - 2} y={y - 12} width={width + 4} height={tall + 16} fill="transparent" />
    </g>
  );
}

const TICK = { fontFamily: 'var(--font-figure)', fontSize: 12, fill: 'var(--color-ink)' };
