'use client';

import { memo, useId, useMemo } from 'react';
import type { Feed, GrooveCase } from '@/core/groove';
import type { Side } from '@/core/thread';
import { radians, type LengthUnit } from '@/core/units';
import { DrawingFrame } from '../kit/drawing-frame';
import { useShowLength } from '../units/display-unit';
import { scaleBarFor, sectionAt, sectionLayout } from './section-geometry';
import { useSize } from '../kit/use-size';

export interface ThreadSectionProps {
  groove: GrooveCase;
  side: Side;
  unit: LengthUnit;
  workDiameter: number;
  pitchDiameter: { min: number; max: number; target: number };
  rootDiameter: number;
  feeds: readonly Feed[];
  chosen: number;
  pitchText: string;
}

/** Section of work, groove, tool and passes, to scale; it moves with the numbers. */
export const ThreadSection = memo(function ThreadSection(props: ThreadSectionProps) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 720, height: 420 });
  return (
    <div ref={ref} className="h-full min-h-0 contain-strict">
      <SectionDrawing {...props} width={size.width} height={size.height} />
    </div>
  );
});

/** The drawing itself, for a known size. */
export function SectionDrawing(props: ThreadSectionProps & { width: number; height: number }) {
  const { groove, side, unit, workDiameter, pitchDiameter, rootDiameter, feeds, chosen, width, height } =
    props;
  const show = useShowLength();
  const hatchId = useId();
  const layout = useMemo(
    () => sectionLayout({ groove, side, workDiameter, feeds }, width, height),
    [groove, side, workDiameter, feeds, width, height],
  );
  const view = useMemo(() => sectionAt(layout, chosen), [layout, chosen]);
  const flat = view.crestFlat;
  const { yOf, y } = layout;
  const figures = (value: number) => show.figures(value, unit);
  const depth = view.tip.y;
  const external = side === 'external';
  const work = external ? 'blank' : 'bore';
  const away = external ? -1 : 1;
  const pitchPixels = groove.pitch * layout.pixelsPerUnit;
  const root = yOf(rootDiameter);
  // 44 pixels beyond the root, or as far as the frame lets.
  const dimensionAt = external ? Math.min(root + 44, height - 20) : Math.max(root - 44, 26);
  const bandTop = yOf(pitchDiameter.max);
  const bandBottom = yOf(pitchDiameter.min);
  return (
    <DrawingFrame
      title="Section of work and tool"
      description={`After pass ${chosen} the groove is ${figures(depth)} ${show.unitOf(unit)} deep and the flat on the crest ${figures(flat)} wide. ${external ? 'Blank' : 'Bore'} ${figures(workDiameter)}, target pitch diameter ${figures(pitchDiameter.target)}, root ${figures(rootDiameter)}.`}
      viewBox={{ width, height }}
      scale={scaleBarFor(layout.pixelsPerUnit, width, unit)}
      scaleAt={{ x: 14, y: height - 12 }}
    >
      <Hatch id={hatchId} />
      <path d={view.work} fill={`url(#${hatchId})`} />
      <rect
        x="0"
        y={bandTop}
        width={width}
        height={Math.max(1, bandBottom - bandTop)}
        fill="var(--color-brass-bright)"
        opacity="0.22"
      />
      {view.chip !== null && <path d={view.chip} fill="var(--color-brass-bright)" data-part="chip" />}
      <g fill="none" strokeWidth="1">
        <path d={layout.outlines.slice(0, chosen).join('')} stroke="var(--color-scribe)" opacity="0.55" />
        <path
          d={layout.outlines.slice(chosen).join('')}
          stroke="var(--color-scribe-dim)"
          strokeDasharray="2 4"
          opacity="0.6"
        />
      </g>
      <path
        d={view.surface}
        fill="none"
        stroke="var(--color-scribe)"
        strokeWidth="2.25"
        data-part="surface"
      />
      <path
        d={view.tool}
        fill="var(--color-paper-sunk)"
        fillOpacity="0.3"
        stroke="var(--color-paper-sunk)"
        strokeWidth="1.5"
        data-part="tool"
      />
      <Infeed
        x={layout.x(view.tip.x)}
        y={y(depth) + away * 0.2 * pitchPixels}
        length={0.62 * pitchPixels}
        away={away}
        angleDeg={groove.compoundAngleDeg}
        fed={groove.fed}
      />
      <Level
        at={yOf(pitchDiameter.target)}
        width={width}
        dash="14 4 3 4"
        text={`PD ${figures(pitchDiameter.target)}`}
      />
      <Level
        at={yOf(workDiameter)}
        width={width}
        dash="5 4"
        text={`${work} ⌀ ${figures(workDiameter)}`}
        below={!external}
      />
      <Level at={root} width={width} dash="5 4" text={`root ⌀ ${figures(rootDiameter)}`} below={external} />
      {depth > 0 && <Depth from={y(0)} to={y(depth)} x={34} text={`h ${figures(depth)}`} />}
      <Pitch
        x={layout.x(view.tip.x)}
        at={dimensionAt}
        span={pitchPixels}
        root={Number((root - dimensionAt).toFixed(2))}
        text={props.pitchText}
      />
      <text x={14} y={height - 42} fontSize="13" fill="var(--color-scribe-dim)">
        ← headstock
      </text>
      <text
        x={width - 10}
        y={external ? height - 14 : 24}
        textAnchor="end"
        fontSize="13"
        className="figures"
        fill="var(--color-scribe-dim)"
      >
        {flat > 0 ? `crest flat ${figures(flat)}` : 'crest comes to a point'}
      </text>
    </DrawingFrame>
  );
}

/** The cut surface of the work: hatched, on its own ground. */
const Hatch = memo(function Hatch({ id }: { id: string }) {
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
const Level = memo(function Level({
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

const Depth = memo(function Depth({
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
const Pitch = memo(function Pitch({
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
const Infeed = memo(function Infeed({
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
