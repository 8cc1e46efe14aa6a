import type { FeedSlide } from '../lathe/feed-dial';
import { feedsByCompound, type InfeedWay } from './choices';

/** The slide that feeds in a way of feeding. */
export function slideOf(infeed: InfeedWay): FeedSlide {
  if (feedsByCompound(infeed)) return 'compound';
  return infeed === 'readout' ? 'readout' : 'cross-slide';
}

/** The direction of feed, counted from the cross-slide axis: that of the compound, or straight in. */
export function feedAngleOf(infeed: InfeedWay, compoundAngleDeg: number): number {
  return feedsByCompound(infeed) ? compoundAngleDeg : 0;
}
