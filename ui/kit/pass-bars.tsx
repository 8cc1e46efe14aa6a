import type { RibbonPass } from './ribbon-pass';
import { useSize } from './use-size';

const KIND_LETTERS = { scratch: 'S', rough: 'R', finish: 'F', spring: '0' };

const HEIGHT = 64;
/** Line on which the bars stand; the letters of the kinds are under it. */
const BASE = HEIGHT - 16;
/** Height of the largest infeed, and place of the largest chip above the line. */
const MOST_BAR = 46;
const MOST_CHIP = 40;

/**
 * The passes as bars and diamonds. A few paths for all of them: each key stroke of a plan changes every bar, and an element
 * for each would be laid out anew.
 */
export function PassBars({
  passes,
  chosen,
  onChoose,
}: {
  passes: readonly RibbonPass[];
  chosen: number;
  onChoose: (n: number) => void;
}) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 1240, height: HEIGHT });
  const column = size.width / passes.length;
  const mostInfeed = Math.max(...passes.map((pass) => pass.infeed));
  const mostChip = Math.max(...passes.map((pass) => pass.chip));
  const middle = (index: number) => tenth((index + 0.5) * column);
  const bars = passes.map(({ infeed }, index) => {
    const height = infeed === 0 ? 0 : tenth(Math.max(2, (infeed / mostInfeed) * MOST_BAR));
    return `M${tenth((index + 0.2) * column)} ${BASE} v-${height} h${tenth(0.6 * column)} v${height}`;
  });
  const diamonds = passes.map(({ chip }, index) =>
    chip > 0
      ? `M${middle(index)} ${tenth(BASE - 8 - (chip / mostChip) * MOST_CHIP)} l5 5 l-5 5 l-5 -5 z`
      : '',
  );
  const ruling = passes.map(
    (_, index) => `M${tenth(index * column + 2)} ${BASE + 0.5} h${tenth(column - 4)}`,
  );
  const flags = passes.map(({ stop }, index) =>
    stop === undefined ? '' : `M${tenth((index + 1) * column - 1)} ${HEIGHT} V2 l-9 5 l9 5`,
  );
  const done = passes.filter(({ n }) => n <= chosen).length;
  const at = passes.findIndex(({ n }) => n === chosen);
  return (
    <div ref={ref} aria-hidden className="h-16 contain-strict">
      <svg
        width="100%"
        height={HEIGHT}
        className="block cursor-pointer"
        onClick={({ nativeEvent }) => {
          const pass = passes[Math.floor(nativeEvent.offsetX / column)];
          if (pass !== undefined) onChoose(pass.n);
        }}
      >
        {at >= 0 && (
          <rect x={tenth(at * column)} width={tenth(column)} height={HEIGHT} fill="var(--color-dye-soft)" />
        )}
        <path d={bars.slice(0, done).join('')} fill="var(--color-brass-bright)" />
        <path d={bars.slice(done).join('')} fill="none" stroke="var(--color-scribe-dim)" />
        <path d={ruling.join('')} stroke="var(--color-scribe-dim)" />
        <path d={flags.join('')} fill="var(--color-nogo-bright)" stroke="var(--color-nogo-bright)" />
        <path d={diamonds.join('')} fill="var(--color-scribe)" stroke="var(--color-dye-deep)" />
        <text
          x={passes.map((_, index) => tenth(middle(index) - 3.6)).join(' ')}
          y={HEIGHT - 4}
          fontSize="12"
          className="figures"
          fill="var(--color-scribe)"
        >
          {passes.map(({ kind }) => KIND_LETTERS[kind]).join('')}
        </text>
      </svg>
    </div>
  );
}

/** Tenths of a pixel: bars that look the same are left alone while one types. */
function tenth(value: number): number {
  return Math.round(10 * value) / 10;
}
