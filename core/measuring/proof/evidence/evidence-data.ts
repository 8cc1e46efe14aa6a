import type { GaugeKind } from '../../gauging/gauge';
import type { Side } from '@/core/thread/standards/thread';

/** How an evidence enters the record. */
type RecordedAs = 'measurement' | 'trial' | 'gauge' | 'value' | 'yes-no' | 'look' | 'nothing';

export type Strength = 'strong' | 'middling' | 'weak' | 'hint';

/** One kind of evidence, as data. */
export interface EvidenceData {
  /** Stored in plans, sheets and records: never renamed. */
  id: string;
  name: (side: Side) => string;
  recordedAs: RecordedAs;
  strength: Strength;
  /** False: read and judged for ever, and not offered any more. */
  offered?: false;
  /** Kinds of gauges of the shop's book with which it is taken; none: nothing of the book. */
  gauges?: (side: Side) => readonly GaugeKind[];
  /** What it gives, in a sentence. */
  gives: (side: Side) => string;
}

export const STRENGTH_WORDS: Record<Strength, string> = {
  strong: 'strong',
  middling: 'middling',
  weak: 'weak',
  hint: 'a hint, no proof',
};
