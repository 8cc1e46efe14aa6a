import Fraction from 'fraction.js';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { takeMember } from '../member';
import type { ReadThread } from '../read-thread';
import { TRAPEZOIDAL_SIZES } from './trapezoidal-tables';

const SHAPE =
  /^tr\s?(?<size>\d+(?:\.\d+)?)\s?(?:x\s?(?<lead>\d*\.?\d+)\s?(?:\(\s?p\s?(?<pitch>\d*\.?\d+)\s?\))?)?\s?(?<hand>lh)?[ -]*(?<cls>\S+)?$/i;

/** Trapezoidal threads of ISO 2904: `Tr40x7-7e`, `Tr40x7 LH-7H`, `Tr40x14(P7)-7e`. */
export function parseTrapezoidal(typed: string, field: string): Result<ReadThread> {
  if (/\d,\d/.test(typed))
    return bad(field, 'decimal-comma', `Use a decimal point: ${typed.replace(/(\d),(\d)/g, '$1.$2')}.`);
  const { rest, hand, side } = takeMember(typed);
  const shape = SHAPE.exec(rest)?.groups;
  if (shape === undefined) {
    return bad(
      field,
      'unreadable',
      `“${typed}” is not a trapezoidal thread. Type it like Tr30x6-7e, Tr30x6-7H or Tr40x14(P7)-7e.`,
    );
  }
  const diameterMm = Number(shape.size);
  const label = String(diameterMm);
  const leadText = shape.lead ?? TRAPEZOIDAL_SIZES[label]?.toString();
  if (leadText === undefined)
    return bad(
      field,
      'unknown-size',
      `ISO 2902 has no size Tr${label}: type the pitch, such as Tr${label}x6.`,
    );
  const lead = new Fraction(leadText);
  const pitch = shape.pitch === undefined ? lead : new Fraction(shape.pitch);
  if (pitch.compare(new Fraction(3, 2)) < 0 || pitch.compare(44) > 0)
    return bad(field, 'out-of-range', `Pitch ${pitch.valueOf()}: type 1.5 to 44 mm.`);
  if (diameterMm < 8 || diameterMm > 300) return bad(field, 'out-of-range', `Tr${label}: type Tr8 to Tr300.`);
  if (diameterMm <= 1.8 * pitch.valueOf())
    return bad(
      field,
      'out-of-range',
      `Pitch ${pitch.valueOf()} is too coarse for Tr${label}: no core is left.`,
    );
  const starts = lead.div(pitch);
  if (starts.d !== 1n || starts.n < 1n || starts.n > 12n)
    return bad(
      field,
      'out-of-range',
      `Lead ${leadText} is not a whole number of pitches of ${pitch.valueOf()}.`,
    );
  const cls = /^(?<grade>[7-9])(?<position>[eH])$/.exec(shape.cls ?? '')?.groups;
  if (shape.cls !== undefined && cls === undefined)
    return bad(field, 'unreadable', `“${shape.cls}” is no class of ISO 2903 here: type 7e, 8e or 7H, 8H.`);
  const byClass = cls === undefined ? side : cls.position === 'H' ? 'internal' : 'external';
  if (side !== null && side !== byClass)
    return bad(field, 'conflict', `Class ${shape.cls} is not ${side}: e is external, H internal.`);
  return good({
    thread: {
      system: 'trapezoidal',
      unit: 'mm',
      sizeLabel: label,
      nominalDiameter: diameterMm,
      pitch,
      starts: Number(starts.n),
      hand: shape.hand === undefined ? hand : 'left',
      side: byClass ?? 'external',
      toleranceClass: { grade: Number(cls?.grade ?? 7) as 7 | 8 | 9 },
    },
    assumed: cls === undefined ? [byClass === 'internal' ? 'class 7H' : 'class 7e'] : [],
  });
}
