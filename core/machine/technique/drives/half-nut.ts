import { inSentence } from '@/core/measuring/gauging/measuring-words';
import { backWords, endWords, startWords, watchWords } from '../technique-words';
import { BACK_BY_HAND, type DriveData } from './drive-data';

/** The half nut is opened at the end of every cut and closed again by the thread dial. */
export const halfNutDrive = {
  id: 'half-nut',
  short: 'thread dial',
  option: 'Half nut opened, thread dial',
  optionShort: 'dial',
  by: 'half nut opened',
  offered: 'with the half nut opened and closed',
  catchesMarks: true,
  choosesClearOrder: false,
  backSeconds: () => BACK_BY_HAND,
  waits: true,
  lacks: (_lathe, nut) =>
    nut.can
      ? null
      : { of: 'dial', code: nut.why === 'no-safe-mark' ? 'no-safe-mark' : 'no-dial', severity: 'warn' },
  withoutDial: () => null,
  name: ({ halfNut }) => `${halfNut} opened, caught by the thread dial`,
  assumes: () => 'Asks for a thread dial with a safe dial mark for this thread on this lead screw.',
  cycle: (way, words, clear) => [
    way.markRule === 'same'
      ? `Close the ${words.halfNut} at the dial mark caught first.`
      : `Close the ${words.halfNut} at a safe dial mark; missed it? Wait for the next.`,
    ...(way.end === 'mark' && way.direction === 'toward-headstock'
      ? [
          `${watchWords(way)} At the line draw the tool out: ${inSentence(clear)}; open the ${words.halfNut} at once.`,
        ]
      : [`${watchWords(way)} Open the ${words.halfNut} ${endWords(way, words)}.`, `${clear}.`]),
    `Carriage back ${backWords(way)}.`,
  ],
  endsBy: () => 'opening',
  returnsUnderPower: false,
  usesHalfNut: true,
  dryRun: (way, words) =>
    `Clear of the work: catch the thread dial ${startWords(way)}, open the ${words.halfNut} ${endWords(way, words)}.`,
  hazards: (_way, { halfNut }) => [`A closed ${halfNut} does not slip: a carriage stop will not stop it.`],
} as const satisfies DriveData;
