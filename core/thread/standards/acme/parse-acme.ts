import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { readInchSize } from '../inch-size';
import { takeMember } from '../member';
import type { ReadThread } from '../read-thread';
import { ACME_SIZES } from './acme-series';

const REST = /^-?\s?acme[ -]*(?<cls>[2-4]g)?$/i;

/** General purpose Acme threads of ASME B1.5: `1-5 Acme-2G`, `1 1/2-4 ACME 2G internal`, `1-5 Acme` (2 starts). */
export function parseAcme(typed: string, field: string): Result<ReadThread> {
  const read = readInchSize(typed, field);
  if (read === null)
    return bad(field, 'unreadable', `“${typed}” is not an Acme thread. Type it like 1-5 Acme-2G.`);
  if (!read.ok) return read;
  const { label, diameterIn, tpi, starts, rest: text } = read.value;
  const { rest, hand, side } = takeMember(text);
  const match = REST.exec(rest)?.groups;
  if (match === undefined) {
    return bad(
      field,
      'unreadable',
      `After ${label}-${tpi.toFraction(true)} comes Acme and the class 2G, 3G or 4G. “${rest}” is not that.`,
    );
  }
  const assumed = [
    ...(match.cls === undefined ? ['class 2G'] : []),
    ...(side === null ? ['external'] : []),
    ...(ACME_SIZES[label] === tpi.valueOf() ? [] : ['a size outside of the standard series']),
  ];
  return good({
    thread: {
      system: 'acme',
      unit: 'in',
      sizeLabel: label,
      nominalDiameter: diameterIn,
      pitch: tpi.inverse(),
      starts,
      hand,
      side: side ?? 'external',
      toleranceClass: { fit: Number(match.cls?.[0] ?? 2) as 2 | 3 | 4 },
    },
    assumed,
  });
}
