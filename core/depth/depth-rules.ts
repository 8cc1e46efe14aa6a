import { FORM_60, type Side } from '../thread';
import { pitchDiameterAt, type DepthCase } from './radial-depth';

/** A rule of thumb for the depth, and what it takes for granted. Common practice unless the formula is named. */
export interface DepthRule {
  id: string;
  name: string;
  /** Radial depth in pitches. */
  radialPitches: number;
  assumes: string;
  sides: readonly Side[];
}

/** Compound feed 0.75 P is a radial depth of 0.75 cos 30. */
const COMPOUND_075 = 0.75 * Math.cos(Math.PI / 6);

const BOTH: readonly Side[] = ['external', 'internal'];
const EXTERNAL: readonly Side[] = ['external'];

/** All the taught rules, side by side. None of them knows the real blank or the real tip. */
export const DEPTH_RULES: readonly DepthRule[] = [
  {
    id: 'half-pitch',
    name: 'half the pitch, then try the nut',
    radialPitches: 0.5,
    assumes: 'a starting point for a metric plunge, not a depth',
    sides: EXTERNAL,
  },
  {
    id: 'basic',
    name: 'radial 0.5413 P',
    radialPitches: (5 / 8) * FORM_60.fundamentalHeight,
    assumes: 'flat of P/4 at the tip (basic form), blank at nominal',
    sides: BOTH,
  },
  {
    id: 'rounded',
    name: 'radial 0.6134 P',
    radialPitches: 0.61343,
    assumes: 'root rounded by H/6, blank at nominal',
    sides: EXTERNAL,
  },
  {
    id: 'compound-075',
    name: 'compound 0.75 P at 30°',
    radialPitches: COMPOUND_075,
    assumes: 'flat of P/8 outside (a sharp tool inside), blank at nominal',
    sides: BOTH,
  },
  {
    id: 'p8',
    name: 'radial 0.6495 P',
    radialPitches: 0.64952,
    assumes: 'flat of P/8; doubled, it stands on many centre gauges',
    sides: EXTERNAL,
  },
  {
    id: 'sharp',
    name: 'radial 0.7578 P',
    radialPitches: 0.75777,
    assumes: 'sharp tip, to reach the basic pitch diameter',
    sides: EXTERNAL,
  },
  {
    id: 'full-v',
    name: 'radial 0.866 P',
    radialPitches: FORM_60.fundamentalHeight,
    assumes: 'full sharp V, until the crest comes to a point',
    sides: EXTERNAL,
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

/** All rules that apply to a side, worked out for the real blank and tip. Lengths in the thread's unit. */
export function depthRuleLandings(
  depthCase: DepthCase,
  band: { min: number; max: number },
): DepthRuleLanding[] {
  const side = depthCase.side ?? 'external';
  return DEPTH_RULES.filter((rule) => rule.sides.includes(side)).map((rule) => {
    const radialDepth = rule.radialPitches * depthCase.pitch;
    const pitchDiameter = pitchDiameterAt(depthCase, radialDepth);
    const verdict = pitchDiameter > band.max ? 'over' : pitchDiameter < band.min ? 'under' : 'inside';
    return {
      rule,
      radialDepth,
      pitchDiameter,
      verdict,
      canStillBeCut: verdict === (side === 'external' ? 'over' : 'under'),
    };
  });
}
