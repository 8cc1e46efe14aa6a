'use client';

import { toolEdge } from '@/core/cutting/groove/tool-edge';
import { frameOfWay } from '@/core/machine/technique/cut-way';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf } from '@/core/thread/standards/thread';
import { profilePath } from '@/ui/drawing/profile-path';
import { scaleBarFor } from '@/ui/drawing/section-geometry';
import { DrawingFrame } from '@/ui/kit/drawing-frame';
import { useSize } from '@/ui/kit/use-size';
import { useShowLength } from '@/ui/units/display-unit';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';

/** The tip of the tool, large and to scale, in the groove that it cuts to the target. */
export function ToolDrawing() {
  const { read } = usePlanning();
  const { ref, size } = useSize<HTMLDivElement>({ width: 720, height: 420 });
  const show = useShowLength();
  const { thread, tip, radialDepth, tipLimit, tipKnown, toolWidth } = read.evaluation;
  const way = read.inputs.chosen?.way;
  if (thread === null || tip === null || radialDepth === null || way === undefined) return null;
  const { width, height } = size;
  const { flankAngleDeg } = formOf(thread);
  const pitch = pitchOf(thread);
  const over = 1.35 * radialDepth;
  const scale = Math.min((height - 120) / (over * 1.1), (width - 80) / (1.8 * pitch));
  const [cx, cy] = [width / 2, height - 70];
  const placing = {
    x: (at: number) => cx + at * scale,
    y: (at: number) => cy + at * scale,
    pixelsPerUnit: scale,
  };
  const edge = profilePath(toolEdge(tip, flankAngleDeg, over), placing);
  const cut = profilePath(toolEdge(tip, flankAngleDeg, radialDepth), placing);
  const surface = placing.y(-radialDepth);
  const figures = (value: number) => `${show.figures(value, thread.unit)} ${show.unitOf(thread.unit)}`;
  const size0 =
    tip.kind === 'flat'
      ? `flat ${figures(tip.flat)}`
      : tip.kind === 'radius'
        ? `radius ${figures(tip.radius)}`
        : 'sharp point';
  const most =
    tipLimit === null || tip.kind === 'sharp'
      ? null
      : figures(tip.kind === 'flat' ? tipLimit.flat : tipLimit.radius);
  return (
    <div ref={ref} className="h-full min-h-0 contain-strict">
      <DrawingFrame
        title="The tip of the tool"
        description={`${2 * flankAngleDeg} degrees, ${size0}, ${figures(radialDepth)} deep.`}
        viewBox={{ width, height }}
        scale={scaleBarFor(scale, width, thread.unit)}
        scaleAt={{ x: 14, y: height - 12 }}
      >
        <rect x="0" y={surface} width={width} height={height - surface} fill="var(--color-dye)" />
        <path d={`${cut}Z`} fill="var(--color-dye-deep)" />
        <path
          d={`${edge}Z`}
          fill="var(--color-paper-sunk)"
          fillOpacity="0.3"
          stroke="var(--color-scribe)"
          strokeWidth="2"
          data-part="tool"
        />
        <path d={`M0 ${surface}H${width}`} stroke="var(--color-scribe)" strokeDasharray="5 4" />
        <g fill="var(--color-scribe)" fontSize="15" className="figures">
          <text x={cx} y={cy + 26} textAnchor="middle">
            {tipKnown ? size0 : 'tip not measured: drawn at the usual flat'}
            {most === null || !tipKnown ? '' : `, at most ${most}`}
          </text>
          <text x={cx} y={placing.y(-over) + 40} textAnchor="middle" fontSize="18">
            {2 * flankAngleDeg}°
          </text>
          <text x={14} y={surface - 8}>
            surface
          </text>
          <text x={cx} y={surface - 8} textAnchor="middle">
            {figures(toolWidth ?? 0)} wide here
          </text>
          <text x={14} y={26}>
            {frameOfWay(way).toolInverted ? 'set upside down' : 'set right way up'}
            {way.toolSide === 'back' ? (way.side === 'external' ? ', at the rear' : ', on the far side') : ''}
          </text>
        </g>
      </DrawingFrame>
    </div>
  );
}
