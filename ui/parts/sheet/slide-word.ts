import type { Sheet } from '@/core/exercise/sheet/sheet';

/** The slide that feeds, as the shop calls it. */
export function slideWord({ feed, words }: Sheet): string {
  return feed.slide === 'compound' ? words.compound : feed.slide === 'readout' ? 'readout' : words.crossSlide;
}
