import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Field } from '@/ui/kit/field';
import { slideWord } from '../sheet/slide-word';
import { Chips } from './chips';

/** The slide of the plan, or the other one. */
export type FedBySlide = 'planned' | 'cross-slide' | 'compound';

/** Which slide fed a cut: the one of the plan, or the other. */
export function FedBy({
  sheet,
  chosen,
  onChoose,
}: {
  sheet: Sheet;
  chosen: FedBySlide;
  onChoose: (slide: FedBySlide) => void;
}) {
  const { compound, crossSlide } = sheet.words;
  const other =
    sheet.feed.slide === 'compound'
      ? { id: 'cross-slide' as const, text: crossSlide, title: `The ${compound} stays where it stands` }
      : { id: 'compound' as const, text: compound, title: `The ${slideWord(sheet)} stays at its figure` };
  return (
    <Chips
      label="Fed by"
      chosen={chosen}
      options={[{ id: 'planned', text: slideWord(sheet) }, other]}
      onChoose={onChoose}
    />
  );
}

/** What is typed where another slide than the planned one fed; null where it is the planned one's own reading. */
export function otherFed(fed: FedBySlide, { words: { compound, crossSlide } }: Sheet): string | null {
  if (fed === 'planned') return null;
  return fed === 'compound'
    ? `How far the ${compound} was fed for this cut`
    : `How far the ${crossSlide} stands beyond its zero, on the radius`;
}

/** The same as it is recorded. */
export const otherFedFields = (fed: FedBySlide, typed: string, angle: string): EntryFields =>
  fed === 'compound' ? { compound: typed, compoundAngle: angle } : { crossSlide: typed };

/** At which angle the compound stands that fed a cut of a plan that plunges. */
export function CompoundAngle({
  fed,
  value,
  onChange,
}: {
  fed: FedBySlide;
  value: string;
  onChange: (value: string) => void;
}) {
  return fed === 'compound' ? (
    <Field
      size="bench"
      label="Its angle, from the cross slide"
      unit="°"
      inputMode="decimal"
      value={value}
      note="0: straight in. Empty: not known."
      onChange={(event) => onChange(event.target.value)}
    />
  ) : null;
}
