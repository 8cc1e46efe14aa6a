import { memo } from 'react';
import { radians } from '@/core/base/units/angle';

/** The cut surface of the work: hatched, on its own ground. */
export const Hatch = memo(function Hatch({ id }: { id: string }) {
  return (
    <defs>
      <pattern id={id} width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="9" height="9" fill="var(--color-dye)" />
        <path d="M0 0 V9" stroke="var(--color-dye-soft)" strokeWidth="2" />
      </pattern>
    </defs>
  );
});

/** A level with its words. It is moved as a whole: its words are laid out anew only when they change. */
export const Level = memo(function Level({
  at,
  width,
  dash,
  text,
  below = false,
}: {
  at: number;
  width: number;
  dash: string;
  text: string;
  below?: boolean;
}) {
  return (
    <g transform={`translate(0 ${at})`}>
      <path
        d={`M0 0 H${width}`}
        stroke="var(--color-scribe)"
        strokeWidth="1"
        strokeDasharray={dash}
        opacity="0.8"
      />
      <text
        x={width - 10}
        y={below ? 16 : -6}
        textAnchor="end"
        fontSize="14"
        className="figures"
        fill="var(--color-scribe)"
        stroke="var(--color-dye-deep)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {text}
      </text>
    </g>
  );
});

/** How deep the tool stands. */
export const Depth = memo(function Depth({
  from,
  to,
  x,
  text,
}: {
  from: number;
  to: number;
  x: number;
  text: string;
}) {
  return (
    <g stroke="var(--color-brass-bright)" fill="none" strokeWidth="1.25">
      <path d={`M${x - 8} ${from} h16 M${x - 8} ${to} h16 M${x} ${from} V${to}`} />
      <text
        x={x + 10}
        y={to > from ? to + 18 : to - 8}
        fontSize="14"
        className="figures"
        fill="var(--color-brass-bright)"
        stroke="var(--color-dye-deep)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {text}
      </text>
    </g>
  );
});

/** The pitch between two neighbouring grooves, dimensioned beyond the root. Moved as a whole, as a level is. */
export const Pitch = memo(function Pitch({
  x,
  at,
  span,
  root,
  text,
}: {
  x: number;
  /** Level of the dimension line. */
  at: number;
  /** The pitch in pixels. */
  span: number;
  /** The root's level from there. */
  root: number;
  text: string;
}) {
  const beyond = root < 0 ? 6 : -6;
  return (
    <g stroke="var(--color-scribe)" fill="none" strokeWidth="1" transform={`translate(${x} ${at})`}>
      <path
        d={`M0 ${root} V${beyond} M${span} ${root} V${beyond} M0 0 H${span} M8 -3 L0 0 L8 3 M${span - 8} -3 L${span} 0 L${span - 8} 3`}
      />
      <text
        x={span / 2}
        y={-6}
        textAnchor="middle"
        fontSize="14"
        className="figures"
        fill="var(--color-scribe)"
        stroke="var(--color-dye)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {text}
      </text>
    </g>
  );
});

/** The way of the compound, with its angle from the cross-slide axis, on the tool. Moved as a whole. */
export const Infeed = memo(function Infeed({
  x,
  y,
  length,
  away,
  angleDeg,
  fed,
}: {
  /** Where the arrow ends. */
  x: number;
  y: number;
  length: number;
  /** Away from the work: up outside, down inside. */
  away: 1 | -1;
  angleDeg: number;
  fed: 1 | -1;
}) {
  const angle = fed * radians(angleDeg);
  const from = (way: number, reach: number) => `${reach * Math.sin(way)} ${away * reach * Math.cos(way)}`;
  return (
    <g stroke="var(--color-scribe)" fill="none" strokeWidth="1.5" transform={`translate(${x} ${y})`}>
      <path d={`M0 0 V${away * length}`} strokeWidth="0.75" strokeDasharray="3 3" />
      <path d={`M${from(angle, length)} L0 0 M${from(angle + 0.45, 9)} L0 0 L${from(angle - 0.45, 9)}`} />
      <text
        x={-5 * fed}
        y={away * length * 0.9}
        textAnchor={fed === 1 ? 'end' : 'start'}
        fontSize="14"
        className="figures"
        fill="var(--color-scribe)"
        stroke="none"
      >
        {`${angleDeg}°`}
      </text>
    </g>
  );
});
