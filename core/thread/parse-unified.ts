import Fraction from 'fraction.js';
import { bad, good, type Result } from '../errors/field-issue';
import type { ReadThread } from './parse-designation';
import { inferUnifiedSeries, numberedDiameterIn, UNIFIED_SERIES } from './series-unified';
import type { UnifiedSeries, UnifiedThread } from './thread';

const SHAPE =
  /^(?<size>#\s?\d+|no\.?\s?\d+|\d+[ -]\d+\/\d+|\d+\/\d+|\d*\.\d+|\d+)\s?(?:"|in)?\s?-\s?(?<tpi>\d+ \d+\/\d+|\d*\.\d+|\d+)(?<rest>.*)$/i;
const REST = /^(?<series>un[a-z]*)?[ -]*(?<cls>[1-3][ab])?[ -]*(?<hand>lh|rh)?$/i;

/** Unified threads of ASME B1.1: `3/4-16 UNF-2A`, `.750-16UNF-2A`, `#10-32`, `No. 10-32`, `1 1/8-12 UNF 3A LH`. */
export function parseUnified(typed: string, field: string): Result<ReadThread> {
  const shape = SHAPE.exec(typed)?.groups;
  if (shape === undefined) {
    return bad(
      field,
      'unreadable',
      `“${typed}” is not a thread. Type it like 3/4-16 UNF-2A, #10-32 UNF-2A or M16x2-6g.`,
    );
  }
  const size = readSize(shape.size ?? '');
  const tpi = new Fraction(shape.tpi ?? '0');
  if (size === null || size.diameterIn < 0.06 || size.diameterIn > 24) {
    return bad(
      field,
      'out-of-range',
      `Size ${shape.size}: type #0 to #12, or a diameter from 0.060 to 24 in.`,
    );
  }
  if (tpi.compare(1) < 0 || tpi.compare(120) > 0) {
    return bad(field, 'out-of-range', `${shape.tpi} threads per inch: type 1 to 120.`);
  }
  const rest = REST.exec(shape.rest?.trim().replace(/^-\s?/, '') ?? '')?.groups;
  if (rest === undefined) {
    return bad(
      field,
      'unreadable',
      `After ${shape.size}-${shape.tpi} comes the series and class, such as UNF-2A. “${shape.rest?.trim()}” is neither.`,
    );
  }
  const series = readSeries(size.label, tpi.valueOf(), rest.series?.toUpperCase(), field);
  if (!series.ok) return series;
  const cls = rest.cls?.toUpperCase();
  const thread: UnifiedThread = {
    system: 'unified',
    unit: 'in',
    sizeLabel: size.label,
    nominalDiameter: size.diameterIn,
    pitch: tpi.inverse(),
    starts: 1,
    hand: rest.hand?.toLowerCase() === 'lh' ? 'left' : 'right',
    side: cls?.endsWith('B') === true ? 'internal' : 'external',
    series: series.value,
    toleranceClass: { fit: Number(cls?.[0] ?? 2) as 1 | 2 | 3 },
  };
  if (thread.nominalDiameter <= 1.3 * thread.pitch.valueOf()) {
    return bad(
      field,
      'out-of-range',
      `${shape.tpi} threads per inch are too coarse for ${shape.size}: no core is left.`,
    );
  }
  return good({ thread, assumed: cls === undefined ? ['class 2A'] : [] });
}

function readSize(text: string): { label: string; diameterIn: number } | null {
  const numbered = /^(?:#|no\.?)\s?(\d+)$/i.exec(text);
  if (numbered !== null) {
    const number = Number(numbered[1]);
    return number <= 12 ? { label: `#${number}`, diameterIn: numberedDiameterIn(number) } : null;
  }
  if (/\/0+$/.test(text)) return null;
  const diameterIn = new Fraction(text.replace(/^(\d+)-/, '$1 ')).valueOf();
  return { label: labelOf(diameterIn) ?? diameterIn.toString(), diameterIn };
}

/** The label under which the series tables know a diameter, so that `.750` and `3/4` are the same thread. */
function labelOf(diameterIn: number): string | null {
  const number = (diameterIn - 0.06) / 0.013;
  if (diameterIn < 0.25 && Math.abs(number - Math.round(number)) < 1e-9) return `#${Math.round(number)}`;
  const sixteenths = diameterIn * 16;
  return Number.isInteger(sixteenths) ? new Fraction(sixteenths, 16).toFraction(true) : null;
}

function readSeries(
  label: string,
  tpi: number,
  named: string | undefined,
  field: string,
): Result<UnifiedSeries> {
  if (named === undefined) return good(inferUnifiedSeries(label, tpi));
  if (named === 'UNC' || named === 'UNF' || named === 'UNEF') {
    const listed = UNIFIED_SERIES[named][label];
    if (listed === tpi) return good(named);
    return listed === undefined
      ? bad(field, 'unknown-size', `${named} has no size ${label}. Leave the series out, or use UN or UNS.`)
      : bad(field, 'unknown-size', `${label} ${named} has ${listed} threads per inch, not ${tpi}.`);
  }
  if (named === 'UN' || named === 'UNS') return good(named);
  return bad(field, 'unreadable', `“${named}” is no series: use UNC, UNF, UNEF, UN or UNS.`);
}
