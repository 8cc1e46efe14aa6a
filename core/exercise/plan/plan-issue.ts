import type { LengthUnit } from '@/core/base/units/length';
import type { PlanField } from './draft';

/** What one part of a plan has against another, as a fact: the words are made in `wordPlanIssue`. */
type PlanIssueCode =
  // work
  | 'no-thread-left'
  | 'crest-to-a-point'
  | 'crest-over-limit'
  | 'crest-under-limit'
  | 'length-over-total'
  | 'chamfer-misses-root'
  | 'relief-over-root'
  | 'register-without-length'
  | 'register-in-the-way'
  // technique, holding and end
  | 'end-not-of-side'
  | 'away-needs-start'
  | 'no-centre-in-bore'
  | 'compound-does-not-feed'
  | 'compound-not-along-bed'
  | 'screwed-chuck-in-reverse'
  | 'no-trip'
  | 'no-readout'
  | 'no-safe-mark'
  | 'no-dial'
  | 'run-down-unknown'
  // tool
  | 'insert-range-reversed'
  | 'insert-other-pitch'
  | 'tip-too-sharp'
  | 'tip-too-blunt'
  | 'tip-not-measured'
  // compound
  | 'angle-over-flank'
  | 'angle-well-under-flank'
  | 'graduation-off-scale'
  // proof
  | 'target-outside-band'
  | 'wire-unusable'
  | 'no-evidence'
  // schedule
  | 'scratch-over-largest'
  | 'finishing-over-largest'
  | 'finishing-takes-all'
  | 'too-few-passes'
  | 'infeed-too-small'
  | 'ends-outside-band'
  | 'constant-not-settable'
  | 'bite-over-band'
  | 'cross-dial-unknown'
  | 'stop-after-end'
  | 'dial-too-coarse'
  | 'dial-drops-rows'
  | 'between-graduations'
  // speed
  | 'little-time'
  | 'slow-for-carbide';

/** `refuse` keeps the plan from being handed out; `warn` says what it costs. */
export interface PlanIssue {
  field: PlanField;
  code: PlanIssueCode;
  severity: 'refuse' | 'warn';
  /** What was found, and what bounds it. */
  value?: number;
  limit?: number;
  range?: { min: number; max: number };
  unit?: LengthUnit | '°' | 's' | 'rpm';
  /** Further facts that the words need. */
  facts?: Readonly<Record<string, number | string | boolean | null>>;
}
