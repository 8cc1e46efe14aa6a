import { hasTailstock, type Holding, HOLDING_DATA } from '../technique/holdings';
import { stopData } from './stops';

/**
 * The small steps of a stop, in order (common practice): a centre that is drawn out to try the nut and put back is no
 * disturbance of the part.
 */
export function stopSteps(id: string, holding: Holding, mate: string): string[] {
  const stop = stopData(id);
  if (stop === null) return [];
  const off = 'Spindle off, and at rest.';
  const brush = 'Brush the chips out; no fingers.';
  if (id === 'nut' || id === 'mate') {
    const what = id === 'mate' ? 'the mating part' : `the ${mate}`;
    if (HOLDING_DATA[holding].dog)
      return [
        off,
        'Mark slot and dog, take the part out between the centres.',
        brush,
        `Try ${what}.`,
        'Back in by its marks: centre clean, dog on its pin, pin tight.',
      ];
    return hasTailstock(holding)
      ? [off, 'Centre out.', brush, `Try ${what}.`, 'Centre in, quill locked.']
      : [off, brush, `Try ${what}; do not push the work.`];
  }
  if (stop.what === 'work')
    return [
      off,
      ...(id === 'die'
        ? ['Chuck locked by hand, die square.']
        : ['Handle on the file, sleeves clear, stand clear of the jaws.']),
      brush,
    ];
  return [off, brush];
}
