'use client';

import { linear } from '@/ui/drawing/linear';
import type { Fit } from '@/core/thread/standards/fit';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf } from '@/core/thread/standards/thread';
import type { LengthUnit } from '@/core/base/units/length';
import { DrawingFrame } from '@/ui/kit/drawing-frame';
import { scaleBarFor } from '@/ui/drawing/section-geometry';
import { useSize } from '@/ui/kit/use-size';

interface Zone {
  name: string;
  external: { from: number; to: number | null };
  internal: { from: number | null; to: number };
}

/** Deviations of both members from the basic profile, on the diameter; null is open. */
export function zonesOf(fit: Fit): Zone[] {
  const basicMajor = fit.external.thread.nominalDiameter;
  const pitch = pitchOf(fit.external.thread);
  const form = formOf(fit.external.thread);
  const basic = {
    major: basicMajor,
    pitchDiameter: basicMajor - form.majorToPitch * pitch,
    minor: basicMajor - form.majorToMinor * pitch,
  };
  const { external, internal } = fit;
  const bolt = external.limits;
  const nut = internal.limits;
  return [
    {
      name: 'Major',
      external: { from: bolt.major.max - basic.major, to: bolt.major.min - basic.major },
      internal: {
        from: nut.major.max === null ? null : nut.major.max - basic.major,
        to: nut.major.min - basic.major,
      },
    },
    {
      name: 'Pitch diameter',
      external: {
        from: bolt.pitchDiameter.max - basic.pitchDiameter,
        to: bolt.pitchDiameter.min - basic.pitchDiameter,
      },
      internal: {
        from: nut.pitchDiameter.max - basic.pitchDiameter,
        to: nut.pitchDiameter.min - basic.pitchDiameter,
      },
    },
    {
      name: 'Minor',
      external: {
        from: bolt.minor.max - basic.minor,
        to: bolt.minor.min === null ? null : bolt.minor.min - basic.minor,
      },
      internal: { from: nut.minor.max - basic.minor, to: nut.minor.min - basic.minor },
    },
  ];
}

/** The tolerance zones of both members to scale, as deviations from the basic profile. */
export function ToleranceZones({ fit }: { fit: Fit }) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 560, height: 340 });
  const { width, height } = size;
  const unit = fit.external.thread.unit;
  const zones = zonesOf(fit);
  const values = zones
    .flatMap(({ external, internal }) => [external.from, external.to, internal.from, internal.to])
    .filter((value): value is number => value !== null);
  const high = Math.max(0, ...values);
  const low = Math.min(0, ...values);
  const y = linear([high, low], [64, height - 56]);
  const open = 26;
  const column = width / 3;
  const bar = Math.min(70, column * 0.32);
  const pixels = Math.abs(y(0) - y(1));
  return (
    <div ref={ref} className="h-full min-h-64">
      <DrawingFrame
        title="Tolerance zones"
        description={`Deviations from the basic profile. Play on the pitch diameter ${text(fit.clearance.min, unit)} to ${text(fit.clearance.max, unit)} ${unit}.`}
        viewBox={{ width, height }}
        scale={{ ...scaleBarFor(pixels, width, unit) }}
        scaleAt={{ x: 14, y: height - 14 }}
      >
        <path
          d={`M0 ${y(0)} H${width}`}
          stroke="var(--color-scribe)"
          strokeWidth="1"
          strokeDasharray="14 4 3 4"
        />
        <text x={8} y={y(0) - 5} fontSize="13" fill="var(--color-scribe-dim)">
          basic
        </text>
        {zones.map((zone, index) => {
          const middle = column * (index + 0.5);
          const externalEnd =
            zone.external.to === null
              ? Math.min(height - 40, y(zone.external.from) + open)
              : y(zone.external.to);
          const internalStart =
            zone.internal.from === null ? Math.max(40, y(zone.internal.to) - open) : y(zone.internal.from);
          return (
            <g key={zone.name} className="figures" fontSize="13">
              <text x={middle} y={22} textAnchor="middle" fill="var(--color-scribe)">
                {zone.name}
              </text>
              <ZoneBar
                x={middle - bar - 4}
                width={bar}
                top={y(zone.external.from)}
                bottom={externalEnd}
                open={zone.external.to === null ? 'bottom' : null}
                fill="var(--color-brass-bright)"
              />
              <ZoneBar
                x={middle + 4}
                width={bar}
                top={internalStart}
                bottom={y(zone.internal.to)}
                open={zone.internal.from === null ? 'top' : null}
                fill="var(--color-scribe-dim)"
              />
              <Deviation
                x={middle - bar / 2 - 4}
                y={y(zone.external.from) + (externalEnd - y(zone.external.from) > 22 ? 15 : -5)}
                dark={externalEnd - y(zone.external.from) > 22}
                value={zone.external.from}
                unit={unit}
              />
              {zone.external.to !== null && (
                <Deviation
                  x={middle - bar / 2 - 4}
                  y={externalEnd + 14}
                  value={zone.external.to}
                  unit={unit}
                />
              )}
              {zone.internal.from !== null && (
                <Deviation
                  x={middle + bar / 2 + 4}
                  y={internalStart - 5}
                  value={zone.internal.from}
                  unit={unit}
                />
              )}
              <Deviation
                x={middle + bar / 2 + 4}
                y={y(zone.internal.to) + 14}
                value={zone.internal.to}
                unit={unit}
              />
            </g>
          );
        })}
        <g fontSize="13" fill="var(--color-scribe)">
          <rect x={width - 250} y={height - 26} width="12" height="12" fill="var(--color-brass-bright)" />
          <text x={width - 233} y={height - 15}>
            external
          </text>
          <rect x={width - 130} y={height - 26} width="12" height="12" fill="var(--color-scribe-dim)" />
          <text x={width - 113} y={height - 15}>
            internal
          </text>
        </g>
      </DrawingFrame>
    </div>
  );
}

function ZoneBar({
  x,
  width,
  top,
  bottom,
  open,
  fill,
}: {
  x: number;
  width: number;
  top: number;
  bottom: number;
  open: 'top' | 'bottom' | null;
  fill: string;
}) {
  const edge = open === 'top' ? top : bottom;
  const teeth = Array.from(
    { length: 7 },
    (_, index) => `L${x + (width * index) / 6} ${edge + (index % 2 === 0 ? 0 : open === 'top' ? 6 : -6)}`,
  ).join(' ');
  const path =
    open === 'bottom'
      ? `M${x} ${top} ${teeth} L${x + width} ${top} Z`
      : open === 'top'
        ? `M${x} ${bottom} ${teeth} L${x + width} ${bottom} Z`
        : `M${x} ${top} H${x + width} V${Math.max(bottom, top + 1)} H${x} Z`;
  return <path d={path} fill={fill} stroke="var(--color-dye-deep)" />;
}

/** A deviation beside its edge, or dark inside the bar. */
function Deviation({
  x,
  y,
  value,
  unit,
  dark = false,
}: {
  x: number;
  y: number;
  value: number;
  unit: LengthUnit;
  dark?: boolean;
}) {
  const outline = dark ? {} : { stroke: 'var(--color-dye-deep)', strokeWidth: 3, paintOrder: 'stroke' };
  return (
    <text
      x={x}
      y={y}
      textAnchor="middle"
      fill={dark ? 'var(--color-ink)' : 'var(--color-scribe)'}
      {...outline}
    >
      {text(value, unit)}
    </text>
  );
}

/** Micrometres, or ten-thousandths of an inch, as the trade says them. */
function text(value: number, unit: LengthUnit): string {
  const whole = Math.round(value * (unit === 'in' ? 10_000 : 1000));
  return whole > 0 ? `+${whole}` : String(whole === 0 ? 0 : whole).replace('-', '−');
}
