import type { FeedSlide } from '../lathe/feed-dial';
import { feedsByCompound, feedsByReadout, type InfeedWay } from './choices';

/** The slide that feeds in a way of feeding. */
export function slideOf(infeed: InfeedWay): FeedSlide {
  if (feedsByCompound(infeed)) return 'compound';
  return feedsByReadout(infeed) ? 'readout' : 'cross-slide';
}

/** The direction of feed, counted from the cross-slide axis: that of the compound, or straight in. */
export function feedAngleOf(infeed: InfeedWay, compoundAngleDeg: number): number {
  return feedsByCompound(infeed) ? compoundAngleDeg : 0;
}
