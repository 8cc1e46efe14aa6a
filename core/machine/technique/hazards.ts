import { frameOfWay } from './cut-way';
import { DRIVE_DATA, type RealDrive } from './drives';
import { HOLDING_DATA } from './holdings';
import type { TechniqueWords } from './technique-words';
import type { Way } from './way';

/** Hazards of a way, worst first; always shown with the usual deference to shop rules, manual and instructor. */
export function wayHazards(way: Way, drive: RealDrive, words: TechniqueWords): string[] {
  const { spindleReversed } = frameOfWay(way);
  const backward = spindleReversed || DRIVE_DATA[drive].returnsUnderPower;
  return [
    ...(backward ? [SCREWED_ON[HOLDING_DATA[way.holding].onNose]] : []),
    ...DRIVE_DATA[drive].hazards(way, words),
    ...HOLDING_DATA[way.holding].hazards,
  ];
}

const SCREWED_ON = {
  chuck:
    'A chuck that screws onto the spindle nose can unscrew in reverse: only with a chuck that is locked.',
  plate:
    'A driving plate that screws onto the spindle nose can unscrew in reverse: light cuts, and look at its seat before each restart.',
};
