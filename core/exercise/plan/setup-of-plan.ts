import { RIGID, type CutSetup } from '@/core/cutting/fault/cut-setup';
import type { Held } from '@/core/cutting/fault/evidence-of';
import { overWires, wireCaseOf } from '@/core/measuring/gauging/three-wires';
import { frameOfWay } from '@/core/machine/technique/cut-way';
import { crestLimits } from '@/core/thread/standards/thread-limits';
import { fitOf } from '@/core/thread/standards/fit';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf } from '@/core/thread/standards/thread';
import type { ReadPlan } from './read/read-plan';

/** A plan as it is cut by one who keeps to it, and against what the thread is held. In the thread's unit. */
export interface PlannedSetup {
  setup: CutSetup;
  held: Held;
}

/** The true set-up of a plan on the lathe looked at; null while the plan has no passes. */
export function setupOfPlan({ inputs, evaluation }: ReadPlan): PlannedSetup | null {
  const { thread, limits, passes, tip, blank, target, feedAngleDeg, wire, bestWire } = evaluation;
  const way = inputs.chosen?.way;
  const used = wire ?? bestWire;
  if (thread === null || limits === null || passes === null || tip === null || blank === null) return null;
  if (target === null || feedAngleDeg === null || used === null || way === undefined) return null;
  const wires = wireCaseOf(thread, used);
  const { min, max } = limits.pitchDiameter;
  const fit = fitOf(thread);
  const mate = thread.side === 'external' ? fit.internal.limits : fit.external.limits;
  const crest = crestLimits(limits);
  return {
    setup: {
      side: thread.side,
      form: formOf(thread),
      nominalDiameter: thread.nominalDiameter,
      nominalPitch: pitchOf(thread),
      pitch: pitchOf(thread),
      starts: thread.starts,
      workDiameter: blank,
      tip,
      tiltDeg: 0,
      includedDeg: 0,
      offCentre: 0,
      compoundAngleDeg: feedAngleDeg,
      fed: frameOfWay(way).fed,
      cuts: passes.map(({ reading, start }) => ({ reading, crossSlide: 0, carriage: 0, start: start - 1 })),
      gives: RIGID,
    },
    held: {
      wires,
      overWires: { min: overWires(wires, min), target: overWires(wires, target), max: overWires(wires, max) },
      crest: { min: crest.min, max: crest.max },
      pitchDiameter: { min, max },
      mate: {
        pitchDiameter: (mate.pitchDiameter.min + mate.pitchDiameter.max) / 2,
        mostPlay: fit.clearance.max,
      },
    },
  };
}
