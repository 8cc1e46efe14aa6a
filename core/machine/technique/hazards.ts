import type { RealDrive } from './choices';
import { DRIVE_DATA } from './drives';
import type { TechniqueWords } from './technique-words';
import { frameOfWay, type Way } from './way';

/** Hazards of a way, worst first; always shown with the usual deference to shop rules, manual and instructor. */
export function wayHazards(way: Way, drive: RealDrive, words: TechniqueWords): string[] {
  const { spindleReversed } = frameOfWay(way);
  const backward = spindleReversed || DRIVE_DATA[drive].returnsUnderPower;
  return [
    ...(backward ? [SCREWED_ON[way.holding === 'between-centres' ? 'plate' : 'chuck']] : []),
    ...DRIVE_DATA[drive].hazards(way, words),
    ...HOLDING_HAZARDS[way.holding],
  ];
}

const SCREWED_ON = {
  chuck:
    'A chuck that screws onto the spindle nose can unscrew in reverse: only with a chuck that is locked.',
  plate:
    'A driving plate that screws onto the spindle nose can unscrew in reverse: light cuts, and look at its seat before each restart.',
};

const HOLDING_HAZARDS: Record<Way['holding'], string[]> = {
  chuck: [],
  'chuck-and-centre': ['Live centre and tool can collide on the return.'],
  'between-centres': ['The dog swings: sleeves and hands clear of it.'],
  collet: [],
  'four-jaw': ['Jaws that stand out strike: turn by hand once before the spindle is live.'],
  faceplate: ['Clamps and weights stand out: turn by hand once, low speed, out of balance work shakes.'],
  parallels: ['Take the parallels out before the spindle turns.'],
};
