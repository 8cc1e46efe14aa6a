import type { FairCase, FairProof, SourceId } from '@/core/cutting/fair/fair-case';
import { grooveCaseOf } from '@/core/cutting/groove/groove-case';
import { feedDial } from '@/core/machine/lathe/feed-dial';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { slideOf } from '@/core/machine/technique/slide-of';
import { nutOfClass, nutOfSize } from '@/core/measuring/nut/nut-size';
import { crestLimits, type Band } from '@/core/thread/standards/thread-limits';
import type { Thread } from '@/core/thread/standards/thread';
import { lengthIn } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import type { ReadPlan } from './read/read-plan';
import type { EvidenceInput } from './read/read-proof';

/** Who cuts: how much a hand scatters. */
export const HANDS = ['first-term', 'second-term', 'practised'] as const;
export type Hand = (typeof HANDS)[number];

/** How much a hand scatters, in mm and degrees: common practice, from memory. A shop may know its own figures better. */
const SCATTER: Record<Hand, { tip: number; angle: number; dial: number; zero: number; measuring: number }> = {
  // Of the tip a share of its own width; of the dial a share of a graduation.
  'first-term': { tip: 0.2, angle: 0.5, dial: 0.5, zero: 0.03, measuring: 0.012 },
  'second-term': { tip: 0.12, angle: 0.3, dial: 0.3, zero: 0.02, measuring: 0.007 },
  practised: { tip: 0.07, angle: 0.15, dial: 0.15, zero: 0.008, measuring: 0.004 },
};

/** Of a shop's set of wires, standard, mm; common practice. */
const WIRE_MM = 0.001;

/** What a plan's exercise is to a class: everything but what scatters. */
export type FairBase = Omit<FairCase, 'spreads' | 'proof'>;

export interface FairProposal {
  base: FairBase;
  /** The proof that decides in the plan, as far as it can be tried here. */
  proof: FairProof;
  spreads: Record<SourceId, number>;
  /** Whether the size of the nut at hand is known, and not its class alone. */
  nutMeasured: boolean;
}

/** Between which pitch diameters the nut (inside: the plug) lies that the plan names: by its own size, its class, or the usual mate. */
function nutAtHand(thread: Thread, evidence: readonly EvidenceInput[]): Band {
  const named = evidence.find(({ gaugeSize, gaugeClass }) => gaugeSize !== null || gaugeClass !== null);
  if (named?.gaugeSize != null) {
    const half = named.gaugeUncertainty === null ? 0 : lengthIn(named.gaugeUncertainty, thread.unit);
    return nutOfSize(lengthIn(named.gaugeSize, thread.unit), half);
  }
  const read = nutOfClass(thread, named?.gaugeClass ?? '');
  if (read.ok) return read.value;
  const usual = nutOfClass(thread);
  if (!usual.ok) throw new Error('the usual mate has limits');
  return usual.value;
}

/**
 * The exercise of a plan on the lathe looked at, as a hand will scatter. Null while the plan has no passes.
 * @param bendingMm how far the part gives in the last feeding pass; 0 where that is not known
 */
export function fairOfPlan(
  { inputs, evaluation }: ReadPlan,
  lathe: Lathe,
  hand: Hand,
  bendingMm: number,
): FairProposal | null {
  const { thread, limits, passes, tip, blank, target, feedAngleDeg, asked } = evaluation;
  const way = inputs.chosen?.way;
  if (thread === null || limits === null || passes === null || tip === null || blank === null) return null;
  if (target === null || feedAngleDeg === null || way === undefined) return null;
  const { unit } = thread;
  const of = (mm: number) => roundTo(lengthIn({ value: mm, unit: 'mm' }, unit), 6);
  const { dial } = feedDial(lathe, slideOf(way.infeed));
  const graduation = lengthIn(dial.graduation, unit) / (dial.reads === 'diameter' ? 2 : 1);
  const nut = nutAtHand(thread, inputs.evidence ?? []);
  const scatter = SCATTER[hand];
  const width = tip.kind === 'flat' ? tip.flat : tip.kind === 'radius' ? tip.radius : 0;
  const crest = crestLimits(limits);
  const decides = inputs.evidence?.[0]?.kind;
  return {
    base: {
      groove: grooveCaseOf(thread, way, tip, feedAngleDeg),
      side: thread.side,
      workDiameter: blank,
      readings: passes
        .filter(({ kind, start }) => kind !== 'spring' && start === 1)
        .map(({ reading }) => reading),
      limits: limits.pitchDiameter,
      target,
      graduation,
      finishingInfeed:
        asked?.finishingInfeed == null
          ? graduation
          : Math.max(graduation, lengthIn(asked.finishingInfeed, unit)),
      nut: (nut.min + nut.max) / 2,
    },
    proof: decides === 'wires' ? 'wires' : decides === 'nut' || decides === 'mate' ? 'nut' : 'dial',
    nutMeasured: (inputs.evidence ?? []).some(({ gaugeSize }) => gaugeSize !== null),
    spreads: {
      blank: roundTo((crest.max - crest.min) / 4, 6),
      tip: roundTo(scatter.tip * width, 6) || of(0.01),
      angle: scatter.angle,
      dial: roundTo(scatter.dial * graduation, 6),
      zero: of(scatter.zero),
      bending: of(bendingMm),
      wire: of(WIRE_MM),
      micrometer: of(scatter.measuring),
      nut: roundTo((nut.max - nut.min) / 2, 6),
    },
  };
}
