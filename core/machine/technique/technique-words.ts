import type { ShopWords } from '../shop/words-document';
import { frameOfWay, type CutWay } from './cut-way';

/** What the sentences of a technique are made of. */
export interface TechniqueWords {
  compound: string;
  crossSlide: string;
  halfNut: string;
  /** `blank`, `bore`. */
  work: string;
}

export const techniqueWords = (shop: ShopWords, work: string): TechniqueWords => ({
  compound: shop.compound,
  crossSlide: shop.crossSlide,
  halfNut: shop.halfNut,
  work,
});

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Where the cut ends, as it is said at the lathe. */
export function endWords({ end, direction, side }: CutWay, { work }: TechniqueWords): string {
  if (direction === 'away-from-headstock')
    return side === 'internal' ? 'clear of the mouth' : `beyond the end of the ${work}`;
  switch (end) {
    case 'groove':
      return 'in the run-out groove';
    case 'recess':
      return 'in the recess';
    case 'mark':
      return 'at the line';
    case 'through':
      return `when the tool is out of the ${work}`;
    case 'boss':
      return 'over the boss';
  }
}

/** Where the tool stands when a cut toward the headstock has ended. */
export const placeOfEnd = ({ end }: Pick<CutWay, 'end'>): string =>
  ({
    groove: 'in the run-out groove',
    recess: 'in the recess',
    mark: 'at the line',
    through: 'behind the work',
    boss: 'over the boss',
  })[end];

/** How the carriage goes back to where the cut begins. */
export function backWords({ end, direction }: CutWay): string {
  if (direction === 'toward-headstock') return 'well clear of the work';
  return {
    groove: 'into the groove',
    recess: 'into the recess',
    mark: 'to the line',
    through: 'behind the work',
    boss: 'over the boss',
  }[end];
}

/** What is watched while it cuts. */
export function watchWords({ endSeenBy }: CutWay): string {
  switch (endSeenBy) {
    case 'eye':
      return 'Watch the tool.';
    case 'indicator':
      return 'Watch the carriage indicator.';
    case 'mark':
      return 'Watch the line on the bar.';
    case 'readout':
      return 'Watch the carriage’s readout.';
    case 'ear':
      return 'Listen: the sound changes at the end.';
    default:
      return 'Watch.';
  }
}

/** Where the cut begins. */
export function startWords({ end, direction }: CutWay): string {
  if (direction === 'toward-headstock') return 'well clear of the work';
  if (end === 'groove') return 'in the groove';
  return { recess: 'in the recess', boss: 'over the boss', mark: 'at the line', through: 'behind the work' }[
    end
  ];
}

/** The way in which the tool is cleared from its groove, seen from the operator. */
export function clearingWords(way: CutWay, { crossSlide, compound }: TechniqueWords): string {
  if (way.clearing === 'compound') return `back the ${compound} off, well behind its zero`;
  const away = frameOfWay(way).deeperTowardOperator;
  return `${crossSlide} ${away ? 'away from you' : 'toward you'}, clear of the thread`;
}
