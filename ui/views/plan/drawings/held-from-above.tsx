import { hasTailstock, type Holding, HOLDING_DATA } from '@/core/machine/technique/holdings';

/** What turns the work and what carries its free end, from above; schematic. */
export function HeldFromAbove({
  holding,
  plate,
  work,
  axis,
  unit,
}: {
  holding: Holding;
  plate: { left: number; right: number };
  work: { left: number; right: number; half: number };
  axis: number;
  /** The drawing's measure, in pixels. */
  unit: number;
}) {
  const between = HOLDING_DATA[holding].dog;
  const tip = 0.3 * unit;
  /** A centre whose point stands a little inside the end of the work. */
  const centre = (end: number, way: 1 | -1, length: number) => (
    <path
      d={`M${end - way * 0.15 * unit},${axis}L${end + way * tip},${axis - tip}H${end + way * length}V${axis + tip}H${end + way * tip}Z`}
    />
  );
  const dog = { x: work.left + 0.1 * unit, y: axis - work.half };
  return (
    <g data-part="holding">
      <g stroke="var(--color-scribe)" strokeWidth="1.5" fill="var(--color-dye-soft)">
        <rect x={plate.left} y={axis - 2.1 * unit} width={plate.right - plate.left} height={4.2 * unit} />
        {between && (
          <>
            {centre(work.left, -1, work.left - plate.right)}
            <path
              d={`M${dog.x} ${dog.y}V${dog.y - 0.45 * unit}H${plate.right - 0.2 * unit}v${0.25 * unit}H${dog.x - 0.3 * unit}V${dog.y}Z`}
            />
          </>
        )}
        {hasTailstock(holding) && centre(work.right, 1, 1.6 * unit)}
      </g>
      <text x={plate.left} y={axis - 2.1 * unit - 8} fill="var(--color-scribe)" fontSize="14">
        {HOLDING_DATA[holding].fromAbove}
      </text>
    </g>
  );
}
