'use client';

import { HOLDING_DATA } from '@/core/machine/technique/holdings';
import { swivelGraduationOn } from '@/core/machine/lathe/swivel-graduation';
import type { Swivel } from '@/core/machine/lathe/lathe';
import { frameOfWay } from '@/core/machine/technique/cut-way';
import type { Way } from '@/core/machine/technique/way';
import { feedsByCompound } from '@/core/machine/technique/choices';
import { compoundFromAbove } from '@/core/machine/technique/from-above';
import { swingOf } from '@/core/machine/technique/swing';
import { formOf } from '@/core/thread/standards/systems';
import { useSize } from '@/ui/kit/use-size';
import { useSay } from '@/ui/kit/shop-words';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';
import { HeldFromAbove } from './held-from-above';
import { SwivelScale } from './swivel-scale';
import { WrongAxis } from './wrong-axis';

/** From above, the operator below: chuck, work, tool and compound, and which way each goes. The angle is true; the rest is schematic. */
export function TopView() {
  const { read, lathe } = usePlanning();
  const way = read.inputs.chosen?.way;
  const angle = read.inputs.compoundAngleDeg;
  if (way === undefined || angle === undefined) return null;
  return (
    <TopViewDrawing
      way={way}
      angleDeg={angle}
      swivel={lathe.compound.swivel}
      flankAngleDeg={read.evaluation.thread === null ? 30 : formOf(read.evaluation.thread).flankAngleDeg}
    />
  );
}

/** The drawing itself; the bench and the sheet show it too. */
function TopViewDrawing({
  way,
  angleDeg,
  swivel,
  flankAngleDeg,
}: {
  way: Way;
  angleDeg: number;
  swivel: Pick<Swivel, 'zeroAlong' | 'counts' | 'rangeDeg' | 'graduationDeg'>;
  flankAngleDeg: number;
}) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 720, height: 420 });
  const say = useSay();
  const { width, height } = size;
  const frame = frameOfWay(way);
  const feeds = feedsByCompound(way.infeed);
  const { markDeg, offScale } = swivelGraduationOn(swivel, angleDeg, swingOf(frame));
  const invites = feeds && swivel.zeroAlong === 'bed' && way.side === 'external';
  const external = way.side === 'external';
  const unit = Math.min(width / 12, height / 9.6);
  const axis = 50 + 2.9 * unit;
  const between = HOLDING_DATA[way.holding].dog;
  const plate = { left: width / 2 - 4.6 * unit, right: width / 2 - 3.4 * unit };
  const work = {
    left: plate.right + (between ? 0.8 * unit : 0),
    right: width / 2 + 1.8 * unit,
    half: external ? 0.75 * unit : 1.25 * unit,
  };
  const bore = 0.75 * unit;
  // Down on the page is toward the operator.
  const down = frame.deeperTowardOperator ? 1 : -1;
  const wall = external ? work.half : bore;
  const tip = { x: width / 2 - 0.2 * unit, y: axis - down * (external ? 1 : -1) * wall };
  const { feed, handle } = compoundFromAbove(frame, feeds ? angleDeg : 0);
  // A bar reaches into the bore from its post, right of the work; the compound lies under the post, its handle toward you.
  const post = external ? tip : { x: work.right + 1.1 * unit, y: tip.y };
  const onNearSide = external && down === 1 ? feed : { x: -handle.x, y: -handle.y };
  const body = { x: post.x - onNearSide.x * 2.7 * unit, y: post.y - onNearSide.y * 2.7 * unit };
  const turn = (Math.atan2(onNearSide.y, onNearSide.x) * 180) / Math.PI;
  const cut = frame.leading === 1 ? -1 : 1;
  const text = { fill: 'var(--color-scribe)', fontSize: 14 } as const;
  const description = say(
    feeds
      ? `The compound stands ${angleDeg} degrees from the cross-slide axis, swung so that it feeds ${frame.fed === 1 ? 'toward' : 'away from'} the headstock.`
      : 'The cross slide feeds straight in.',
  );
  return (
    <div ref={ref} className="h-full min-h-0 contain-strict bg-dye-deep text-scribe">
      <svg
        role="img"
        aria-label={`Top view. ${description}`}
        viewBox={`0 0 ${width} ${height}`}
        className="block size-full"
      >
        <defs>
          <marker
            id="arrow-head"
            viewBox="0 0 10 10"
            refX="8"
            refY="5"
            markerWidth="7"
            markerHeight="7"
            orient="auto-start-reverse"
          >
            <path d="M0 0L10 5L0 10Z" fill="var(--color-brass-bright)" />
          </marker>
        </defs>
        <HeldFromAbove holding={way.holding} plate={plate} work={work} axis={axis} unit={unit} />
        <g stroke="var(--color-scribe)" strokeWidth="1.5">
          {external ? (
            <rect
              x={work.left}
              y={axis - work.half}
              width={work.right - work.left}
              height={2 * work.half}
              fill="var(--color-dye)"
            />
          ) : (
            <>
              <rect
                x={work.left}
                y={axis - work.half}
                width={work.right - work.left}
                height={work.half - bore}
                fill="var(--color-dye)"
              />
              <rect
                x={work.left}
                y={axis + bore}
                width={work.right - work.left}
                height={work.half - bore}
                fill="var(--color-dye)"
              />
            </>
          )}
          {way.end === 'groove' && external && (
            <rect
              x={work.left + (between ? 0.9 * unit : 0)}
              y={axis - 0.6 * work.half}
              width={0.5 * unit}
              height={1.2 * work.half}
              fill="var(--color-dye-deep)"
            />
          )}
        </g>
        <path
          d={`M${plate.left - 10} ${axis}H${work.right + 30}`}
          stroke="var(--color-scribe-dim)"
          strokeDasharray="12 4 3 4"
        />
        <g transform={`translate(${body.x} ${body.y}) rotate(${turn})`} data-part="compound">
          <rect
            x={-1.9 * unit}
            y={-0.75 * unit}
            width={3.4 * unit}
            height={1.5 * unit}
            rx="4"
            fill="var(--color-dye-soft)"
            stroke="var(--color-scribe)"
            strokeWidth="1.5"
          />
          <circle
            cx={-2.35 * unit}
            cy="0"
            r={0.4 * unit}
            fill="none"
            stroke="var(--color-scribe)"
            strokeWidth="1.5"
          />
          <path d={`M${-1.95 * unit} 0H${-1.9 * unit}`} stroke="var(--color-scribe)" strokeWidth="3" />
        </g>
        <path
          d={
            external
              ? `M${tip.x} ${tip.y}l${0.28 * unit} ${-down * 0.5 * unit}v${-down * 0.9 * unit}h${-0.56 * unit}v${down * 0.9 * unit}Z`
              : `M${tip.x} ${tip.y}l${0.24 * unit} ${-down * 0.42 * unit}h${post.x - tip.x + 0.3 * unit}v${-down * 0.36 * unit}H${tip.x - 0.24 * unit}v${down * 0.36 * unit}Z`
          }
          fill="var(--color-paper-sunk)"
          fillOpacity="0.35"
          stroke="var(--color-paper-sunk)"
          strokeWidth="1.5"
          data-part="tool"
        />
        <g stroke="var(--color-brass-bright)" strokeWidth="2.5" fill="none">
          <path
            d={`M${tip.x - feed.x * 1.5 * unit} ${tip.y - feed.y * 1.5 * unit}L${tip.x - feed.x * 0.35 * unit} ${tip.y - feed.y * 0.35 * unit}`}
            markerEnd="url(#arrow-head)"
          />
          <path
            d={`M${work.right - 0.3 * unit + (cut === 1 ? -2.2 : 0) * unit} ${axis - 1.75 * unit}h${cut * 2 * unit}`}
            markerEnd="url(#arrow-head)"
          />
        </g>
        <text x={work.right - 1.3 * unit} y={axis - 1.75 * unit - 14} {...text} textAnchor="middle">
          cut {frame.leading === 1 ? 'toward the headstock' : 'away from the headstock'}
        </text>
        {feeds && (
          <SwivelScale
            x={body.x}
            y={body.y}
            radius={1.15 * unit}
            swivel={swivel}
            indexDeg={(frame.fed === 1 ? -1 : 1) * (down === -1 ? 1 : -1) * angleDeg}
            markDeg={markDeg}
            offScale={offScale}
          />
        )}
        {invites && (
          <WrongAxis
            x={width - Math.min(210, width * 0.3) - 14}
            y={height - Math.min(210, width * 0.3) * 0.6 - 84}
            width={Math.min(210, width * 0.3) - 10}
            angleDeg={angleDeg}
            flankAngleDeg={flankAngleDeg}
          />
        )}
        <g {...text}>
          <text x={14} y={22}>
            {say(
              feeds
                ? `Compound ${angleDeg}° from the cross-slide axis, swung ${swingOf(frame)}${offScale ? ': beyond its scale, set it by a protractor' : `: set ${Number(markDeg.toFixed(3))}° on the scale, 0 along the ${swivel.zeroAlong === 'bed' ? 'bed' : 'cross slide'}`}`
                : 'The cross slide feeds; the compound stays as it is',
            )}
          </text>
          <text x={14} y={42} fill="var(--color-scribe-dim)">
            {`Spindle ${frame.spindleReversed ? 'backward' : 'forward'}, tool ${frame.toolInverted ? 'upside down' : 'right way up'}, cleared ${frame.deeperTowardOperator ? 'away from you' : 'toward you'}. You stand below.`}
          </text>
        </g>
      </svg>
    </div>
  );
}
