import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { readInchSize } from '../inch-size';
import type { ReadThread } from '../read-thread';
import type { UnifiedSeries, UnifiedThread } from '../thread';
import { inferUnifiedSeries, UNIFIED_SERIES } from './unified-series';

const REST = /^(?<series>un[a-z]*)?[ -]*(?<cls>[1-3][ab])?[ -]*(?<hand>lh|rh)?$/i;

/**
 * Unified threads of ASME B1.1: `3/4-16 UNF-2A`, `.750-16UNF-2A`, `#10-32`, `No. 10-32`, `1 1/8-12 UNF 3A LH`,
 * `3/4-16 UNF-2A (3 starts)`, `.750-.0625P-.1875L (3 starts) UNF-2A`.
 */
export function parseUnified(typed: string, field: string): Result<ReadThread> {
  const read = readInchSize(typed, field);
  if (read === null) {
    return bad(
      field,
      'unreadable',
      `“${typed}” is not a thread. Type it like 3/4-16 UNF-2A, #10-32 UNF-2A or M16x2-6g.`,
    );
  }
  if (!read.ok) return read;
  const { label, diameterIn, tpi, starts, rest: text } = read.value;
  const rest = REST.exec(text)?.groups;
  if (rest === undefined) {
    return bad(
      field,
      'unreadable',
      `After ${label}-${tpi.toFraction(true)} comes the series and class, such as UNF-2A. “${text}” is neither.`,
    );
  }
  const named = rest.series?.toUpperCase();
  // UNR, UNRC, UNRF, UNREF: the same threads with a rounded root.
  const rounded = named?.startsWith('UNR') === true;
  const series = readSeries(label, tpi.valueOf(), rounded ? named.replace('UNR', 'UN') : named, field);
  if (!series.ok) return series;
  const cls = rest.cls?.toUpperCase();
  const thread: UnifiedThread = {
    system: 'unified',
    unit: 'in',
    sizeLabel: label,
    nominalDiameter: diameterIn,
    pitch: tpi.inverse(),
    starts,
    hand: rest.hand?.toLowerCase() === 'lh' ? 'left' : 'right',
    side: cls?.endsWith('B') === true ? 'internal' : 'external',
    series: series.value,
    toleranceClass: { fit: Number(cls?.[0] ?? 2) as 1 | 2 | 3 },
  };
  const assumed = [
    ...(cls === undefined ? ['class 2A'] : []),
    ...(rounded ? ['the rounded-root minor diameter of the UNR thread'] : []),
  ];
  return good({ thread, assumed });
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
