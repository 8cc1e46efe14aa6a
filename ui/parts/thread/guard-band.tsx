'use client';

import { linear } from '@/ui/drawing/linear';

/** The band, what the uncertainty leaves of it, and the measured value with its uncertainty, to scale. */
export function GuardBand({
  band,
  guarded,
  measured,
  expanded,
  text,
  width = 480,
}: {
  band: { min: number; max: number };
  guarded: { min: number; max: number } | null;
  measured: number | null;
  expanded: number;
  text: (value: number) => string;
  /** Of the drawing in its own units: narrower where there is little room, so that its words stay readable. */
  width?: number;
}) {
  const span = band.max - band.min;
  const x = linear([band.min - span / 3, band.max + span / 3], [0, width]);
  const words = verdict(band, guarded, measured);
  return (
    <svg
      role="img"
      aria-label={`Band ${text(band.min)} to ${text(band.max)}. ${words}`}
      viewBox={`0 0 ${width} 84`}
      className="w-full max-w-lg"
    >
      <rect
        x={x(band.min)}
        y="28"
        width={x(band.max) - x(band.min)}
        height="18"
        fill="var(--color-brass-wash)"
        stroke="var(--color-brass)"
      />
      {guarded !== null && (
        <rect
          x={x(guarded.min)}
          y="28"
          width={x(guarded.max) - x(guarded.min)}
          height="18"
          fill="var(--color-go-wash)"
          stroke="var(--color-go)"
        />
      )}
      {measured !== null && (
        <g stroke="var(--color-ink)" strokeWidth="2">
          <path d={`M${x(measured)} 20 V54 M${x(measured - expanded)} 37 H${x(measured + expanded)}`} />
        </g>
      )}
      <g fontSize="13" className="figures" fill="var(--color-ink)" textAnchor="middle">
        <text x={x(band.min)} y="18">
          {text(band.min)}
        </text>
        <text x={x(band.max)} y="18">
          {text(band.max)}
        </text>
        <text x={width / 2} y="74" className="font-text">
          {words}
        </text>
      </g>
    </svg>
  );
}

/** What the measured value proves. */
export function verdict(
  band: { min: number; max: number },
  guarded: { min: number; max: number } | null,
  measured: number | null,
): string {
  if (guarded === null) return 'The uncertainty eats the whole band: measure better.';
  if (measured === null) return 'Inside the green part the thread is proved.';
  if (measured >= guarded.min && measured <= guarded.max) return '● Proved inside the limits.';
  if (measured < band.min || measured > band.max) return '⊘ Outside the limits.';
  return '▲ Inside, but too near a limit to be proved.';
}
