import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { parseAngleDeg } from '@/core/base/units/parse-angle';
import { parseFigures } from '@/core/base/units/parse-length';
import { typedText } from '@/core/base/units/typed-text';
import { swivelGraduationDeg, type SwivelZero } from './compound';

/** Largest angle from the cross slide at which a compound still feeds inward; beyond, the other scale's reading is meant. */
const MOST_DEG = 45;

export interface ReadCompoundAngle {
  angleDeg: number;
  /** How a reading of the scale was understood; null for a plain angle. */
  note: string | null;
}

/**
 * The compound's angle from the cross-slide axis, or what the swivel scale reads, named as such: `29.5`, `scale 60.5`,
 * `60.5 graduation`, `mark 60.5`. An angle is never guessed from it: 30 is right as an angle and ruinous as a reading of
 * a scale that counts from the bed.
 * @param zero where the scale of the lathe looked at reads 0
 */
export function parseCompoundAngle(field: string, text: string, zero: SwivelZero): Result<ReadCompoundAngle> {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const figures = /^(?:(?:scale|graduation|mark)\s*(.*)|(.*?)\s*(?:scale|graduation|mark))$/i.exec(
    short.value,
  );
  if (figures === null) return plainAngle(field, short.value);
  const reading = parseAngleDeg(field, figures[1] ?? figures[2] ?? '', 0, 90);
  if (!reading.ok) return reading;
  const scale = zero === 'bed' ? 'along the bed' : 'along the cross slide';
  // Complement and identity are their own inverses.
  const angleDeg = swivelGraduationDeg(reading.value, zero);
  if (angleDeg <= MOST_DEG)
    return good({
      angleDeg,
      note: `${reading.value}° on a scale that reads 0 ${scale} is ${angleDeg}° from the cross slide.`,
    });
  return bad(
    field,
    'out-of-range',
    `${reading.value}° on a scale that reads 0 ${scale} is ${angleDeg}° from the cross slide: it would ruin the form. Type the angle, 0 to ${MOST_DEG}.`,
  );
}

function plainAngle(field: string, text: string): Result<ReadCompoundAngle> {
  const figures = parseFigures(field, text.replace(/ ?(°|deg|degrees)$/i, ''));
  if (figures.ok && figures.value > MOST_DEG && figures.value <= 90)
    return bad(
      field,
      'out-of-range',
      `${figures.value}° from the cross slide is outside 0 to ${MOST_DEG}. If it is what a scale reads that has its 0 along the bed, type “scale ${figures.value}”: that is ${90 - figures.value}° from the cross slide.`,
    );
  const read = parseAngleDeg(field, text, 0, MOST_DEG);
  return read.ok ? good({ angleDeg: read.value, note: null }) : read;
}
