import { sheetGroove } from '@/core/exercise/sheet/sheet-geometry';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { scaleBarFor, sectionAt, sectionLayout } from '@/ui/drawing/section-geometry';
import type { Sketch } from './sketch';

/** The finished section with its passes and the tool, to scale. */
export function sectionSketch(sheet: Sheet, width: number, height: number): Sketch {
  const { thread, passes, workDiameter, targetPitchDiameter } = sheet;
  const layout = sectionLayout(
    {
      groove: sheetGroove(sheet),
      side: thread.side,
      workDiameter,
      feeds: passes.map(({ reading, start }) => ({ reading, start: start - 1 })),
    },
    width,
    height,
  );
  const view = sectionAt(layout, passes.length);
  const bar = scaleBarFor(layout.pixelsPerUnit, width, thread.unit);
  const pitchLine = layout.yOf(targetPitchDiameter);
  return {
    title: 'Section of the finished thread with the passes and the tool, to scale',
    width,
    height,
    paths: [
      { d: view.work, fill: 0.89 },
      ...layout.outlines.map((d) => ({ d, stroke: 0.4 })),
      { d: view.surface, stroke: 1.4 },
      { d: view.tool, stroke: 0.8 },
      { d: `M0 ${pitchLine}H${width}`, stroke: 0.6, dash: [8, 3, 2, 3] },
      { d: `M8 ${height - 8}v-4m0 2h${bar.length}m0 -2v4`, stroke: 0.8 },
    ],
    texts: [
      { x: 12 + bar.length, y: height - 7, text: bar.text, size: 9 },
      { x: width - 4, y: pitchLine - 3, text: 'PD', size: 9, anchor: 'end' },
    ],
  };
}
