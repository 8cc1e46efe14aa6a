import { sheetGroove, type Sheet } from '@/core/sheet';
import { scaleBarFor, sectionAt, sectionLayout } from '../drawing/section-geometry';

const WIDTH = 240;
const HEIGHT = 128;

/** The finished section in black and white, to scale, small enough for the card. */
export function CardSection({ sheet }: { sheet: Sheet }) {
  const { thread, passes, workDiameter, targetPitchDiameter } = sheet;
  const layout = sectionLayout(
    {
      groove: sheetGroove(sheet),
      side: thread.side,
      workDiameter,
      feeds: passes.map(({ reading, start }) => ({ reading, start: start - 1 })),
    },
    WIDTH,
    HEIGHT,
  );
  const view = sectionAt(layout, passes.length);
  const bar = scaleBarFor(layout.pixelsPerUnit, WIDTH, thread.unit);
  const pitchLine = layout.yOf(targetPitchDiameter);
  return (
    <svg
      role="img"
      aria-label="Section of the finished thread with the passes and the tool, to scale"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full border border-black"
    >
      <g fill="none" stroke="#000">
        <path d={view.work} fill="#e4e4e4" stroke="none" />
        {layout.outlines.map((outline, index) => (
          <path key={index} d={outline} strokeWidth="0.4" />
        ))}
        <path d={view.surface} strokeWidth="1.4" />
        <path d={view.tool} strokeWidth="0.8" fill="#fff" fillOpacity="0.5" />
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
