import { Slider } from 'radix-ui';
import { memo } from 'react';
import { PassBars } from './pass-bars';
import type { RibbonPass } from './ribbon-pass';

const KIND_WORDS = { scratch: 'scratch', rough: 'roughing', finish: 'finishing', spring: 'spring' };

/**
 * The passes side by side: bar = infeed, diamond = chip area, the chosen one marked. The slider under it steps through
 * them with the mouse or the arrow keys and moves the drawing.
 */
export function PassRibbon({
  passes,
  chosen,
  onChoose,
}: {
  passes: readonly RibbonPass[];
  chosen: number;
  onChoose: (n: number) => void;
}) {
  const current = passes.find((pass) => pass.n === chosen);
  return (
    <section
      aria-label="Passes"
      className="contain-content border-t border-dye-deep bg-dye px-4 pt-1.5 pb-2 text-scribe"
    >
      <p className="flex items-baseline gap-4 text-sm">
        <span className="label text-scribe-dim">Pass</span>
        <span className="figures" aria-live="polite">
          {current === undefined
            ? `none of ${passes.length}`
            : `${current.n} of ${passes.length} · ${KIND_WORDS[current.kind]} · dial ${current.reading}${current.stop === undefined ? '' : ` · then stop: ${current.stop}`}`}
        </span>
        <span className="ml-auto text-2xs text-scribe-dim tablet:hidden">
          bar: infeed · diamond: chip area · S scratch, R rough, F finish, 0 spring · flag: stop
        </span>
      </p>
      <PassBars passes={passes} chosen={chosen} onChoose={onChoose} />
      <PassSlider
        count={passes.length}
        chosen={chosen}
        words={
          current === undefined
            ? 'before the first pass'
            : `pass ${current.n}, ${KIND_WORDS[current.kind]}, dial ${current.reading}`
        }
        onChoose={onChoose}
      />
    </section>
  );
}

/** Steps through the passes with the mouse or the arrow keys; as wide as the bars over it. */
const PassSlider = memo(function PassSlider({
  count,
  chosen,
  words,
  onChoose,
}: {
  count: number;
  chosen: number;
  /** The chosen pass for those who do not see the ribbon. */
  words: string;
  onChoose: (n: number) => void;
}) {
  return (
    <Slider.Root
      className="relative mt-1 flex h-6 touch-none items-center select-none"
      style={{ marginInline: `calc(50% / ${count + 1})` }}
      min={0}
      max={count}
      step={1}
      value={[chosen]}
      onValueChange={([n]) => onChoose(n ?? 0)}
    >
      <Slider.Track className="relative h-1 grow bg-dye-soft">
        <Slider.Range className="absolute h-full bg-brass-bright" />
      </Slider.Track>
      <Slider.Thumb
        aria-label="Pass shown"
        aria-valuetext={words}
        className="block h-6 w-4 border-2 border-dye-deep bg-brass-bright"
      />
    </Slider.Root>
  );
});
