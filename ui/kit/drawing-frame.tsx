import type { ReactNode, Ref } from 'react';

export interface ScaleBar {
  /** Length of the bar on the drawing, in its own user units. */
  length: number;
  text: string;
}

/** Frames a drawing on layout blue with a title, a scale bar and a text for those who do not see it. */
export function DrawingFrame({
  title,
  description,
  viewBox,
  scale,
  scaleAt,
  svgRef,
  children,
}: {
  title: string;
  description: string;
  viewBox: { width: number; height: number };
  scale: ScaleBar;
  scaleAt: { x: number; y: number };
  svgRef?: Ref<SVGSVGElement> | undefined;
  children: ReactNode;
}) {
  const { x, y } = scaleAt;
  return (
    <figure className="h-full min-h-0 bg-dye-deep text-scribe">
      <svg
        ref={svgRef}
        role="img"
        aria-label={`${title}. ${description}`}
        viewBox={`0 0 ${viewBox.width} ${viewBox.height}`}
        className="block size-full"
        preserveAspectRatio="xMidYMid meet"
      >
        {children}
        <g stroke="currentColor" strokeWidth="1.5" fill="none">
          <path d={`M${x} ${y - 5} v10 M${x} ${y} h${scale.length} m0 -5 v10`} />
          <text
            x={x + scale.length / 2}
            y={y - 8}
            fill="currentColor"
            stroke="none"
            textAnchor="middle"
            className="figures"
            fontSize="13"
          >
            {scale.text}
          </text>
        </g>
      </svg>
    </figure>
  );
}
