import { maybeFigure, part, words } from '@/core/base/documents/parts';
import { bad, good } from '@/core/base/errors/field-issue';
import { stopData } from '@/core/machine/stops/stops';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

export interface StopContent {
  kind: 'stop';
  stopId: string;
  /** One of its answers, `done`, or `passed-over`. */
  answer: string;
  /** Reading of the dial then. */
  reading: number | null;
}

/** A stop of the schedule was kept, with its answer, or passed over. */
export const stopKind: EntryKind<'stop', StopContent> = {
  kind: 'stop',
  format: 3,
  schema: part({
    kind: kindOf('stop'),
    stopId: words(40).min(1),
    answer: words(40).min(1),
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
  read: ({ stopId, answer = '' }, { sheet, prediction }) => {
    const stop = sheet.stops.find(({ id }) => id === stopId);
    if (stop === undefined) return bad('stopId', 'unreadable', 'There is no such stop in this plan.');
    const known = stopData(stop.check)?.answers.map(({ id }) => id) ?? [];
    return answer === 'passed-over' || known.includes(answer)
      ? good({
          kind: 'stop',
          stopId: stop.id,
          answer,
          reading: prediction.cuts.length === 0 ? null : prediction.reading.value,
        })
      : bad('answer', 'unreadable', 'Touch the answer.');
  },
  words: ({ stopId, answer }, { stops }) => {
    const stop = stops.find(({ id }) => id === stopId);
    const text = stopData(stop?.check ?? '')?.answers.find(({ id }) => id === answer)?.text;
    return {
      title: stop?.title ?? stopId,
      detail: answer === 'passed-over' ? 'passed over' : (text ?? answer).toLowerCase(),
    };
  },
};
