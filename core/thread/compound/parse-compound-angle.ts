import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { parseAngleDeg } from '@/core/base/units/parse-angle';
import { parseFigures } from '@/core/base/units/parse-length';
import { typedText } from '@/core/base/units/typed-text';
import { swivelMarkDeg, type SwivelZero } from './compound';

/** Largest angle from the cross slide at which a compound still feeds inward; beyond, a mark of the other scale is meant. */
const MOST_DEG = 45;

export interface ReadCompoundAngle {
  angleDeg: number;
  /** How a mark was understood; null for a plain angle. */
  note: string | null;
}

/**
 * The compound's angle from the cross-slide axis, or a mark named as such: `29.5`, `mark 60.5`, `60.5 mark`. An angle is
 * never guessed from a mark: 30 is right as an angle and ruinous as a mark on a scale that counts from the bed.
 * @param zero where the scale of the lathe looked at reads 0
 */
export function parseCompoundAngle(field: string, text: string, zero: SwivelZero): Result<ReadCompoundAngle> {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const figures = /^(?:mark\s*(.*)|(.*?)\s*mark)$/i.exec(short.value);
  if (figures === null) return plainAngle(field, short.value);
  const mark = parseAngleDeg(field, figures[1] ?? figures[2] ?? '', 0, 90);
  if (!mark.ok) return mark;
  const scale = zero === 'bed' ? 'along the bed' : 'along the cross slide';
  // Complement and identity are their own inverses.
  const angleDeg = swivelMarkDeg(mark.value, zero);
  if (angleDeg <= MOST_DEG)
    return good({
      angleDeg,
      note: `Mark ${mark.value}° on a scale that reads 0 ${scale} is ${angleDeg}° from the cross slide.`,
    });
  return bad(
    field,
    'out-of-range',
    `Mark ${mark.value}° on a scale that reads 0 ${scale} is ${angleDeg}° from the cross slide: it would ruin the form. Type the angle, 0 to ${MOST_DEG}.`,
  );
}

function plainAngle(field: string, text: string): Result<ReadCompoundAngle> {
  const figures = parseFigures(field, text.replace(/ ?(°|deg|degrees)$/i, ''));
  if (figures.ok && figures.value > MOST_DEG && figures.value <= 90)
    return bad(
      field,
      'out-of-range',
      `${figures.value}° from the cross slide is outside 0 to ${MOST_DEG}. If it is the mark on a scale that reads 0 along the bed, type “mark ${figures.value}”: that is ${90 - figures.value}° from the cross slide.`,
    );
  const read = parseAngleDeg(field, text, 0, MOST_DEG);
  return read.ok ? good({ angleDeg: read.value, note: null }) : read;
}
