import type { FeedSlide } from '../lathe/feed-dial';
import { capital, type TechniqueWords } from './technique-words';
import { frameOfWay } from './cut-way';
import type { Way } from './way';

/**
 * Which way the slack of the slides is taken out for a way of working: the last movement is the one that takes the tool
 * deeper. Most handles go clockwise to take their slide away from the operator (common practice).
 */
export function slackWords(way: Way, slide: FeedSlide, { crossSlide, compound }: TechniqueWords): string {
  const toward = frameOfWay(way).deeperTowardOperator;
  const cross = `${capital(crossSlide)}: come to its zero moving ${toward ? 'toward you, on most lathes handle counter-clockwise' : 'away from you, on most lathes handle clockwise'}`;
  const feed =
    slide !== 'compound'
      ? ''
      : toward
        ? `; ${compound}: draw it out, handle counter-clockwise`
        : `; ${compound}: push it in, handle clockwise`;
  return `${cross}${feed}. Past a reading? Go back by more than the slack and come up to it again.`;
}
