import { isTrial, stopData } from '@/core/machine/stops/stops';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import type { Sheet } from '../../sheet/sheet';
import { isKind } from '../entry/entry';
import type { StopProgress } from '../state/stop-progress';
import type { Reason } from './advice';
import { eventData } from '../entry/events';
import { expectsFor } from './proof-state';
import { isUnsafeMark } from './safe-marks';
import { catchUp } from './several-starts';
import type { Decision, WorkAt } from './work-at';

/** What a look has said no to since the last cut: nothing planned is cut until it is looked at again. */
export function saidNo({ live, sheet, prediction }: WorkAt): Decision | null {
  const since = live.slice(live.findLastIndex(isKind('pass')) + 1);
  const looked = new Map(since.filter(isKind('stop')).map(({ content }) => [content.stopId, content.answer]));
  for (const [stopId, answer] of looked) {
    const stop = sheet.stops.find(({ id }) => id === stopId);
    const reason = stop === undefined || answer !== 'no' ? undefined : NO[stop.check];
    if (stop !== undefined && reason !== undefined)
      return {
        phase: 'stop',
        because: [reason],
        expects: { do: 'stop', stop: stop.id, check: stop.check, answers: answersOf(stop.check) },
      };
  }
  const off = since
    .filter(isKind('event'))
    .filter(({ content }) => eventData(content.event)?.besideMark === true);
  if (off.some(({ content }) => content.touched === true))
    return { phase: 'stop', because: ['second-groove'] };
  const mark = prediction.cuts.at(-1)?.entry.content.mark ?? '';
  // Told beside the cut, and not yet whether the tool touched.
  return off.length === 0 && isUnsafeMark(sheet, prediction, mark)
    ? { phase: 'stop', because: ['unsafe-mark'] }
    : null;
}

const NO: Readonly<Record<string, Reason>> = {
  form: 'staircase',
  pitch: 'pitch-wrong',
  look: 'looks-wrong',
};

const answersOf = (check: string) => [...(stopData(check)?.answers.map(({ id }) => id) ?? []), 'passed-over'];

export function dueStop(work: WorkAt): Decision | null {
  const {
    sheet,
    prediction: { due },
  } = work;
  if (due === null) return null;
  // A nut or a piece feels the start with the most metal: it says nothing of the others before all are as deep.
  return (isTrial(due.stop.check) ? catchUp(work) : null) ?? stopDue(sheet, due);
}

function stopDue(sheet: Sheet, { stop }: StopProgress): Decision {
  const because: Reason[] = ['stop-due'];
  const evidenceOf = (of: (kind: string) => boolean) => sheet.proof.find(({ kind }) => of(kind));
  if (stop.check === 'wires') {
    const evidence = evidenceOf((kind) => kind === 'wires' || kind === 'thread-micrometer');
    if (evidence !== undefined)
      return { phase: 'measure', because, expects: expectsFor(sheet, evidence, false) };
  }
  if (isTrial(stop.check)) {
    const evidence =
      evidenceOf((kind) => kind === stop.check) ??
      sheet.proof.find(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'trial');
    return {
      phase: 'try',
      because,
      expects:
        evidence === undefined
          ? {
              do: 'try',
              evidence: stop.check,
              stop: stop.id,
              bothEnds: false,
              toShoulder: false,
              crest: false,
              final: false,
            }
          : expectsFor(sheet, evidence, false, stop.id, false),
    };
  }
  const expects = { do: 'stop', stop: stop.id, check: stop.check, answers: answersOf(stop.check) } as const;
  return { phase: 'check', because, expects };
}
