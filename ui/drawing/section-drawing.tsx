'use client';

import { useId, useMemo, type Ref } from 'react';
import { groundOver } from '@/core/cutting/cut/ground-over';
import { wireInGroove } from '@/core/cutting/cut/measure-thread';
import { moveProfile, type Profile } from '@/core/thread/geometry/profile';
import type { Feed, GrooveCase } from '@/core/cutting/groove/groove-case';
import type { Side } from '@/core/thread/standards/thread';
import type { LengthUnit } from '@/core/base/units/length';
import { DrawingFrame } from '../kit/drawing-frame';
import { useShowLength } from '../units/display-unit';
import { profilePath } from './profile-path';
import {
  scaleBarFor,
  sectionAt,
  sectionLayout,
  WHOLE,
  type SectionLayout,
  type SectionLook,
} from './section-geometry';
import { Depth, Hatch, Infeed, Level, Pitch } from './section-marks';

export interface SectionDrawingProps {
  groove: GrooveCase;
  side: Side;
  unit: LengthUnit;
  workDiameter: number;
  pitchDiameter: { min: number; max: number; target: number };
  rootDiameter: number;
  feeds: readonly Feed[];
  chosen: number;
  pitchText: string;
  width: number;
  height: number;
  look?: SectionLook;
  /** Share of the way from the pass shown to the next. */
  onTheWay?: number;
  /** A wire to lay into the groove. */
  wire?: number | null;
  /** The standard's form over one pitch, its groove at 0. */
  ideal?: Profile | null;
  dimensions?: boolean;
  svgRef?: Ref<SVGSVGElement>;
}

/** Section of work, groove, tool and passes, to scale, for a known size. */
export function SectionDrawing(props: SectionDrawingProps) {
  const { groove, side, unit, workDiameter, pitchDiameter, rootDiameter, feeds, chosen, width, height } =
    props;
  const { look = WHOLE, onTheWay = 0, wire = null, ideal = null, dimensions = true, svgRef } = props;
  const show = useShowLength();
  const hatchId = useId();
  const layout = useMemo(
    () => sectionLayout({ groove, side, workDiameter, feeds }, width, height, look),
    [groove, side, workDiameter, feeds, width, height, look],
  );
  const view = useMemo(() => sectionAt(layout, chosen, onTheWay), [layout, chosen, onTheWay]);
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
      svgRef={svgRef}
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
        y={Math.min(bandTop, bandBottom)}
        width={width}
        height={Math.max(1, Math.abs(bandBottom - bandTop))}
        fill="var(--color-brass-bright)"
        opacity="0.22"
        data-part="tolerance"
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
      {ideal !== null && <Ideal layout={layout} ideal={ideal} />}
      <path
        d={view.surface}
        fill="none"
        stroke="var(--color-scribe)"
        strokeWidth="2.25"
        data-part="surface"
      />
      {wire !== null && (
        <Wire
          layout={layout}
          wire={wire}
          after={chosen}
          text={`${external ? 'wire' : 'ball'} ⌀ ${show.figures(wire, unit, 1)}`}
        />
      )}
      <path
        d={view.tool}
        fill="var(--color-paper-sunk)"
        fillOpacity={wire === null ? 0.3 : 0.08}
        stroke="var(--color-paper-sunk)"
        strokeWidth="1.5"
        strokeOpacity={wire === null ? 1 : 0.4}
        data-part="tool"
      />
      {dimensions && (
        <Infeed
          x={layout.x(view.tip.x)}
          y={y(depth) + away * 0.2 * pitchPixels}
          length={0.62 * pitchPixels}
          away={away}
          angleDeg={groove.compoundAngleDeg}
          fed={groove.fed}
        />
      )}
      <Level
        at={yOf(pitchDiameter.target)}
        width={width}
        dash="14 4 3 4"
        text={`PD ${figures(pitchDiameter.target)}`}
      />
      {dimensions && (
        <>
          <Level
            at={yOf(workDiameter)}
            width={width}
            dash="5 4"
            text={`${work} ⌀ ${figures(workDiameter)}`}
            below={!external}
          />
          <Level
            at={root}
            width={width}
            dash="5 4"
            text={`root ⌀ ${figures(rootDiameter)}`}
            below={external}
          />
          {depth > 0 && <Depth from={y(0)} to={y(depth)} x={34} text={`h ${figures(depth)}`} />}
          <Pitch
            x={layout.x(view.tip.x)}
            at={dimensionAt}
            span={pitchPixels}
            root={Number((root - dimensionAt).toFixed(2))}
            text={props.pitchText}
          />
        </>
      )}
      <text x={14} y={height - 42} fontSize="13" fill="var(--color-scribe-dim)">
        ← headstock
      </text>
      <text
        x={width - 10}
        y={external ? 24 : height - 14}
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

/** The thread as its standard draws it, around the deepest groove. */
function Ideal({ layout, ideal }: { layout: SectionLayout; ideal: Profile }) {
  const { thread, frame, deepest } = layout;
  const { pitch } = thread.cutCase;
  const path = profilePath(groundOver(moveProfile(ideal, deepest.x, 0), pitch, frame), layout);
  return (
    <path
      d={path}
      fill="none"
      stroke="var(--color-go-bright)"
      strokeWidth="1.5"
      strokeDasharray="7 3"
      data-part="ideal"
    />
  );
}

/** The wire at rest in the real groove, and in its neighbour. */
function Wire({
  layout,
  wire,
  after,
  text,
}: {
  layout: SectionLayout;
  wire: number;
  after: number;
  text: string;
}) {
  const { thread, x, y, pixelsPerUnit } = layout;
  const rest = wireInGroove(thread, wire, after);
  if (rest === null) return null;
  return (
    <g
      fill="var(--color-scribe)"
      fillOpacity="0.22"
      stroke="var(--color-scribe)"
      strokeWidth="2"
      data-part="wire"
    >
      {[0, -1].map((turn) => (
        <circle
          key={turn}
          cx={x(rest.x + turn * thread.cutCase.pitch)}
          cy={y(rest.depth)}
          r={(wire / 2) * pixelsPerUnit}
        />
      ))}
      <text
        x={x(rest.x - thread.cutCase.pitch)}
        y={y(rest.depth) + 5}
        textAnchor="middle"
        fontSize="14"
        className="figures"
        fill="var(--color-scribe)"
        fillOpacity="1"
        stroke="none"
      >
        {text}
      </text>
    </g>
  );
}
