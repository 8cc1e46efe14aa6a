import { gearOutline, layGears } from '@/core/machine/gearing/gear-layout';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { gearChain } from './gear-chain';

/** Change gears to scale, meshing tooth in gap, from the stud to the lead screw. */
export function GearTrain({ gearing, className }: { gearing: Sheet['gearing']; className?: string }) {
  const chain = gearChain(gearing);
  const placed = layGears(chain);
  const box = placed.reduce(
    (all, { x, y, teeth }) => {
      const r = teeth / 2 + 2;
      return {
        left: Math.min(all.left, x - r),
        right: Math.max(all.right, x + r),
        top: Math.min(all.top, y - r),
        bottom: Math.max(all.bottom, y + r),
      };
    },
    { left: 0, right: 0, top: 0, bottom: 0 },
  );
  const [width, height] = [box.right - box.left, box.bottom - box.top];
  const font = Math.max(width, height) / 22;
  return (
    <svg
      role="img"
      aria-label={`Gears to scale: ${chain.map(({ place, teeth }) => `${place} ${teeth} teeth`).join(', ')}.`}
      viewBox={`${box.left - font} ${box.top - 2 * font} ${width + 2 * font} ${height + 4 * font}`}
      className={className}
    >
      {placed.map(({ x, y, teeth, phase }, index) => {
        const gear = chain[index];
        const outline = gearOutline(teeth, phase).map((point) => `${x + point.x},${y + point.y}`);
        const idle = gear?.role === 'idler';
        const same = gear?.same === true;
        return (
          <g key={index} data-part={gear?.role}>
            <path
              d={`M${outline.join('L')}Z`}
              fill={same ? 'var(--color-dye)' : 'var(--color-dye-soft)'}
              stroke="var(--color-scribe)"
              strokeWidth={font / 14}
              strokeDasharray={idle ? `${font / 3} ${font / 5}` : undefined}
            />
            <circle
              cx={x}
              cy={y}
              r={font / 3}
              fill="var(--color-dye-deep)"
              stroke="var(--color-scribe)"
              strokeWidth={font / 16}
            />
            <text
              x={x}
              y={y + (same ? 1.6 : -0.8) * font}
              textAnchor="middle"
              fontSize={font * 1.25}
              className="figures"
              fill="var(--color-scribe)"
            >
              {teeth}
            </text>
          </g>
        );
      })}
      {placed.map(({ x, y, teeth }, index) => (
        <text
          key={index}
          x={x}
          y={index % 2 === 0 ? y - teeth / 2 - 0.7 * font - 2 : y + teeth / 2 + 1.4 * font + 1}
          textAnchor="middle"
          fontSize={font}
          fill="var(--color-scribe-dim)"
        >
          {chain[index]?.place}
        </text>
      ))}
    </svg>
  );
}
