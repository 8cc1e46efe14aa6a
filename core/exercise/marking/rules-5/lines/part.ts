import { formatLength } from '@/core/base/units/format-length';
import { capital } from '@/core/measuring/gauging/measuring-words';
import { NUT_ANSWERS, NUT_ANSWER_WORDS, loosenessOf, wentOn } from '@/core/measuring/nut/nut-answer';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { isKind } from '../../../record/entry/entry';
import { GAUGE_WORDS } from '../../../record/entry/kinds/finding';
import { plannedCrest } from '../../../sheet/planned-crest';
import type { SheetProof } from '../../../sheet/sheet';
import { wantedAnswers } from '../../rules-2/facts/stops-kept';
import { wantedLength } from '../../rules-2/judge-proof';
import { crestFound } from '../../rules-4/judge-result';
import { ALL, cases, shareOf, type Fall } from '../../fall';
import { taken, type Facts } from '../facts';
import { notSeen, type Judged, type LineKind } from '../line-kind';

const CASES = {
  right: 'As wanted',
  lacks: 'As wanted, but not from both ends or not to the shoulder',
  'on-the-way': 'It goes on, and is not free yet',
  'not-yet': 'It does not go on yet: it could still be cut',
  past: 'Looser than wanted, or NO-GO enters: nothing brings metal back',
  fair: 'A look between good and poor',
} as const;

/** A piece of the proof that is not measured on the pitch diameter: nut, gauge, mate, plug, register, run-out, look. */
export const evidenceLine: LineKind = {
  kind: 'evidence',
  section: 'result',
  judges: 'A piece of the proof: nut, gauge, mate, register, run-out, by its answer at the end',
  usual: cases({ right: 1, lacks: 0.75, 'on-the-way': 0.5, 'not-yet': 0.25, past: 0, fair: 0.5 }),
  falls: ['cases'],
  cases: CASES,
  asked: ({ proof }) =>
    proof.flatMap(({ id, kind }) =>
      ['measurement', 'nothing'].includes(EVIDENCE_DATA[kind].recordedAs) ? [] : [id],
    ),
  title: ({ proof }, id) => proof.find((evidence) => evidence.id === id)?.title ?? id,
  judge(facts, { fall }, id) {
    const evidence = facts.sheet.proof.find((each) => each.id === id);
    if (evidence === undefined) return notSeen();
    const { recordedAs } = EVIDENCE_DATA[evidence.kind];
    if (recordedAs === 'trial') return trial(facts, evidence, fall);
    return recordedAs === 'look' ? look(facts, evidence, fall) : finding(facts, evidence, fall);
  },
};

const AT_THE_END = 'Not seen: nothing is recorded of it at the end.';

function trial(facts: Facts, evidence: SheetProof, fall: Fall): Judged {
  const all = facts.live
    .filter(isKind('trial'))
    .filter(({ content }) => content.evidenceId === evidence.id && content.purpose === 'final');
  const last = taken(facts, all);
  if (last === undefined) return notSeen(AT_THE_END);
  const { answer, end, toShoulder } = last.content;
  const wanted = NUT_ANSWERS.filter((each) => wantedAnswers(evidence).includes(each));
  const wish = wanted.map((each) => NUT_ANSWER_WORDS[each]).join(' or ');
  const words = `${NUT_ANSWER_WORDS[answer]}; wanted: ${wish}`;
  const found = (when: keyof typeof CASES, reason: string, needed?: string): Judged => ({
    share: shareOf(fall, when),
    reason,
    ...(needed === undefined ? {} : { needed }),
    evidence: [last.id],
  });
  if (wanted.includes(answer)) {
    const lacks = [
      ...(evidence.bothEnds && end !== 'both' ? ['not tried from both ends'] : []),
      ...(evidence.toShoulder && toShoulder === false ? ['it does not reach the shoulder'] : []),
    ];
    return lacks.length === 0
      ? found('right', `${words}. Evidence: ${evidence.strength}.`)
      : found('lacks', `${words}; ${lacks.join(', ')}.`, 'From both ends, and to the shoulder.');
  }
  if (loosenessOf(answer) > Math.max(...wanted.map(loosenessOf)))
    return found('past', `Looser than wanted, nothing brings metal back: ${words}.`, `It ${wish}.`);
  return found(
    wentOn(answer) ? 'on-the-way' : 'not-yet',
    `Not finished: ${words}. It could still be cut.`,
    `It ${wish}: a graduation more at a time, and tried again.`,
  );
}

function finding(facts: Facts, evidence: SheetProof, fall: Fall): Judged {
  const { unit } = facts.sheet.thread;
  const all = facts.live
    .filter(isKind('finding'))
    .filter(({ content }) => content.evidenceId === evidence.id && content.purpose === 'final');
  const last = taken(facts, all);
  if (last === undefined) return notSeen(AT_THE_END);
  const { answer, value } = last.content;
  const found = (when: keyof typeof CASES, reason: string, needed?: string): Judged => ({
    share: shareOf(fall, when),
    reason,
    ...(needed === undefined ? {} : { needed }),
    evidence: [last.id],
  });
  switch (answer) {
    case 'right':
    case 'yes':
      return found('right', `${GAUGE_WORDS[answer]}. Evidence: ${evidence.strength}.`);
    case 'go-stops':
      return found('not-yet', `${GAUGE_WORDS[answer]}. It could still be cut.`, 'GO over the whole length.');
    case 'no-go-enters':
      return found(
        'past',
        `${GAUGE_WORDS[answer]}: nothing brings metal back.`,
        'Stopped before NO-GO enters.',
      );
    case 'no':
      return found('past', `${GAUGE_WORDS[answer]}.`, `${evidence.title}: yes.`);
    case null:
      break;
  }
  const { least, most } = evidence;
  const show = (length: number) => formatLength({ value: length, unit });
  const inside = (value ?? 0) >= (least ?? -Infinity) - 1e-9 && (value ?? 0) <= (most ?? Infinity) + 1e-9;
  const wanted = wantedLength(evidence, show);
  const says = `${show(value ?? 0)} ${unit}; ${wanted}.`;
  return inside ? found('right', says) : found('past', says, capital(`${wanted} ${unit}.`));
}

/** A proof that is only looked at: as whoever may judged it. */
function look({ live }: Facts, { id }: SheetProof, fall: Fall): Judged {
  const last = live.filter(isKind('look')).findLast(({ content }) => content.subject === `look:${id}`);
  if (last === undefined) return notSeen('Not seen: nobody has looked at it.');
  const { level, of, sentence } = last.content;
  const when = level === 0 ? 'right' : level === of - 1 ? 'past' : 'fair';
  return {
    share: shareOf(fall, when),
    reason: `Looked at: ${sentence}.`,
    ...(level === 0 ? {} : { needed: 'A better look of it.' }),
    evidence: [last.id],
  };
}

/** Whatever goes over the thread, or measures it, asks for the crest. */
const ASKS_CREST: readonly string[] = ['measurement', 'trial', 'gauge'];

export const crestLine: LineKind = {
  kind: 'crest',
  section: 'result',
  judges: 'The major diameter, or the bore, as measured last',
  usual: ALL,
  falls: ['all'],
  asked: ({ proof }) =>
    proof.some(({ kind }) => ASKS_CREST.includes(EVIDENCE_DATA[kind].recordedAs)) ? [''] : [],
  title: ({ words }) => `${capital(words.crest)} as planned`,
  judge({ sheet, entries }) {
    const found = crestFound(sheet, entries);
    if (found === null) return notSeen(AT_THE_END);
    const { min, max } = plannedCrest(sheet);
    const { value, entry, of } = found;
    const show = (length: number) => formatLength({ value: length, unit: sheet.thread.unit });
    const inside = value >= min - 1e-9 && value <= max + 1e-9;
    const external = sheet.thread.side === 'external';
    const burrs =
      value > max === external ? `: burrs, or the ${external ? 'blank was large' : 'bore was small'}` : '';
    const off = value > max ? `${show(value - max)} over` : `${show(min - value)} under`;
    return {
      share: inside ? 1 : 0,
      reason: `${show(value)}${of}${inside ? '' : ` is ${off}${burrs}`}; ${show(min)} to ${show(max)} is right.`,
      ...(inside ? {} : { needed: `${show(min)} to ${show(max)} ${sheet.thread.unit}.` }),
      evidence: [entry.id],
    };
  },
};
