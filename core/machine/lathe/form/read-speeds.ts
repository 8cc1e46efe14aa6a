import { SPEED_SETTERS } from '../lathe-names';
import type { SpindleSpeed } from '../lathe';
import type { FormReader } from './form-reader';

/** `70`, or a range such as `50-600` or `50 to 600`. */
const RANGE = /^(.+?)\s*(?:-|–|to)\s*(.+)$/i;

/** Speeds from slow to fast; one that stands out of order, or twice, is refused at its row. */
export function readSpeeds(rows: readonly string[][], reader: FormReader): SpindleSpeed[] {
  const speeds: SpindleSpeed[] = [];
  for (const [index, row] of rows.entries()) {
    const at = (column: number) => `speeds.${index}.${column}`;
    const text = (column: number) => row[column] ?? '';
    if (row.every((cell) => cell.trim() === '')) continue;
    const range = RANGE.exec(text(0).trim());
    const rpm = reader.number(at(0), range?.[1] ?? text(0), 0.1, 20000);
    const upTo = range === null ? null : reader.number(at(0), range[2] ?? '', 0.1, 20000);
    if (text(0).trim() === '') reader.wrong(at(0), 'required', `Row ${index + 1}: give its rpm.`);
    if (rpm !== null && upTo !== null && upTo <= rpm)
      reader.wrong(at(0), 'conflict', `Row ${index + 1}: a range goes from slow to fast.`);
    const before = speeds.at(-1);
    if (rpm !== null && before !== undefined && rpm <= before.rpm)
      reader.wrong(
        at(0),
        'conflict',
        `Row ${index + 1}: ${rpm} rpm does not come after ${before.rpm} rpm: list the speeds from slow to fast, each once.`,
      );
    const by = reader.choice(
      at(1),
      text(1).trim().toLowerCase().replace(' ', '-'),
      SPEED_SETTERS,
      `Row ${index + 1}: say ${SPEED_SETTERS.join(', ')}.`,
    );
    const set = reader.words(at(2), text(2), 120) ?? '';
    const real = reader.number(at(3), text(3), 0.1, 20000);
    const torqueNm = reader.number(at(4), text(4), 0, 100000);
    const powerW = reader.number(at(5), text(5), 0, 1000000);
    const runDownTurns = reader.number(at(6), text(6), 0, 1000);
    if (rpm !== null) speeds.push({ rpm, upTo, real, by, set, torqueNm, powerW, runDownTurns });
  }
  return speeds;
}
