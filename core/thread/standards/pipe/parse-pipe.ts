import Fraction from 'fraction.js';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { takeMember } from '../member';
import type { ReadThread } from '../read-thread';
import { PIPE_SIZES } from './pipe-sizes';

const SHAPE = /^g\s?(?<size>\d+[ -]\d+\/\d+|\d+\/\d+|\d+)(?:")?[ -]*(?<cls>[ab])?$/i;

/** Parallel pipe threads of ISO 228-1: `G 3/4 A` and `G 1 1/2 B` external, `G 3/4` internal. */
export function parsePipe(typed: string, field: string): Result<ReadThread> {
  const { rest, hand, side } = takeMember(typed);
  const shape = SHAPE.exec(rest)?.groups;
  if (shape === undefined) {
    return bad(
      field,
      'unreadable',
      `“${typed}” is not a pipe thread of ISO 228. Type it like G 3/4 A (external) or G 3/4 (internal).`,
    );
  }
  const label = (shape.size ?? '').replace(/^(\d+)-/, '$1 ');
  const size = PIPE_SIZES[label];
  if (size === undefined)
    return bad(field, 'unknown-size', `ISO 228-1 has no size G ${label}: it has G 1/16 to G 6.`);
  const cls = shape.cls?.toUpperCase() as 'A' | 'B' | undefined;
  if (cls !== undefined && side === 'internal')
    return bad(
      field,
      'conflict',
      `Class ${cls} is external. An internal thread has no class: type G ${label}.`,
    );
  const external = cls !== undefined || side === 'external';
  const base = {
    system: 'pipe' as const,
    unit: 'mm' as const,
    sizeLabel: label,
    nominalDiameter: size.majorMm,
    pitch: new Fraction(254, 10 * size.tpi),
    starts: 1,
    hand,
  };
  return good(
    external
      ? {
          thread: { ...base, side: 'external', toleranceClass: { fit: cls ?? 'A' } },
          assumed: cls === undefined ? ['class A'] : [],
        }
      : {
          thread: { ...base, side: 'internal', toleranceClass: null },
          assumed: side === null ? ['internal, as it has no class A or B'] : [],
        },
  );
}
