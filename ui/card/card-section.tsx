import type { DerivedPlan } from '@/core/plan';
import { formOf, pitchOf } from '@/core/thread';
import { scaleBarFor, sectionGeometry } from '../drawing/section-geometry';

const WIDTH = 240;
const HEIGHT = 128;

/** The finished section in black and white, to scale, small enough for the card. */
export function CardSection({ derived }: { derived: DerivedPlan }) {
  const { thread, plan, tip, passes, blank, target } = derived;
  const geometry = sectionGeometry(
    {
      groove: {
        pitch: pitchOf(thread),
        tip,
        flankAngleDeg: formOf(thread).flankAngleDeg,
        compoundAngleDeg: plan.compoundAngleDeg,
      },
      side: thread.side,
      workDiameter: blank,
      readings: passes.map((pass) => pass.reading),
      chosen: passes.length,
    },
    WIDTH,
    HEIGHT,
  );
  const bar = scaleBarFor(geometry.pixelsPerUnit, WIDTH, thread.unit);
  const pitchLine = geometry.yOf(target);
  return (
    <svg
      role="img"
      aria-label="Section of the finished thread with the passes and the tool, to scale"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full border border-black"
    >
      <g fill="none" stroke="#000">
        <path d={geometry.work} fill="#e4e4e4" stroke="none" />
        {geometry.outlines.map((outline, index) => (
          <path key={index} d={outline} strokeWidth="0.4" />
        ))}
        <path d={geometry.surface} strokeWidth="1.4" />
        <path d={geometry.tool} strokeWidth="0.8" fill="#fff" fillOpacity="0.5" />
        <path d={`M0 ${pitchLine} H${WIDTH}`} strokeWidth="0.6" strokeDasharray="8 3 2 3" />
        <path d={`M8 ${HEIGHT - 8} v-4 m0 2 h${bar.length} m0 -2 v4`} strokeWidth="0.8" />
      </g>
      <text x={12 + bar.length} y={HEIGHT - 7} fontSize="9" className="figures">
        {bar.text}
      </text>
      <text x={WIDTH - 4} y={pitchLine - 3} fontSize="9" textAnchor="end" className="figures">
        PD
      </text>
    </svg>
  );
}
