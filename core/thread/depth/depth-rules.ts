import { acmeClearanceIn } from '../standards/acme/acme-limits';
import { crestClearanceMm } from '../standards/trapezoidal/trapezoidal-tables';
import { FORM_60, FORM_WHITWORTH, type ThreadForm } from '../standards/thread-form';
import { formOf } from '../standards/systems';
import { pitchOf, type Side, type Thread } from '../standards/thread';
import type { Tip } from '../tool/tip';
import { radians } from '@/core/base/units/angle';
import { depthCaseOf, groundHeight, pitchDiameterAt } from './radial-depth';

/** What a rule may depend on; lengths in the thread's unit. */
interface DepthRuleCase {
  pitch: number;
  /** The angle at which the compound is fed, from square to the lathe's axis. */
  compoundAngleDeg: number;
  /** Depth at which the groove is exactly half a pitch wide at the surface. */
  groundHeight: number;
}

/** A rule of thumb for the depth, and what it takes for granted. Common practice unless the formula is named. */
interface DepthRule {
  id: string;
  form: ThreadForm['id'];
  name: string;
  /** Radial depth, in the thread's unit. */
  radialDepth: (given: DepthRuleCase) => number;
  assumes: string;
  sides: readonly Side[];
}

const BOTH: readonly Side[] = ['external', 'internal'];
const EXTERNAL: readonly Side[] = ['external'];

function pitches(share: number): DepthRule['radialDepth'] {
  return ({ pitch }) => share * pitch;
}

/**
 * All the taught rules, side by side. None of them knows the real blank or the real tip, but for the crest that
 * comes to a point: the flanks meet there whatever the tip.
 */
const DEPTH_RULES: readonly DepthRule[] = [
  {
    id: 'half-pitch',
    form: 'sixty',
    name: 'half the pitch, then try the nut',
    radialDepth: pitches(0.5),
    assumes: 'a starting point for a metric plunge, not a depth',
    sides: EXTERNAL,
  },
  {
    id: 'basic',
    form: 'sixty',
    name: 'radial 0.5413 P',
    radialDepth: pitches((5 / 8) * FORM_60.fundamentalHeight),
    assumes: 'flat of P/4 at the tip outside, P/8 inside (basic form), blank or bore at nominal',
    sides: BOTH,
  },
  {
    id: 'rounded',
    form: 'sixty',
    name: 'radial 0.6134 P',
    radialDepth: pitches(FORM_60.majorToRoundedRoot / 2),
    assumes: 'root rounded by H/6, blank at nominal',
    sides: EXTERNAL,
  },
  {
    id: 'compound-075',
    form: 'sixty',
    name: 'compound 0.75 P',
    radialDepth: ({ pitch, compoundAngleDeg }) => 0.75 * pitch * Math.cos(radians(compoundAngleDeg)),
    assumes:
      'made for 30°, flat of P/8 outside (a sharp tool inside), blank at nominal; fed at the angle planned',
    sides: BOTH,
  },
  {
    id: 'p8',
    form: 'sixty',
    name: 'radial 0.6495 P',
    radialDepth: pitches(FORM_60.fullDoubleHeight / 2),
    assumes: 'flat of P/8; doubled, it stands on many centre gauges',
    sides: EXTERNAL,
  },
  {
    id: 'sharp',
    form: 'sixty',
    name: 'radial 0.7578 P',
    radialDepth: pitches((7 / 8) * FORM_60.fundamentalHeight),
    assumes: 'sharp tip, to reach the basic pitch diameter',
    sides: EXTERNAL,
  },
  {
    id: 'full-v',
    form: 'sixty',
    name: 'radial 0.866 P',
    radialDepth: pitches(FORM_60.fundamentalHeight),
    assumes: 'full height of a sharp V, blank at nominal',
    sides: EXTERNAL,
  },
  {
    id: 'crest-point',
    form: 'sixty',
    name: 'until the crest comes to a point',
    radialDepth: ({ pitch, groundHeight: ground }) => (FORM_60.fundamentalHeight / 2) * pitch + ground,
    assumes:
      'that the eye sees when the flanks meet: 0.866 P from the real surface to the pitch diameter, whatever the tip',
    sides: BOTH,
  },
  {
    id: 'acme-basic',
    form: 'acme',
    name: 'half the pitch',
    radialDepth: pitches(0.5),
    assumes: 'basic form: no clearance at the root',
    sides: BOTH,
  },
  {
    id: 'acme-clearance',
    form: 'acme',
    name: 'half the pitch and half the clearance',
    radialDepth: ({ pitch }) => pitch / 2 + acmeClearanceIn(pitch) / 2,
    assumes: 'tool of the published width 0.3707 P − 0.259 × clearance, blank or bore at nominal (ASME B1.5)',
    sides: BOTH,
  },
  {
    id: 'trapezoidal-basic',
    form: 'trapezoidal',
    name: 'half the pitch',
    radialDepth: pitches(0.5),
    assumes: 'basic form: no clearance at the root',
    sides: BOTH,
  },
  {
    id: 'trapezoidal-clearance',
    form: 'trapezoidal',
    name: 'half the pitch and the clearance',
    radialDepth: ({ pitch }) => pitch / 2 + crestClearanceMm(pitch),
    assumes: 'tool of the published width 0.366 P − 0.54 × clearance, blank or bore at nominal (ISO 2901)',
    sides: BOTH,
  },
  {
    id: 'whitworth-rounded',
    form: 'whitworth',
    name: 'radial 0.6403 P',
    radialDepth: pitches(FORM_WHITWORTH.majorToMinor / 2),
    assumes: 'root rounded by 0.1373 P, blank or bore at nominal (BS 84)',
    sides: BOTH,
  },
  {
    id: 'whitworth-sharp',
    form: 'whitworth',
    name: 'radial 0.8004 P',
    radialDepth: pitches((5 / 6) * FORM_WHITWORTH.fundamentalHeight),
    assumes: 'sharp tip, to reach the basic pitch diameter',
    sides: BOTH,
  },
];

/** Where a rule lands with this blank and this tip. */
export interface DepthRuleLanding {
  rule: DepthRule;
  radialDepth: number;
  pitchDiameter: number;
  /** Against the band of the class: material left, right, or gone. */
  verdict: 'over' | 'inside' | 'under';
  /** Whether "over" means that the piece can still be cut (external) or "under" (internal). */
  canStillBeCut: boolean;
}

/** All rules that apply to a thread, worked out for the real blank or bore, the tip and the angle of the feed. Lengths in the thread's unit. */
export function depthRuleLandings(
  thread: Thread,
  workDiameter: number,
  tip: Tip,
  compoundAngleDeg: number,
  band: { min: number; max: number },
): DepthRuleLanding[] {
  const depthCase = depthCaseOf(thread, workDiameter, tip);
  const given = { pitch: pitchOf(thread), compoundAngleDeg, groundHeight: groundHeight(depthCase) };
  const { id } = formOf(thread);
  return DEPTH_RULES.filter((rule) => rule.form === id && rule.sides.includes(thread.side)).map((rule) => {
    const radialDepth = rule.radialDepth(given);
    const pitchDiameter = pitchDiameterAt(depthCase, radialDepth);
    const verdict = pitchDiameter > band.max ? 'over' : pitchDiameter < band.min ? 'under' : 'inside';
    return {
      rule,
      radialDepth,
      pitchDiameter,
      verdict,
      canStillBeCut: verdict === (thread.side === 'external' ? 'over' : 'under'),
    };
  });
}
