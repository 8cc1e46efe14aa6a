import { capital, inSentence } from '@/core/measuring/gauging/measuring-words';
import { dialFigures } from '@/core/machine/lathe/dial-text';
import type { Sheet } from '../../sheet/sheet';
import { shownOnSheet } from '../../sheet/shown-on-sheet';
import { zerosAnew } from '../../sheet/zeros-anew';
import type { Prediction } from '../state/predict';
import type { Advice, Reason } from './advice';

/** The advice in one sentence: what to do, to which figure, because of what. */
export function adviceSentence(sheet: Sheet, prediction: Prediction, advice: Advice): string {
  const why = WHY[advice.because[0] ?? 'row'];
  const { cut, phase, expects } = advice;
  switch (phase) {
    case 'cut': {
      if (cut === null) return 'Cut.';
      const { unit } = sheet.lathe.dial.graduation;
      const to = `${shownOnSheet({ value: cut.reading, unit }, sheet)} ${unit}`;
      const start = sheet.thread.starts > 1 ? `Start ${cut.start}: ` : '';
      if (Math.abs(cut.infeed) < 1e-9) return `${start}One pass at no infeed, at ${to}: ${why}.`;
      const slide = sheet.feed.as === 'figure' ? 'readout' : slideOf(sheet);
      return `${start}${capital(slide)} to ${to}, ${dialFigures({ value: cut.infeed, unit })} more: ${why}.`;
    }
    case 'set-up':
    case 'blocked':
    case 'after': {
      const id = expects?.do === 'step' || expects?.do === 'sign' ? expects.id : '';
      const title =
        sheet.steps.find((step) => step.id === id)?.title ??
        sheet.stops.find((stop) => stop.id === id)?.title;
      return title === undefined ? `${capital(why)}.` : `${title}: ${why}.`;
    }
    case 'zero':
      return `No cut before new zeros: nest the tool in the groove, slack out, and ${zerosAnew(sheet)}.`;
    case 'check':
    case 'try':
    case 'measure':
    case 'prove':
      return `${VERBS[phase]} ${whatOf(sheet, prediction, advice)}: ${why}.`;
    case 'stop':
      return `No cut now: ${why}.${advice.because[0] === 'staircase' ? markWords(sheet) : ''}`;
    case 'enough':
      return `Stop, it is enough: ${why}.${expects === null ? '' : ` Then ${whatOf(sheet, prediction, advice)}, for good.`}`;
    case 'past-saving':
      return `Cut no more: ${why}. Show it to your instructor.`;
    case 'proven':
      return advice.because.includes('all-proven')
        ? 'Nothing is left to do.'
        : `Show it to your instructor before it leaves the machine, or hand it in as it is: ${why}.`;
    case 'sent-back': {
      const entry = prediction.sentBack?.entry;
      return `${entry?.content.reason ?? ''}${/[.!?]$/.test(entry?.content.reason ?? '.') ? '' : '.'} Then hand it in again.`;
    }
    case 'ended':
      return 'Handed in.';
  }
}

/** Where the compound's mark should stand on this lathe's scale; nothing while the student has to find it. */
function markWords({ feed, compound, words, steps }: Sheet): string {
  const step = steps.find(({ id }) => id === 'compound');
  if (feed.slide !== 'compound' || step === undefined || step.shows !== 'shown' || step.heldBack === true)
    return '';
  const set = compound.offScale ? compound.angleDeg : compound.markDeg;
  return ` The ${words.compound} should read ${Number(set.toFixed(2))}°${compound.offScale ? ' by a protractor' : ' on this scale'}.`;
}

/** What a page is headed by where no cut is advised. */
export function adviceTitle({ phase, because }: Advice): string {
  return because.includes('proof-not-right') && phase !== 'past-saving' ? 'Not proved right' : TITLES[phase];
}

/** A reason in words. */
export const reasonWords = (reason: Reason): string => WHY[reason];

const TITLES: Readonly<Record<Advice['phase'], string>> = {
  'sent-back': 'Sent back: mend it',
  'set-up': 'Set up first',
  blocked: 'Something stands in the way',
  zero: 'New zeros first',
  cut: 'Cut',
  check: 'Stop and look',
  try: 'Try it before you cut on',
  measure: 'Measure before you cut on',
  stop: 'No cut now: look first',
  enough: 'Stop: it is enough',
  'past-saving': 'Cut no more',
  prove: 'All planned passes are cut',
  after: 'The thread is done',
  proven: 'Proved: hand it in',
  ended: 'Handed in',
};

/** Why a cut is told otherwise than its row; null where it is the row, and nothing else. */
export function whyThisCut({ because: [first] }: Advice): string | null {
  return first === undefined || first === 'row' || first === 'spring-row' ? null : WHY[first];
}

const VERBS = {
  check: 'Stop:',
  try: 'Stop and try',
  measure: 'Stop and measure',
  prove: 'Prove it:',
} as const;

const slideOf = ({ feed, words }: Sheet) => (feed.slide === 'compound' ? words.compound : words.crossSlide);

function whatOf(sheet: Sheet, { due }: Prediction, { expects }: Advice): string {
  if (expects === null) return 'it';
  if (expects.do === 'stop') return inSentence(due?.stop.title ?? expects.check);
  if (expects.do === 'step' || expects.do === 'sign') return expects.id;
  const { evidence } = expects;
  const title = inSentence(sheet.proof.find(({ id }) => id === evidence)?.title ?? sheet.words.mate);
  if (expects.do === 'measure') return expects.crest ? `${title} and ${sheet.words.crest}` : title;
  if (expects.do === 'find') return title;
  return [
    title,
    ...(expects.bothEnds ? ['from both ends'] : []),
    ...(expects.toShoulder ? ['to the shoulder'] : []),
    ...(expects.crest ? [`with the ${sheet.words.crest} measured`] : []),
  ].join(', ');
}

/** Each reason in the words of the trade. */
const WHY: Readonly<Record<Reason, string>> = {
  'piece-sent-back': 'whoever looked at it says what is to be done',
  'open-step': 'it is still to be done',
  'open-hold': 'whoever may has to look first',
  'wrong-step': 'it is wrong and would spoil the part',
  'not-known-here': 'this release does not know how it is cut; ask the instructor',
  'late-entries': 'entries came late from another device; look them over',
  'new-zero-asked': 'the tool no longer stands where its zero was',
  row: 'the next row',
  'rest-of-row': 'the rest of the row',
  'carried-row': 'the row, as the dial stands now',
  'spring-row': 'it takes out the spring',
  'pass-at-no-infeed-asked': 'look whether the tool runs in its groove',
  'tight-clean-first': 'clean thread and mate; it often comes free by this alone',
  'spring-out-first': 'what springs back comes off by itself; then measure again',
  'by-measurement': 'by what was measured',
  'by-trial': 'by what was tried',
  'by-gauge': 'GO still stops',
  'other-start': 'as deep as the other starts',
  'as-deep-as-is-safe': 'no deeper as long as the size is not known better',
  'angle-not-known': 'the slide’s angle is not known: read it by a protractor, and look at both flanks',
  'stop-due': 'it is due now',
  'used-up': 'a cut was made since the last answer',
  'crest-not-measured': 'a large or burred crest holds it too',
  'both-ends': 'it may carry a burr of its own at one end',
  'to-the-shoulder': 'it has to go over the whole length',
  'depth-not-known': 'the depth is not known, and the size is near',
  'may-leave-the-limits': 'the next row could leave the limits',
  staircase: 'one flank is a staircase; look at the compound’s mark and at the slack',
  'pitch-wrong': 'the pitch is wrong; look at the gearing',
  'looks-wrong': 'it does not look right; find out why',
  'answers-disagree': 'the answers are against each other; look for a burr, dirt, or the mate’s own burr',
  'should-start': 'by its size it should go on; look for a burr, dirt or a wrong pitch',
  'crest-over': 'the crest is too large for any mate; burrs and crest down first',
  'second-groove': 'the tool has touched beside its groove; look for a second groove',
  'unsafe-mark':
    'the half nut was closed at a mark that does not bring the groove back; say whether the tool touched',
  wobbles: 'it wobbles, the thread is likely past its limit',
  'target-reached': 'it is as near to the size wanted as this dial can set',
  'next-could-leave-the-limits': 'one more graduation could leave the limits',
  'runs-free': 'it goes as the plan wants it',
  'gauge-right': 'GO goes and NO-GO stops',
  'past-the-limit': 'it is past the limit, and nothing brings metal back',
  'rows-cut': 'all rows are cut',
  'evidence-open': 'it is not proved yet',
  'after-step': 'nothing more is cut',
  'all-proven': 'all is proved',
  'proof-not-right': 'its proof does not say that it is right',
  'handed-in': 'it is handed in',
};
