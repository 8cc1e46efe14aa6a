import { byId } from '@/core/base/documents/by-id';
import type { Side } from '@/core/thread/standards/thread';
import { chuckHolding } from './chuck';
import { chuckAndCentreHolding } from './chuck-and-centre';
import { betweenCentresHolding } from './between-centres';
import { colletHolding } from './collet';
import { fourJawHolding } from './four-jaw';
import { faceplateHolding } from './faceplate';
import { parallelsHolding } from './parallels';
import type { HoldingData } from './holding-data';

/** Every holding, in the order in which they are offered; the only place that lists them. */
const LIST = [
  chuckHolding,
  chuckAndCentreHolding,
  betweenCentresHolding,
  colletHolding,
  fourJawHolding,
  faceplateHolding,
  parallelsHolding,
] as const;

export type Holding = (typeof LIST)[number]['id'];

export const HOLDINGS: readonly Holding[] = LIST.map(({ id }) => id);

export const HOLDING_DATA: Readonly<Record<Holding, HoldingData>> = byId(LIST);

/** Holdings that carry the free end on a centre. */
export const hasTailstock = (holding: Holding | 'unknown'): boolean =>
  holding !== 'unknown' && HOLDING_DATA[holding].tailstock;

/** Holdings that a side may have. */
export const holdingsOf = (side: Side): Holding[] =>
  HOLDINGS.filter((holding) => HOLDING_DATA[holding].sides.includes(side));

/** What most shops hold the part with (common practice). */
export const usualHolding = (side: Side): Holding =>
  side === 'external' ? chuckAndCentreHolding.id : chuckHolding.id;
