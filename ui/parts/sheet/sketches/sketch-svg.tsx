import type { Sketch } from './sketch';

const grey = (fill: number | undefined) => {
  if (fill === undefined) return 'none';
  const level = Math.round(fill * 255);
  return `rgb(${level},${level},${level})`;
};

/** A sketch on screen and in print. */
export function SketchSvg({ sketch, className }: { sketch: Sketch; className?: string }) {
  const { title, width, height, paths, texts } = sketch;
  return (
    <svg role="img" aria-label={title} viewBox={`0 0 ${width} ${height}`} className={className}>
      {paths.map(({ d, stroke, dash, fill }, index) => (
        <path
          key={index}
          d={d}
          fill={grey(fill)}
          stroke={stroke === undefined ? 'none' : '#000'}
          strokeWidth={stroke}
          strokeDasharray={dash?.join(' ')}
        />
      ))}
      {texts.map(({ x, y, text, size, anchor = 'start', bold }, index) => (
        <text
          key={index}
          x={x}
          y={y}
          fontSize={size}
          textAnchor={anchor}
          fontWeight={bold === true ? 600 : 400}
          className="figures"
        >
          {text}
        </text>
      ))}
    </svg>
  );
}
