import { backWords, watchWords } from '../technique-words';
import { BACK_BY_HAND, type DriveData } from './drive-data';

/** The lathe is built with a trip that lets the drive go at an adjustable stop. */
export const tripDrive = {
  id: 'trip',
  short: 'trip',
  option: 'Threading trip',
  optionShort: 'trip',
  by: 'trip',
  offered: 'with its trip',
  catchesMarks: false,
  choosesClearOrder: false,
  backSeconds: () => BACK_BY_HAND,
  waits: true,
  lacks: ({ trip: { fitted } }) =>
    fitted === true ? null : { of: 'lathe', code: 'no-trip', severity: fitted === false ? 'refuse' : 'warn' },
  withoutDial: ({ trip: { findsBy } }) =>
    findsBy === 'dial'
      ? null
      : {
          use: 'trip',
          says:
            findsBy === 'clutch'
              ? ['Its clutch finds the thread again by itself: no dial mark is needed.']
              : [],
        },
  name: () => 'automatic threading trip',
  assumes: () => 'A fact of the lathe: it was built with the trip, and finds the thread again by itself.',
  cycle: (way, _words, clear) => [
    `Engage. ${watchWords(way)} The drive lets go at the stop.`,
    `${clear}.`,
    `Work the machine’s handle; saddle back ${backWords(way)}.`,
    'Set the drive again.',
  ],
  endsBy: () => 'trip',
  returnsUnderPower: false,
  usesHalfNut: false,
  dryRun: () =>
    'Clear of the work: set the stop with the fine screw at mid-travel, run against it, and see that the drive lets go. Three times at the same place.',
  hazards: () => ['Prove the trip clear of the work before the first cut; stand ready to stop the spindle.'],
} as const satisfies DriveData;
