import { startWords } from '../technique-words';
import type { DriveData } from './drive-data';

/** The lathe is built with a trip that lets the drive go at an adjustable stop. */
export const tripDrive: DriveData = {
  id: 'trip',
  short: 'trip',
  name: () => 'automatic threading trip',
  assumes: () => 'A fact of the lathe: it was built with the trip, and finds the thread again by itself.',
  cycle: (way, _words, clear) => [
    'Engage; watch. The drive lets go at the stop.',
    `${clear}.`,
    'Work the machine’s handle; saddle back.',
    `Set the drive again, ${startWords(way)}.`,
  ],
  endsBy: () => 'trip',
  returnsUnderPower: false,
  dryRun: () =>
    'Clear of the work: set the stop with the fine screw at mid-travel, run against it, and see that the drive lets go. Three times at the same place.',
  hazards: () => ['Prove the trip clear of the work before the first cut; stand ready to stop the spindle.'],
};
