import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Chips } from './chips';

export type FedBySlide = 'planned' | 'cross-slide';

/** Which slide fed a cut, where the plan feeds by the compound; nothing where it feeds otherwise. */
export function FedBy({
  sheet: { feed, words },
  chosen,
  onChoose,
}: {
  sheet: Sheet;
  chosen: FedBySlide;
  onChoose: (slide: FedBySlide) => void;
}) {
  if (feed.slide !== 'compound') return null;
  return (
    <Chips
      label="Fed by"
      chosen={chosen}
      options={[
        { id: 'planned', text: words.compound },
        { id: 'cross-slide', text: words.crossSlide, title: `The ${words.compound} stays where it stands` },
      ]}
      onChoose={onChoose}
    />
  );
}
