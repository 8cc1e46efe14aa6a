'use client';

import { useId, useMemo } from 'react';
import { linear } from './linear';
import type { Profile } from '@/core/thread/geometry/profile';
import type { Side } from '@/core/thread/standards/thread';
import type { LengthUnit } from '@/core/base/units/length';
import { DrawingFrame } from '../kit/drawing-frame';
import { useSize } from '../kit/use-size';
import { profilePath } from './profile-path';
import { scaleBarFor } from './section-geometry';
import { Hatch } from './section-marks';

/** A thread over several pitches, its free end to the right, as it is; and dashed what was planned. */
export function ThreadRun({
  profile,
  planned,
  side,
  unit,
  length,
  depth,
  title,
  description,
}: {
  profile: Profile;
  planned: Profile | null;
  side: Side;
  unit: LengthUnit;
  /** Along the axis, from the free end. */
  length: number;
  /** Largest depth to make room for. */
  depth: number;
  title: string;
  description: string;
}) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 560, height: 260 });
  const hatchId = useId();
  const drawn = useMemo(() => {
    const { width, height } = size;
    const pixelsPerUnit = Math.min((width - 28) / length, (height - 70) / (1.5 * depth));
    const inward = side === 'external' ? 1 : -1;
    const spare = (width - length * pixelsPerUnit) / 2;
    const surfaceY =
      side === 'external'
        ? (height - depth * pixelsPerUnit) / 2.2
        : height - (height - depth * pixelsPerUnit) / 2.2;
    const placing = {
      x: linear([0, length], [width - spare, spare]),
      y: linear([0, 1], [surfaceY, surfaceY + inward * pixelsPerUnit]),
      pixelsPerUnit,
    };
    const surface = profilePath(profile, placing);
    const far = side === 'external' ? height : 0;
    const [right, left] = [placing.x(profile[0]?.x0 ?? 0), placing.x(profile.at(-1)?.x1 ?? 0)];
    return {
      width,
      height,
      pixelsPerUnit,
      surface,
      work: `${surface}L${left} ${far}L${right} ${far}Z`,
      planned: planned === null ? null : profilePath(planned, placing),
    };
  }, [size, profile, planned, side, length, depth]);
  const { width, height } = drawn;
  return (
    <div ref={ref} className="h-full min-h-0 contain-strict">
      <DrawingFrame
        title={title}
        description={description}
        viewBox={{ width, height }}
        scale={scaleBarFor(drawn.pixelsPerUnit, width, unit)}
        scaleAt={{ x: 14, y: height - 12 }}
      >
        <Hatch id={hatchId} />
        <path d={drawn.work} fill={`url(#${hatchId})`} />
        {drawn.planned !== null && (
          <path
            d={drawn.planned}
            fill="none"
            stroke="var(--color-go-bright)"
            strokeWidth="1.5"
            strokeDasharray="7 3"
            data-part="planned"
          />
        )}
        <path
          d={drawn.surface}
          fill="none"
          stroke="var(--color-scribe)"
          strokeWidth="2.25"
          data-part="surface"
        />
        <text x={width - 12} y={height - 12} textAnchor="end" fontSize="13" fill="var(--color-scribe-dim)">
          free end →
        </text>
      </DrawingFrame>
    </div>
  );
}
