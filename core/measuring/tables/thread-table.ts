import { bestWire, overWires, wireCaseOf, wireRange } from '../gauging/three-wires';
import { gaugeSizes, leadAngleMatters } from '../gauging/other-gauges';
import { coatedLimits, type Coating } from '@/core/thread/standards/coating';
import { crestLimits, type Band, type ThreadLimits } from '@/core/thread/standards/thread-limits';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import { printDesignation } from '@/core/thread/standards/print-designation';
import type { Fit } from '@/core/thread/standards/fit';
import type { LimitQuantity } from '@/core/thread/standards/thread-system';
import { formatLength, LENGTH_DECIMALS } from '@/core/base/units/format-length';
import { otherUnit, type LengthUnit } from '@/core/base/units/length';

/** One member of a fit with all that is looked up for it. Lengths in the thread's unit. */
export interface MemberTable {
  thread: Thread;
  limits: ThreadLimits;
  designation: string;
  wire: {
    best: number;
    range: { min: number; max: number };
    over: { min: number; max: number };
    correction: number;
    plain: number;
    matters: boolean;
  };
  gauges: { kind: 'ring' | 'plug'; go: number; noGo: number };
}

function memberTable(thread: Thread, limits: ThreadLimits): MemberTable {
  const pitch = pitchOf(thread);
  const form = formOf(thread);
  const best = bestWire(pitch, form.flankAngleDeg);
  const wireCase = wireCaseOf(thread, best);
  const { pitchDiameter } = limits;
  const most = limits.side === 'external' ? 'max' : 'min';
  return {
    thread,
    limits,
    designation: printDesignation(thread),
    wire: {
      best,
      range: wireRange(form, pitch, crestLimits(limits)[most], pitchDiameter[most]),
      over: { min: overWires(wireCase, pitchDiameter.min), max: overWires(wireCase, pitchDiameter.max) },
      ...leadAngleMatters(thread, limits, best),
    },
    gauges: gaugeSizes(limits),
  };
}

/** Both members, external first. */
export function fitTable(fit: Fit): [MemberTable, MemberTable] {
  return [
    memberTable(fit.external.thread, fit.external.limits),
    memberTable(fit.internal.thread, fit.internal.limits),
  ];
}

export const QUANTITIES: readonly { id: LimitQuantity; name: string }[] = [
  { id: 'major', name: 'Major diameter' },
  { id: 'pitchDiameter', name: 'Pitch diameter' },
  { id: 'minor', name: 'Minor diameter' },
];

/** Limits before plating, by quantity; null where the coating varies by more than the tolerance. */
export function uncoatedBands(
  { thread, limits }: MemberTable,
  coating: Coating | null,
): { name: string; band: Band | null }[] {
  if (coating === null) return [];
  const { before } = coatedLimits(limits, formOf(thread), coating, LENGTH_DECIMALS[thread.unit]);
  const crest = limits.side === 'external' ? 'Major' : 'Minor';
  return [
    { name: 'Pitch diameter before plating', band: before?.pitchDiameter ?? null },
    { name: `${crest} diameter before plating`, band: before?.crest ?? null },
  ];
}

/** A line of the table as it is saved: text as shown, in both units; open limits are empty. */
export interface TableLine {
  thread: string;
  quantity: string;
  min_in: string;
  max_in: string;
  min_mm: string;
  max_mm: string;
}

/** The table as lines for a CSV file. */
export function tableLines(members: readonly MemberTable[], coating: Coating | null = null): TableLine[] {
  return members.flatMap((member) => {
    const { unit } = member.thread;
    const external = member.limits.side === 'external';
    const line = (quantity: string, min: number | null, max: number | null): TableLine => ({
      thread: member.designation,
      quantity,
      min_in: shown(min, unit, 'in'),
      max_in: shown(max, unit, 'in'),
      min_mm: shown(min, unit, 'mm'),
      max_mm: shown(max, unit, 'mm'),
    });
    return [
      ...QUANTITIES.map(({ id, name }) => line(name, member.limits[id].min, member.limits[id].max)),
      ...uncoatedBands(member, coating).map(({ name, band }) =>
        line(name, band?.min ?? null, band?.max ?? null),
      ),
      line(external ? 'Over best wires' : 'Over best balls', member.wire.over.min, member.wire.over.max),
      line(external ? 'Best wire' : 'Best ball', member.wire.best, member.wire.best),
      line(`GO ${member.gauges.kind}, NO-GO ${member.gauges.kind}`, member.gauges.go, member.gauges.noGo),
    ];
  });
}

function shown(value: number | null, from: LengthUnit, to: LengthUnit): string {
  return value === null
    ? ''
    : formatLength({ value, unit: from }, to, from === to ? 0 : to === otherUnit(from) ? 1 : 0);
}
