import type { EvidenceKind } from '@/core/measuring/proof/evidence';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import type { Gauge } from '@/core/measuring/gauging/gauge';
import type { ToolDocument } from '@/core/thread/tool/tool-document';
import type { Side } from '@/core/thread/standards/thread';
import { lengthIn, type Length, type LengthUnit } from '@/core/base/units/length';

/** A record of the shop's book with its number there. */
export interface BookRecord<D> {
  id: number;
  document: D;
}

/** What a plan may choose from: the shop's tools and gauges. */
export interface PlanBook {
  tools: readonly BookRecord<ToolDocument>[];
  gauges: readonly BookRecord<Gauge>[];
}

/** A shop without a book, and plans that are looked at without one. */
export const NO_BOOK: PlanBook = { tools: [], gauges: [] };

export const recordOf = <D>(records: readonly BookRecord<D>[], id: number | null): BookRecord<D> | null =>
  records.find((each) => each.id === id) ?? null;

/** The gauges of the book that can serve as an evidence. */
export function gaugesFor(
  { gauges }: PlanBook,
  kind: EvidenceKind,
  side: Side,
): readonly BookRecord<Gauge>[] {
  const serves = EVIDENCE_DATA[kind].gauges?.(side) ?? [];
  return gauges.filter(({ document }) => (serves as readonly string[]).includes(document.kind));
}

const text = (length: Length | null) => (length === null ? '' : `${length.value} ${length.unit}`);

/** The fields of the tool as a record of the book has them; what nobody has measured is not measured. */
export function leavesOfTool(tool: ToolDocument): Record<string, string> {
  const insert = tool.kind === 'insert' || tool.kind === 'bar-insert';
  const kind = insert
    ? 'insert'
    : tool.radius !== null
      ? 'radius'
      : tool.flat !== null
        ? 'flat'
        : 'not-measured';
  return {
    'tool.tip.kind': kind,
    'tool.tip.flat': text(tool.flat),
    'tool.tip.radius': text(tool.radius),
    'tool.tip.pitchFrom': tool.pitchFrom ?? '',
    'tool.tip.pitchTo': tool.pitchTo ?? '',
    'tool.material': tool.material ?? '',
    'tool.bar.diameter': text(tool.barDiameter),
    'tool.bar.reach': text(tool.reach),
  };
}

/** The fields of an evidence as a gauge of the book has them. Of a set of wires the size nearest to the best one. */
export function leavesOfGauge(
  gauge: Gauge,
  kind: EvidenceKind,
  { bestWire, unit }: { bestWire: number | null; unit: LengthUnit },
): Record<string, string> {
  if (kind === 'wires') {
    const off = (size: Length) => Math.abs(lengthIn(size, unit) - (bestWire ?? 0));
    const [nearest] = [...gauge.sizes].sort((a, b) => off(a) - off(b));
    return { wire: text(nearest ?? null) };
  }
  if (EVIDENCE_DATA[kind].recordedAs !== 'trial') return {};
  return {
    nut: gauge.size === null ? (gauge.class ?? '?') : text(gauge.size),
    nutUncertainty: gauge.size === null ? '' : text(gauge.uncertainty),
  };
}

/** A tool of the book in words, as it stands on the sheet. */
export function toolSays({ id, document: tool }: BookRecord<ToolDocument>): string {
  const tip =
    tool.radius !== null
      ? `radius ${text(tool.radius)}`
      : tool.flat !== null
        ? `flat ${text(tool.flat)}`
        : '';
  const pitches =
    tool.pitchFrom === null || tool.pitchTo === null ? '' : `${tool.pitchFrom} to ${tool.pitchTo}`;
  return said(`No. ${id}, ${tool.name}`, [tip, pitches]);
}

/** A gauge of the book in words: its size and class, and when it was calibrated. */
export function gaugeSays({ id, document: gauge }: BookRecord<Gauge>): string {
  return said(`No. ${id}, ${gauge.name}`, [
    gauge.class === null ? '' : `class ${gauge.class}`,
    gauge.size === null ? '' : text(gauge.size),
    gauge.calibrated === null ? '' : `calibrated ${gauge.calibrated}`,
    gauge.due === null ? '' : `due ${gauge.due}`,
  ]);
}

const said = (what: string, facts: readonly string[]) =>
  [what, ...facts.filter((fact) => fact !== '')].join(', ');
