import { wrongAxis } from '@/core/thread/compound/wrong-axis';
import { radians } from '@/core/base/units/angle';

/** Feeds that are drawn of the many. */
const STEPS = 6;

/**
 * Beside the top view of a lathe whose scale invites it: the groove as meant, and the one that comes of setting the angle
 * as if the scale counted from the cross slide. Angles and depths are true.
 */
export function WrongAxis({
  x,
  y,
  width,
  angleDeg,
  flankAngleDeg,
}: {
  x: number;
  y: number;
  width: number;
  angleDeg: number;
  flankAngleDeg: number;
}) {
  const wrong = wrongAxis(angleDeg, flankAngleDeg);
  const depth = width * 0.3;
  const tan = (deg: number) => Math.tan(radians(deg));
  const half = depth * tan(flankAngleDeg);
  const shallow = depth * wrong.depthShare;
  // Each feed takes the tool further aside than deep: the trailing side is left as steps with the tool's own flank.
  const stairs = Array.from({ length: STEPS }, (_, index) => {
    const [top, foot] = [(index * shallow) / STEPS, ((index + 1) * shallow) / STEPS];
    const aside = (shallow - foot) * tan(wrong.standsDeg);
    return `L${aside + (foot - top) * tan(flankAngleDeg)} ${top}L${aside} ${foot}`;
  }).join('');
  const text = { fill: 'var(--color-scribe)', fontSize: 12 } as const;
  return (
    <g transform={`translate(${x} ${y})`} data-part="wrong-axis">
      <rect
        x="-10"
        y="-22"
        width={width + 20}
        height={depth * 2 + 86}
        fill="var(--color-dye)"
        stroke="var(--color-scribe-dim)"
      />
      <text {...text} y="-6">
        Set as meant: {flankAngleDeg}° and {flankAngleDeg}°
      </text>
      <g transform={`translate(${width / 2} 6)`} stroke="var(--color-scribe)" strokeWidth="1.5" fill="none">
        <path d={`M${-width / 2} 0H${-half}L0 ${depth}L${half} 0H${width / 2}`} />
      </g>
      <g transform={`translate(0 ${depth + 26})`}>
        <text {...text}>
          {`${angleDeg} set on the scale: stands at ${Number(wrong.standsDeg.toFixed(1))}°`}
        </text>
        <g
          transform={`translate(${width * 0.35} 12)`}
          stroke="var(--color-brass-bright)"
          strokeWidth="1.5"
          fill="none"
        >
          <path d={`M${-width * 0.35} 0H${-shallow * tan(flankAngleDeg)}L0 ${shallow}`} />
          <path d={`M${width * 0.65} 0H${shallow * tan(wrong.standsDeg)}${stairs}`} />
        </g>
        <text {...text} y={shallow + 30}>
          {`${flankAngleDeg}° and a staircase of ${Math.round(wrong.flanksDeg[1])}°, too shallow`}
        </text>
      </g>
    </g>
  );
}
