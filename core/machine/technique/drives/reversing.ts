import { inSentence } from '@/core/measuring/gauging/measuring-words';
import { HOLDING_DATA, hasTailstock } from '../holdings';
import { backWords, endWords, watchWords } from '../technique-words';
import { frameOfWay, type CutWay } from '../cut-way';
import type { DriveData } from './drive-data';

/** A spindle to stop and turn about, twice in a pass (common practice, timed by hand). */
const STOPPING = 2;

const KEPT = 'The half nut stays closed from the first pass to the last.';
const WHY = {
  'no-dial': 'This lathe has no thread dial.',
  unusable: 'Its thread dial can not be used.',
  'no-safe-mark': 'No dial mark is safe for this thread.',
  'not-known': '',
} as const;

/** The half nut stays closed; the tool is cleared, the spindle stops and runs back. */
export const reversingDrive = {
  id: 'reversing',
  short: 'reversing',
  option: 'Half nut closed, reversed',
  optionShort: 'reversed',
  by: 'half nut kept closed',
  offered: 'with the half nut kept closed',
  catchesMarks: false,
  choosesClearOrder: true,
  backSeconds: (cut) => cut + 2 * STOPPING,
  waits: false,
  lacks: () => null,
  withoutDial: (_lathe, nut) => ({
    use: 'kept-closed',
    says: [nut.can ? KEPT : `${WHY[nut.why]} ${KEPT}`],
  }),
  name: ({ halfNut }) => `${halfNut} kept closed, spindle reversed`,
  assumes: ({ halfNut }) =>
    `Needs no thread dial: always for a metric thread on an inch lead screw and the reverse. The ${halfNut} is closed once.`,
  cycle: (way, words, clear) => {
    const { spindleReversed } = frameOfWay(way);
    const stop = 'Stop the spindle';
    return [
      `Spindle ${spindleReversed ? 'backward' : 'forward'}; the ${words.halfNut} stays closed.`,
      ...(way.clearOrder === 'clear-first'
        ? [`${watchWords(way)} ${capitalEnd(way, words)}: ${inSentence(clear)}; then stop the spindle.`]
        : [`${watchWords(way)} ${stop} ${endWords(way, words)}.`, `${clear}.`]),
      'Let the spindle come to rest.',
      `Reverse, back ${backWords(way)} and past the slack.`,
      `${stop}.`,
      ...(HOLDING_DATA[way.holding].dog ? ['Dog back on its pin before the tool enters.'] : []),
    ];
  },
  endsBy: ({ clearOrder, direction }) =>
    // Away from the headstock it is the return that runs at the shoulder.
    clearOrder === 'clear-first' && direction === 'toward-headstock' ? 'clearing' : 'stopping',
  returnsUnderPower: true,
  usesHalfNut: true,
  dryRun: (way, words) =>
    `Clear of the work: close the ${words.halfNut}, run to the end, clear, stop, reverse, back ${backWords(way)}.`,
  hazards: (way, { halfNut }) => [
    `A closed ${halfNut} does not slip: a carriage stop will not stop it.`,
    'Clear the tool before you reverse: the backlash would wipe the thread. Let the spindle stop first.',
    ...(hasTailstock(way.holding) ? ['Mind the live centre at the end of the return.'] : []),
  ],
} as const satisfies DriveData;

const capitalEnd = (way: CutWay, words: Parameters<typeof endWords>[1]) => {
  const text = endWords(way, words);
  return text.charAt(0).toUpperCase() + text.slice(1);
};
