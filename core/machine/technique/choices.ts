/** The choices that make a way of working. A plan stores their names for ever. */
export const WORK_ENDS = ['groove', 'recess', 'mark', 'through', 'boss'] as const;
export const DIRECTIONS = ['toward-headstock', 'away-from-headstock'] as const;
export const TOOL_SIDES = ['front', 'back'] as const;
export const CLEARINGS = ['cross-slide', 'compound'] as const;
export const CLEAR_ORDERS = ['clear-first', 'stop-first'] as const;
export const INFEED_WAYS = [
  'compound',
  'plunge',
  'readout',
  'readout-zeroed',
  'alternating',
  'axial',
] as const;
export const MARK_RULES = ['any-safe', 'same'] as const;
export const END_SEEN_BY = ['eye', 'indicator', 'mark', 'readout', 'ear'] as const;
export const ZERO_WAYS = ['metal', 'dye', 'paper', 'short', 'scratch'] as const;
export const LEVELS = ['each-step', 'one-page'] as const;
export const STARTS_BY = ['compound', 'thread-dial', 'spindle'] as const;

export type WorkEnd = (typeof WORK_ENDS)[number];
export type Clearing = (typeof CLEARINGS)[number];
export type ClearOrder = (typeof CLEAR_ORDERS)[number];
export type InfeedWay = (typeof INFEED_WAYS)[number];
export type MarkRule = (typeof MARK_RULES)[number];
export type EndSeenBy = (typeof END_SEEN_BY)[number];
export type ZeroWay = (typeof ZERO_WAYS)[number];
export type Level = (typeof LEVELS)[number];
export type StartsBy = (typeof STARTS_BY)[number];

/** Ways of feeding by a readout: set to the diameter that was touched, or zeroed there. */
export const feedsByReadout = (infeed: string): boolean =>
  infeed === 'readout' || infeed === 'readout-zeroed';

/** Ways of feeding in which the compound stands at an angle and takes the tool in. */
export const feedsByCompound = (infeed: InfeedWay): boolean =>
  infeed === 'compound' || infeed === 'alternating';
