import { isTried } from '@/core/measuring/proof/evidence';
import { maybeFigure, maybeWords, maybeYesNo, oneOf, named, part, words } from '@/core/base/documents/parts';
import { bad, good } from '@/core/base/errors/field-issue';
import { NUT_ANSWERS, NUT_ANSWER_WORDS } from '@/core/measuring/nut/nut-answer';
import { formatLength } from '@/core/base/units/format-length';
import { parseLength } from '@/core/base/units/parse-length';
import type { EntryKind } from '../entry-kind';
import { unbelievable } from '../believable';
import { kindOf } from '../kind-of';

export interface TrialContent {
  kind: 'trial';
  purpose: 'mid' | 'final';
  /** The evidence of the proof, or the stop, that it answers. */
  evidenceId: string;
  stopId: string | null;
  answer: (typeof NUT_ANSWERS)[number];
  /** From which end: a nut may carry a burr of its own. */
  end: 'one' | 'both';
  toShoulder: boolean | null;
  /** Crest diameter if it was measured then, in the thread's unit. */
  crest: number | null;
  /** Reading of the dial at which it was tried. */
  reading: number | null;
}

/** A nut, a plug, a master or the mating part was tried; one touch of its answer. */
export const trialKind: EntryKind<'trial', TrialContent> = {
  kind: 'trial',
  format: 3,
  schema: part({
    kind: kindOf('trial'),
    purpose: oneOf(['mid', 'final'] as const),
    evidenceId: words(40).min(1),
    stopId: maybeWords(40),
    answer: named(NUT_ANSWERS),
    end: oneOf(['one', 'both'] as const),
    toShoulder: maybeYesNo(),
    crest: maybeFigure(),
    reading: maybeFigure(),
  }),
  writtenBy: ['student', 'instructor', 'helper'],
  ofWork: true,
  goesOn: true,
  answersHold: true,
  beginsWork: true,
  needsNetwork: false,
  undoable: true,
  freeText: [],
  read: (fields, { sheet, prediction }) => {
    const { unit } = sheet.thread;
    const answer = NUT_ANSWERS.find((each) => each === fields.answer);
    if (answer === undefined) return bad('answer', 'unreadable', 'Touch the answer: how does it go?');
    const evidence =
      sheet.proof.find(({ id }) => id === fields.evidenceId) ?? sheet.proof.find(({ kind }) => isTried(kind));
    const crestText = (fields.crest ?? '').trim();
    const crest = crestText === '' ? null : parseLength('crest', crestText, unit);
    if (crest !== null && !crest.ok) return crest;
    const value = crest === null ? null : crest.value.length.value;
    if (value !== null && Math.abs(value - sheet.workDiameter) > sheet.thread.pitch) {
      const says = `The ${sheet.words.work} was planned at ${formatLength({ value: sheet.workDiameter, unit })} ${unit}. Measure the ${sheet.words.crest} again.`;
      return bad('crest', 'out-of-range', says);
    }
    return good({
      kind: 'trial',
      purpose: fields.purpose === 'final' ? 'final' : 'mid',
      evidenceId: evidence?.id ?? 'nut',
      stopId: fields.stopId ?? null,
      answer,
      end: fields.end === 'both' ? 'both' : 'one',
      toShoulder: fields.toShoulder === 'yes' ? true : fields.toShoulder === 'no' ? false : null,
      crest: value,
      reading: prediction.cuts.length === 0 ? null : prediction.reading.value,
    });
  },
  refuses: ({ crest }, sheet) => unbelievable({ crest }, sheet),
  words: ({ evidenceId, answer, end, toShoulder, crest, purpose }, { proof, thread, words }) => {
    const title = proof.find(({ id }) => id === evidenceId)?.title ?? words.mate;
    const details = [
      NUT_ANSWER_WORDS[answer],
      ...(end === 'both' ? ['from both ends'] : []),
      ...(toShoulder === true ? ['to the shoulder'] : toShoulder === false ? ['not to the shoulder'] : []),
      ...(crest === null
        ? []
        : [`${words.crest} ${formatLength({ value: crest, unit: thread.unit })} ${thread.unit}`]),
    ];
    return { title: `${title}${purpose === 'final' ? ', final' : ''}`, detail: details.join(', ') };
  },
};
