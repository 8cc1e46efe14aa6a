'use client';

import { nutOfClass, nutOfSize } from '@/core/measuring/nut/nut-size';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf } from '@/core/thread/standards/thread';
import type { Band } from '@/core/thread/standards/thread-limits';
import { lengthIn } from '@/core/base/units/length';
import { radians } from '@/core/base/units/angle';
import { useSize } from '@/ui/kit/use-size';
import { useShowLength } from '@/ui/units/display-unit';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';

/** What proves the thread, on the scale of the pitch diameter: the class, the target, and what the nut lets pass; with wires, how they lie. */
export function ProofDrawing() {
  const { read } = usePlanning();
  const { ref, size } = useSize<HTMLDivElement>({ width: 720, height: 420 });
  const show = useShowLength();
  const { thread, limits, target, blank, wire, overWires } = read.evaluation;
  const { evidence = [] } = read.inputs;
  if (thread === null || limits === null || target === null || blank === null) return null;
  const { width, height } = size;
  const { unit } = thread;
  const nut = nutBandOf(evidence, thread, unit);
  const wires = evidence.some(({ kind }) => kind === 'wires');
  const band = limits.pitchDiameter;
  const low = Math.min(band.min, nut?.min ?? band.min);
  const high = Math.max(band.max, nut?.max ?? band.max);
  const room = (high - low) * 0.25;
  const x = (value: number) => 50 + ((value - (low - room)) / (high - low + 2 * room)) * (width - 100);
  const figures = (value: number) => show.figures(value, unit);
  const base = wires ? height - 110 : height / 2 - 40;
  const bar = (of: Band, y: number, fill: string, text: string) => (
    <g key={text}>
      <rect
        x={x(of.min)}
        y={y}
        width={Math.max(2, x(of.max) - x(of.min))}
        height="26"
        fill={fill}
        stroke="var(--color-scribe)"
      />
      <text x={x(of.min)} y={y - 6} fill="var(--color-scribe)" fontSize="13" className="figures">
        {text} {figures(of.min)} – {figures(of.max)}
      </text>
    </g>
  );
  const names = evidence.map(({ kind }) => EVIDENCE_DATA[kind].name(thread.side)).join(', ');
  return (
    <div ref={ref} className="h-full min-h-0 contain-strict bg-dye-deep text-scribe">
      <svg
        role="img"
        aria-label={`Proof: ${names}. Class ${figures(band.min)} to ${figures(band.max)}${nut === null ? '' : `, nut ${figures(nut.min)} to ${figures(nut.max)}`}, target ${figures(target)}.`}
        viewBox={`0 0 ${width} ${height}`}
        className="block size-full"
      >
        {wires && wire !== null && overWires !== null && (
          <WireInGroove
            pitch={pitchOf(thread)}
            flankAngleDeg={formOf(thread).flankAngleDeg}
            crestDepth={Math.abs(blank - target) / 2}
            wire={wire}
            proud={(thread.side === 'external' ? 1 : -1) * ((overWires.target - blank) / 2)}
            width={width}
            height={base - 60}
            text={`${thread.side === 'external' ? 'wire' : 'ball'} ${show.figures(wire, unit, 1)}, ${figures(overWires.target)} over`}
          />
        )}
        {bar(band, base, 'var(--color-go-bright)', 'class')}
        {nut !== null &&
          bar(
            nut,
            base + 52,
            'var(--color-brass-bright)',
            thread.side === 'external' ? 'the nut lies in' : 'the bolt lies in',
          )}
        <path
          d={`M${x(target)} ${nut === null ? base : base - 22}V${base + 40}`}
          stroke="var(--color-scribe)"
          strokeWidth="3"
        />
        <text
          x={x(target)}
          y={nut === null ? base + 54 : base - 26}
          fill="var(--color-scribe)"
          fontSize="13"
          textAnchor="middle"
          className="figures"
        >
          target {figures(target)}
        </text>
        <text fill="var(--color-scribe)" fontSize="16">
          {inLines(names, (width - 28) / 8).map((line, index) => (
            <tspan key={line} x={14} y={26 + 20 * index}>
              {line}
            </tspan>
          ))}
        </text>
      </svg>
    </div>
  );
}

/** Broken at words, so that no line is longer than so many letters. */
function inLines(text: string, most: number): string[] {
  return text.split(' ').reduce<string[]>((lines, word) => {
    const last = lines.at(-1);
    if (last === undefined || last.length + word.length + 1 > most) return [...lines, word];
    return [...lines.slice(0, -1), `${last} ${word}`];
  }, []);
}

function nutBandOf(
  evidence: NonNullable<ReturnType<typeof usePlanning>['read']['inputs']['evidence']>,
  thread: Parameters<typeof nutOfClass>[0],
  unit: 'in' | 'mm',
): Band | null {
  const trial = evidence.find(
    ({ kind, gaugeKnown }) => EVIDENCE_DATA[kind].recordedAs === 'trial' && gaugeKnown,
  );
  if (trial === undefined) return null;
  if (trial.gaugeSize !== null)
    return nutOfSize(
      lengthIn(trial.gaugeSize, unit),
      trial.gaugeUncertainty === null ? 0 : lengthIn(trial.gaugeUncertainty, unit),
    );
  const read = nutOfClass(thread, trial.gaugeClass ?? '');
  return read.ok ? read.value : null;
}

/** A wire in the groove at the target, to scale. */
function WireInGroove({
  pitch,
  flankAngleDeg,
  crestDepth,
  wire,
  proud,
  width,
  height,
  text,
}: {
  pitch: number;
  flankAngleDeg: number;
  crestDepth: number;
  wire: number;
  /** How far the wire stands over the crest. */
  proud: number;
  width: number;
  height: number;
  text: string;
}) {
  const slope = Math.tan(radians(flankAngleDeg));
  const deep = pitch / 4 / slope;
  const whole = Math.max(proud, 0) + crestDepth + deep;
  const scale = Math.min((height - 60) / whole, (width * 0.6) / (2 * pitch));
  const cx = width / 2;
  const crest = 50 + Math.max(proud, 0) * scale;
  const y = (depth: number) => crest + depth * scale;
  const half = (depth: number) => (pitch / 4 + (crestDepth - depth) * slope) * scale;
  const root = crestDepth + deep * 0.72;
  const centre = y(-proud + wire / 2);
  return (
    <g>
      <path
        d={[-1, 0, 1]
          .map((turn) => {
            const at = cx + turn * pitch * scale;
            return `${turn === -1 ? `M${at - pitch * scale * 0.5} ${y(0)}` : ''}L${at - half(0)} ${y(0)}L${at - half(root)} ${y(root)}L${at + half(root)} ${y(root)}L${at + half(0)} ${y(0)}`;
          })
          .join('')}
        fill="none"
        stroke="var(--color-scribe)"
        strokeWidth="2"
        data-part="groove"
      />
      <path
        d={`M${cx - 1.5 * pitch * scale} ${y(crestDepth)}H${cx + 1.5 * pitch * scale}`}
        stroke="var(--color-scribe-dim)"
        strokeDasharray="14 4 3 4"
      />
      <circle
        cx={cx}
        cy={centre}
        r={(wire / 2) * scale}
        fill="var(--color-brass-bright)"
        fillOpacity="0.35"
        stroke="var(--color-brass-bright)"
        strokeWidth="2"
        data-part="wire"
      />
      <text
        x={cx + (wire / 2) * scale + 12}
        y={Math.min(centre, y(0) - 14)}
        fill="var(--color-scribe)"
        fontSize="14"
        className="figures"
      >
        {text}
      </text>
    </g>
  );
}
