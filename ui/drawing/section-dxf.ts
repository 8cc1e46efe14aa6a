import Drawing from 'dxf-writer';
import { groundOver } from '@/core/cutting/cut/ground-over';
import { layerAfter } from '@/core/cutting/cut/cut-thread';
import { depthAt, type Piece } from '@/core/thread/geometry/piece';
import { moveProfile, type Profile } from '@/core/thread/geometry/profile';
import { toolEdge } from '@/core/cutting/groove/tool-edge';
import type { SectionLayout } from './section-geometry';

/** Two pitches to both sides of the deepest groove. */
const PITCHES = 2;

/**
 * The section as a DXF drawing, full size in the unit of the thread: one layer for each pass, the tool at the last of them.
 * x along the axis toward the headstock, y from the surface of the work, negative into it; arcs stay arcs.
 */
export function sectionDxf(layout: SectionLayout): string {
  const { thread, section, deepest } = layout;
  const drawing = new Drawing();
  const reach = PITCHES * section.groove.pitch;
  const stretch = { from: deepest.x - reach, to: deepest.x + reach };
  const draw = (name: string, colour: number, profile: Profile) => {
    drawing.addLayer(name, colour, 'CONTINUOUS');
    drawing.setActiveLayer(name);
    profile.forEach((piece) => drawPiece(drawing, piece));
  };
  thread.grounds.forEach((_, after) => {
    const name = after === 0 ? 'BLANK' : `PASS_${String(after).padStart(2, '0')}`;
    const last = after === thread.grounds.length - 1;
    draw(
      name,
      last ? Drawing.ACI.WHITE : Drawing.ACI.CYAN,
      groundOver(layerAfter(thread, after), thread.lead, stretch),
    );
  });
  const { tip, flankAngleDeg, pitch } = section.groove;
  const edge = toolEdge(tip, flankAngleDeg, deepest.y + 0.2 * pitch);
  draw('TOOL', Drawing.ACI.YELLOW, moveProfile(edge, deepest.x, deepest.y));
  return drawing.toDxfString();
}

function drawPiece(drawing: Drawing, piece: Piece): void {
  if (piece.kind === 'line') {
    drawing.drawLine(piece.x0, -piece.y0, piece.x1, -piece.y1);
    return;
  }
  const { cx, cy, r } = piece;
  const angle = (x: number) => (Math.atan2(-(depthAt(piece, x) - cy), x - cx) * 180) / Math.PI;
  drawing.drawArc(cx, -cy, r, angle(piece.x0), angle(piece.x1));
}
