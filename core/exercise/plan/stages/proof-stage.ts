import { bestWire, overWires, wireCaseOf, wireRange } from '@/core/measuring/gauging/three-wires';
import { crestLimits, type ThreadLimits } from '@/core/thread/standards/thread-limits';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import type { PlanIssue } from '../plan-issue';
import { remember } from '../remember';

export interface ProofStage {
  target: number | null;
  bestWire: number;
  wireRange: { min: number; max: number } | null;
  wire: number | null;
  overWires: { min: number; target: number; max: number } | null;
  issues: PlanIssue[];
}

/** The target in its band, and the wires or balls that can measure it. Lengths in the thread's unit. */
export const proofStage = remember(
  (
    thread: Thread,
    limits: ThreadLimits,
    blank: number | null,
    target: number | null,
    wire: number | null,
    /** Row of the evidence that asks for wires. */
    wireRow: number,
  ): ProofStage => {
    const { unit } = thread;
    const form = formOf(thread);
    const pitch = pitchOf(thread);
    const band = limits.pitchDiameter;
    const best = bestWire(pitch, form.flankAngleDeg);
    const stage: ProofStage = {
      target: null,
      bestWire: best,
      wireRange: null,
      wire: null,
      overWires: null,
      issues: [],
    };
    if (target === null) return stage;
    if (target < band.min - 1e-9 || target > band.max + 1e-9)
      return {
        ...stage,
        issues: [
          {
            field: 'proof.target',
            code: 'target-outside-band',
            severity: 'refuse',
            value: target,
            range: band,
            unit,
          },
        ],
      };
    const crest = blank ?? crestLimits(limits)[limits.side === 'external' ? 'max' : 'min'];
    const range = wireRange(form, pitch, crest, target);
    if (wire === null) return { ...stage, target, wireRange: range };
    if (wire < range.min || wire > range.max) {
      const facts = { best, external: limits.side === 'external' };
      const field = `proof.evidence.${wireRow}.wire` as const;
      const issue: PlanIssue = {
        field,
        code: 'wire-unusable',
        severity: 'refuse',
        value: wire,
        range,
        unit,
        facts,
      };
      return { ...stage, target, wireRange: range, issues: [issue] };
    }
    const wires = wireCaseOf(thread, wire);
    return {
      ...stage,
      target,
      wireRange: range,
      wire,
      overWires: {
        min: overWires(wires, band.min),
        target: overWires(wires, target),
        max: overWires(wires, band.max),
      },
    };
  },
);
