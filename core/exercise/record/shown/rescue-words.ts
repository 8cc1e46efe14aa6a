import { formatLength } from '@/core/base/units/format-length';
import { capital } from '@/core/measuring/gauging/measuring-words';
import type { Sheet } from '../../sheet/sheet';
import { zerosAnew } from '../../sheet/zeros-anew';
import type { RescueFound } from './rescue-of-record';

const NOT_KNOWN = {
  depth: 'How deep the cuts went is not known: measure, then look again.',
  flanks: 'The flanks were worked by hand: nothing tells the groove any more.',
  'second-groove':
    'The tool has touched beside its groove; where, is not known. Look at it with a lens and a pitch gauge.',
  pitch: 'The pitch is wrong: no shift brings that back.',
  'set-up':
    'One flank is a staircase, and what is recorded does not explain it. Read the compound’s mark again, record it as “Found set, checked”, and look here.',
} as const;

/** What a rescue says, step by step: what to do at the lathe, or why nothing helps. */
export function rescueWords(sheet: Sheet, rescue: RescueFound): { title: string; says: string[] } {
  const { unit } = sheet.thread;
  const length = (value: number) => `${formatLength({ value: Math.abs(value), unit })} ${unit}`;
  if (rescue.found === 'not-known')
    return { title: 'Not known whether it can be saved', says: [NOT_KNOWN[rescue.why]] };
  if (rescue.found === 'not-saveable') {
    const { toHeadstock, toTailstock, tooDeep, gives } = rescue;
    return {
      title: 'No shift brings it back',
      says: [
        tooDeep
          ? 'It is deeper than the thread that is wanted, wherever the tool stands.'
          : `The groove is too wide: ${length(Math.min(toHeadstock, toTailstock))} of metal is missing on each flank.`,
        ...gives.map(({ thread, turnTo, sameGroove }) =>
          stillGivesWords(sheet, thread, length(turnTo), sameGroove),
        ),
        'Is only a part of the length spoiled, a shorter thread may still do.',
        'Your instructor decides.',
      ],
    };
  }
  const { plan, toTarget, mayBeOff } = rescue;
  const { dial } = sheet.lathe;
  const rows = plan.rows.map((value) => formatLength({ value, unit: dial.graduation.unit })).join(', ');
  const feeds =
    sheet.feed.slide === 'compound'
      ? sheet.words.compound
      : sheet.feed.slide === 'readout'
        ? 'readout'
        : sheet.words.crossSlide;
  return {
    title: 'It can still be saved',
    says: [
      `Set right what was wrong first${sheet.feed.slide === 'compound' ? `: the ${sheet.words.compound} at the mark of the plan, too` : ''}.`,
      `Spindle stopped, the drive engaged as for a cut, its slack out: nest the tool in the deepest place of the groove, ${zerosAnew(sheet)}.`,
      ...moveWords(sheet, rescue, length),
      `Say so under “Something happened…”: zeros taken anew${movedWords(rescue, length)}.`,
      rows === ''
        ? 'Nothing deeper is to be cut: prove it as it is.'
        : `${flankWords(rescue)} ${capital(feeds)} to ${rows} ${dial.graduation.unit}${toTarget ? '' : '; that is the limit, not the target: nothing is left after it'}. Measure before the last one.`,
      `Along the axis it may be off by ${length(mayBeOff)}; beyond that a flank is lost.`,
      'Your instructor decides.',
    ],
  };
}

/** As it is recorded beside the new zeros; nothing where it stays in its groove. */
function movedWords(
  { plan: { move } }: Extract<RescueFound, { found: 'saveable' }>,
  length: (value: number) => string,
): string {
  return move === 0 ? '' : `, moved along the axis by ${length(move)} toward the ${endOf(move)}`;
}

const endOf = (move: number) => (move > 0 ? 'headstock' : 'tailstock');

function moveWords(
  sheet: Sheet,
  { plan: { move, slides } }: Extract<RescueFound, { found: 'saveable' }>,
  length: (value: number) => string,
): string[] {
  if (move === 0) return ['It stays in this groove: nothing is moved along the axis.'];
  const to = endOf(move);
  const {
    words,
    lathe: { dial },
  } = sheet;
  if (slides === null)
    return [
      `Move the tool ${length(move)} toward the ${to} by the ${words.compound}, set along the bed, and end so that its slack is out that way. Then ${zerosAnew(sheet)} again.`,
    ];
  const figure = (value: number) =>
    `${formatLength({ value: Math.abs(value), unit: dial.graduation.unit })} ${dial.graduation.unit}`;
  // Deeper, and not in: in a bore a slide goes deeper toward the operator.
  const way = (value: number) => (value > 0 ? 'deeper' : 'back');
  return [
    `Draw the tool clear. Move it ${length(move)} toward the ${to}: the ${words.compound} ${way(slides.compound)} by ${figure(slides.compound)} of travel, the ${words.crossSlide} ${way(slides.crossSlide)} by ${figure(slides.crossSlide)} on the radius. End each in the way that takes the tool deeper, so that its slack is out. Zero both anew there.`,
  ];
}

function flankWords({ plan: { flank } }: Extract<RescueFound, { found: 'saveable' }>): string {
  return flank === 'both' ? 'Both flanks are worked alike.' : `The ${flank} flank is worked.`;
}

function stillGivesWords(sheet: Sheet, thread: string, turnTo: string, sameGroove: boolean): string {
  const outside = sheet.thread.side === 'external';
  const make = outside ? `turned down to ${turnTo}` : `bored out to ${turnTo}`;
  return sameGroove
    ? `${capital(make)}, it still gives ${thread}, cut on in the same groove.`
    : `${capital(make)}, the groove is gone, and it is the ${outside ? 'blank' : 'bore'} for ${thread}.`;
}
