import type { Swivel } from '@/core/machine/lathe/lathe';

/**
 * The swivel scale round the foot of the compound, true in its angles: where it reads 0, which way it counts as far as
 * that is known, and the graduation to set against the index, which turns with the compound.
 */
export function SwivelScale({
  x,
  y,
  radius,
  swivel,
  indexDeg,
  markDeg,
  offScale,
}: {
  x: number;
  y: number;
  radius: number;
  swivel: Pick<Swivel, 'zeroAlong' | 'graduationDeg' | 'rangeDeg' | 'counts'>;
  /** Direction of the index on the page, degrees clockwise from up. */
  indexDeg: number;
  markDeg: number;
  offScale: boolean;
}) {
  const zero = swivel.zeroAlong === 'cross-slide' ? 0 : indexDeg < 0 ? -90 : 90;
  const reach = Math.min(swivel.rangeDeg ?? 90, 180);
  const ways = swivel.counts === 'clockwise' ? [1] : swivel.counts === 'counter-clockwise' ? [-1] : [1, -1];
  const tens = Array.from({ length: Math.floor(reach / 10) }, (_, index) => (index + 1) * 10);
  const at = (deg: number, r: number) => {
    const a = (deg * Math.PI) / 180;
    return { x: x + r * Math.sin(a), y: y - r * Math.cos(a) };
  };
  const line = (deg: number, long: boolean) => {
    const [a, b] = [at(deg, radius), at(deg, radius + (long ? 11 : 6))];
    return `M${a.x} ${a.y}L${b.x} ${b.y}`;
  };
  const graduations = [0, ...tens.flatMap((ten) => ways.map((way) => way * ten))];
  const index = at(indexDeg, radius - 2);
  const inner = at(indexDeg, radius - 16);
  return (
    <g data-part="swivel-scale">
      <circle cx={x} cy={y} r={radius} fill="none" stroke="var(--color-scribe-dim)" />
      <path
        d={graduations.map((graduation) => line(zero + graduation, graduation % 30 === 0)).join('')}
        stroke="var(--color-scribe)"
      />
      {graduations
        .filter((graduation) => graduation % 30 === 0 && Math.abs(graduation) <= 90)
        .map((graduation) => {
          const place = at(zero + graduation, radius + 21);
          return (
            <text
              key={graduation}
              x={place.x}
              y={place.y + 4}
              fontSize="12"
              textAnchor="middle"
              className="figures"
              fill="var(--color-scribe)"
              stroke="var(--color-dye-deep)"
              strokeWidth="4"
              paintOrder="stroke"
            >
              {Math.abs(graduation)}
            </text>
          );
        })}
      <path
        d={`M${inner.x} ${inner.y}L${index.x} ${index.y}`}
        stroke="var(--color-brass-bright)"
        strokeWidth="4"
      />
      <text
        x={at(indexDeg, radius - 32).x}
        y={at(indexDeg, radius - 32).y + 5}
        fontSize="15"
        textAnchor="middle"
        className="figures"
        fill="var(--color-scribe)"
        stroke="var(--color-dye-soft)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {offScale ? '' : `${Number(markDeg.toFixed(2))}°`}
      </text>
    </g>
  );
}
