'use client';

import { useId } from 'react';
import { outerRadius, outline, type PartShape, type Point } from '@/core/machine/blank/part-shape';
import { type Holding, HOLDING_DATA } from '@/core/machine/technique/holdings';
import type { LengthUnit } from '@/core/base/units/length';
import { scaleBarFor } from '@/ui/drawing/section-geometry';
import { DrawingFrame } from '@/ui/kit/drawing-frame';
import { useSize } from '@/ui/kit/use-size';
import { useSay } from '@/ui/kit/shop-words';
import { useShowLength } from '@/ui/units/display-unit';

const END_WORDS: Record<PartShape['end'], string> = {
  groove: 'run-out groove',
  recess: 'recess',
  mark: 'imperfect thread',
  through: 'free behind',
  boss: 'boss',
};

/** The part from the side, half in section where it is a bore, to scale; held as chosen where that is shown. */
export function PartDrawing({
  part,
  unit,
  holding,
  title,
}: {
  part: PartShape;
  unit: LengthUnit;
  holding: Holding | null;
  title: string;
}) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 720, height: 420 });
  const show = useShowLength();
  const say = useSay();
  const hatch = useId();
  const { width, height } = size;
  const { points, length, threadFrom, registerLater } = outline(part);
  const threadTo = threadFrom + part.threadLength;
  const external = part.side === 'external';
  const outer = outerRadius(part, points);
  const held = holding === null ? 0 : 0.9 * part.diameter;
  const free = part.end === 'through' ? part.endLength : 0;
  const whole = length + free + held + (holding === null ? 0.15 : 0.7) * part.diameter;
  const scale = Math.min((width - 90) / whole, (height - 130) / (2 * outer * (holding === null ? 1.1 : 1.5)));
  const axis = height / 2;
  const right = width / 2 + (whole * scale) / 2 - (holding === null ? 0 : 0.55 * part.diameter * scale);
  const x = (z: number) => right - z * scale;
  const y = (r: number) => axis - r * scale;
  const half = (list: readonly Point[], sign: 1 | -1) => list.map(([z, r]) => `${x(z)},${y(sign * r)}`);
  const upper = half(points, 1);
  const lower = half(points, -1);
  const wall = external
    ? [`M${upper.join('L')}L${lower.toReversed().join('L')}Z`]
    : [1, -1].map((sign) => {
        const inner = half(points, sign as 1 | -1);
        const end = part.end === 'through' ? length : length + 0.2 * part.diameter;
        const bottom = part.end === 'through' ? '' : `L${x(length)},${axis}L${x(end)},${axis}`;
        return `M${x(0)},${y(sign * outer)}L${inner.join('L')}${bottom}L${x(end)},${y(sign * outer)}Z`;
      });
  const bodyEnd = external || part.end === 'through' ? length : length + 0.2 * part.diameter;
  // Jaws stand outside a bore's block: its dimensions lie inside the bore then.
  const dimensionAt = (line: 1 | 2) =>
    external || holding === null ? y(outer) - 22 * line : y(part.diameter / 2) + 14 + 22 * line;
  const label = (value: number) => `${show.figures(value, unit)}`;
  return (
    <div ref={ref} className="h-full min-h-0 contain-strict">
      <DrawingFrame
        title={title}
        description={`${external ? 'Blank' : 'Bore'} ${label(part.diameter)}, thread ${label(part.threadLength)} long, then ${END_WORDS[part.end]} of ${label(part.endLength)}.`}
        viewBox={{ width, height }}
        scale={scaleBarFor(scale, width, unit)}
        scaleAt={{ x: 14, y: height - 12 }}
      >
        <pattern id={hatch} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="7" height="7" fill="var(--color-dye)" />
          <path d="M0 0 V7" stroke="var(--color-dye-soft)" strokeWidth="2" />
        </pattern>
        {wall.map((d) => (
          <path
            key={d}
            d={d}
            fill={`url(#${hatch})`}
            stroke="var(--color-scribe)"
            strokeWidth="2"
            data-part="work"
          />
        ))}
        <ThreadLines part={part} from={threadFrom} x={x} y={y} />
        {registerLater.length > 0 &&
          [1, -1].map((sign) => (
            <path
              key={sign}
              d={`M${half(registerLater, sign as 1 | -1).join('L')}`}
              fill="none"
              stroke="var(--color-scribe)"
              strokeDasharray="6 4"
              data-part="register-later"
            />
          ))}
        {holding !== null && (
          <Held
            holding={holding}
            part={part}
            outer={outer}
            bodyEnd={bodyEnd + free}
            x={x}
            y={y}
            axis={axis}
            scale={scale}
          />
        )}
        <path
          d={`M${x(-0.3 * part.diameter)} ${axis}H${x(bodyEnd + 0.3 * part.diameter)}`}
          stroke="var(--color-scribe-dim)"
          strokeDasharray="12 4 3 4"
        />
        <Dimension
          from={x(threadTo)}
          to={x(threadFrom)}
          at={dimensionAt(1)}
          text={`thread ${part.threadLengthKnown ? label(part.threadLength) : 'as long as drawn'}`}
        />
        {part.end !== 'through' && (
          <Dimension
            from={x(threadTo + part.endLength)}
            to={x(threadTo)}
            at={dimensionAt(2)}
            text={`${say(END_WORDS[part.end])} ${label(part.endLength)}`}
          />
        )}
        {part.end === 'through' && (
          <Dimension
            from={x(length + part.endLength)}
            to={x(length)}
            at={dimensionAt(2)}
            text={`${END_WORDS.through} ${label(part.endLength)}`}
          />
        )}
        <g fill="var(--color-scribe)" className="figures" fontSize="14">
          <text x={x(threadFrom + part.threadLength / 2)} y={y(-outer) + 24} textAnchor="middle">
            {external ? 'blank' : 'bore'} ⌀ {label(part.diameter)}
          </text>
          {(part.end === 'groove' || part.end === 'recess') && (
            <text x={x(threadTo + part.endLength / 2)} y={y(-outer) + 44} textAnchor="middle">
              {END_WORDS[part.end] === 'recess' ? 'recess' : 'groove'} ⌀ {label(part.relief)}
            </text>
          )}
          {part.register !== null && (
            <text
              x={Math.min(
                x(registerMiddle(part, threadTo)),
                width - (part.register.made === 'after' ? 150 : 80),
              )}
              y={y(-outer) + 64}
              textAnchor="middle"
            >
              register ⌀ {label(part.register.diameter)}
              {part.register.made === 'after' ? ', after the thread' : ''}
            </text>
          )}
        </g>
      </DrawingFrame>
    </div>
  );
}

/** Along the axis, where the register has its middle. */
function registerMiddle({ register, end, endLength }: PartShape, threadTo: number): number {
  if (register === null) return 0;
  if (register.at === 'mouth') return register.length / 2;
  return threadTo + (end === 'through' ? 0 : endLength) + register.length / 2;
}

type Place = { x: (z: number) => number; y: (r: number) => number };

/** The thread as drawings show it: its root as thin lines, fading out where it is imperfect. */
function ThreadLines({ part, from, x, y }: { part: PartShape; from: number } & Place) {
  const { root, threadLength, end, endLength, diameter } = part;
  const to = from + threadLength;
  const fade = end === 'mark' ? `L${x(to + endLength)},` : null;
  return (
    <g stroke="var(--color-brass-bright)" strokeWidth="1.25" fill="none" data-part="thread">
      {[1, -1].map((sign) => (
        <path
          key={sign}
          d={`M${x(from)},${y((sign * root) / 2)}L${x(to)},${y((sign * root) / 2)}${fade === null ? '' : `${fade}${y((sign * diameter) / 2)}`}`}
        />
      ))}
    </g>
  );
}

/** Chuck, centre, dog or plate, by the holding. Schematic but for the part itself. */
function Held({
  holding,
  part,
  outer,
  bodyEnd,
  x,
  y,
  axis,
  scale,
}: {
  holding: Holding;
  part: PartShape;
  outer: number;
  bodyEnd: number;
  axis: number;
  scale: number;
} & Place) {
  const external = part.side === 'external';
  const gap = part.end === 'through' && !external ? part.endLength : 0;
  const reach = 0.45 * part.diameter;
  const metal = { fill: 'var(--color-dye-soft)', stroke: 'var(--color-scribe)', strokeWidth: 1.5 };
  // Outside the shoulder stands against the jaws, which hold a smaller step; a bore's block is held on its outside.
  const step = external ? 0.8 * outer : outer;
  const begin = external ? bodyEnd : bodyEnd - gap - 0.35 * part.diameter;
  const plateAt = bodyEnd + (external ? reach : 0);
  const jaw = (sign: 1 | -1) => (
    <path
      key={sign}
      {...metal}
      d={`M${x(begin)},${y(sign * step)}H${x(plateAt)}V${y(sign * (step + 0.35 * part.diameter))}H${x(begin)}Z`}
    />
  );
  const left = x(plateAt);
  const plate = (
    <>
      {external && (
        <rect
          x={left}
          y={y(step)}
          width={reach * scale}
          height={2 * step * scale}
          fill="var(--color-dye)"
          stroke="var(--color-scribe)"
          strokeWidth="1.5"
        />
      )}
      <rect
        {...metal}
        x={left - 0.35 * part.diameter * scale}
        y={y(outer + 0.4 * part.diameter)}
        width={0.35 * part.diameter * scale}
        height={2 * (outer + 0.4 * part.diameter) * scale}
      />
    </>
  );
  const centre = (at: number, toLeft: boolean) => {
    const way = toLeft ? -1 : 1;
    const tip = x(at) - way * 2;
    const big = 0.22 * part.diameter * scale;
    return (
      <path
        {...metal}
        d={`M${tip},${axis}L${tip + way * big},${axis - big * 0.58}H${tip + way * 2.6 * big}V${axis + big * 0.58}H${tip + way * big}Z`}
      />
    );
  };
  const text = (words: string, at: number) => (
    <text x={at} y={y(-outer) + 84} fill="var(--color-scribe-dim)" fontSize="13" textAnchor="middle">
      {words}
    </text>
  );
  const { dog, tailstock, drawn } = HOLDING_DATA[holding];
  const stock = drawn.parallels ? 0.18 * part.diameter : 0;
  return (
    <g data-part="holding">
      {dog ? (
        <>
          {centre(bodyEnd, true)}
          {centre(0, false)}
          <path
            {...metal}
            d={`M${x(bodyEnd - 0.25 * part.diameter)},${y(outer * 1.02)}V${y(outer * 1.5)}H${x(bodyEnd + 0.25 * part.diameter)}V${y(outer * 1.35)}H${x(bodyEnd - 0.12 * part.diameter)}V${y(outer * 1.02)}Z`}
          />
          {text('dog on its pin', x(bodyEnd))}
        </>
      ) : (
        <>
          {plate}
          {drawn.jaws && ([1, -1] as const).map(jaw)}
          {drawn.label !== null && text(drawn.label, left)}
          {stock > 0 && text('on parallels, taken out before it turns', left + 60)}
          {tailstock && centre(0, false)}
        </>
      )}
    </g>
  );
}

function Dimension({ from, to, at, text }: { from: number; to: number; at: number; text: string }) {
  const [a, b] = from < to ? [from, to] : [to, from];
  return (
    <g stroke="var(--color-scribe)" strokeWidth="1" fill="none">
      <path d={`M${a} ${at - 5}v10M${b} ${at - 5}v10M${a} ${at}H${b}`} />
      <text
        x={(a + b) / 2}
        y={at - 6}
        fill="var(--color-scribe)"
        stroke="none"
        textAnchor="middle"
        className="figures"
        fontSize="13"
      >
        {text}
      </text>
    </g>
  );
}
