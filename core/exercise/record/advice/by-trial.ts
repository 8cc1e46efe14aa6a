import { radialDepthOf } from '@/core/thread/compound/compound';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { loosenessOf, runsFree } from '@/core/measuring/nut/nut-answer';
import type { SheetProof } from '../../sheet/sheet';
import { isKind, type EntryOf } from '../entry/entry';
import { isDeeper } from '../state/feed';
import { CLEARLY } from '../state/segment';
import { depthOfGraduation, further } from './dial-steps';
import { isNearByPlan } from './next-row';
import { wantedAnswers } from '../state/stop-progress';
import { expectsFor, goesAsWanted, tellsSize } from './proof-state';
import { catchUp } from './several-starts';
import { cutTo, type Decision, type WorkAt } from './work-at';

/**
 * What the last trial of a nut or a piece says to do; null where the next row may be cut as it is. Whatever it let take
 * is used up by the cut that follows: then it is tried again.
 */
export function byTrial(work: WorkAt): Decision | null {
  const { sheet, prediction, answer } = work;
  if (answer?.kind !== 'trial') return null;
  const { content } = answer.entry;
  const evidence = sheet.proof.find(({ id }) => id === content.evidenceId);
  const near = isNear(work, answer.entry);
  if (answer.cutsSince > 0) {
    const behind = prediction.next?.kind !== 'spring' && (near || prediction.next === null);
    return behind && evidence !== undefined ? (catchUp(work) ?? again(work, evidence, ['used-up'])) : null;
  }
  if (evidence !== undefined && wantedAnswers(evidence).includes(content.answer)) {
    if (goesAsWanted(evidence, content)) return { phase: 'enough', because: ['runs-free'] };
    const ends = evidence.bothEnds && content.end !== 'both';
    if (ends || content.toShoulder === null)
      return again(work, evidence, [ends ? 'both-ends' : 'to-the-shoulder']);
  } else if (runsFree(content.answer)) return tooFree(work);
  return tight(work, answer.entry, evidence, near);
}

/** Looser than the plan wants it. */
function tooFree(work: WorkAt): Decision {
  const { sheet } = work;
  const evidence = tellsSize(sheet);
  const warnings = ['may-be-past-the-limit'];
  return evidence !== null && evidence.kind !== 'nut' && evidence.kind !== 'mate'
    ? { phase: 'measure', because: ['wobbles'], expects: expectsFor(sheet, evidence, false), warnings }
    : { phase: 'enough', because: ['wobbles'], warnings };
}

/** Metal is left, or something else holds it. */
function tight(
  work: WorkAt,
  trial: EntryOf<'trial'>,
  evidence: SheetProof | undefined,
  near: boolean,
): Decision | null {
  const { sheet, prediction } = work;
  const { next, reading } = prediction;
  const reckoning = prediction.nut?.reckoning;
  if (reckoning === undefined || evidence === undefined) return null;
  const asked = trialsHere(work);
  if (shouldStart(work, trial, evidence)) {
    const other = tellsSize(sheet);
    if (asked < 2) return { ...again(work, evidence, ['should-start'], true), phase: 'stop' };
    if (other !== null && other.id !== evidence.id)
      return { phase: 'measure', because: ['should-start'], expects: expectsFor(sheet, other, false) };
  }
  if (reckoning.says === 'look-first' && asked < 3)
    return { ...again(work, evidence, ['answers-disagree'], true), phase: 'stop' };
  if (crestHolds(work, trial) && asked < 3)
    return { ...again(work, evidence, ['crest-over'], true), phase: 'stop' };
  if (near && !passedAtNoInfeed(work)) return cutTo(work, reading.value, ['tight-clean-first']);
  // On the way a nut that does not start yet is the normal course: the row stands.
  if (next !== null && next.kind !== 'spring' && !near) {
    const { nextInfeed, says } = reckoning;
    const to = next.dialReading.value;
    const mayLeave = work.deepest === null ? isNearByPlan(work, to) : isDeeper(sheet, to, work.deepest);
    if (mayLeave && evidence.nut !== null && says === 'measure-crest-first' && asked < 2)
      return again(work, evidence, ['crest-not-measured'], true);
    if (says !== 'go-on' || nextInfeed === null || evidence.nut === null) return null;
    const most = further(sheet, reading.value, graduationsOf(work, nextInfeed));
    return isDeeper(sheet, to, most) && next.start === prediction.start
      ? cutTo(work, most, ['by-trial'])
      : null;
  }
  if (reckoning.says === 'measure-crest-first' && asked < 2)
    return again(work, evidence, ['crest-not-measured'], true);
  const wanted = reckoning.nextInfeed === null ? 1 : graduationsOf(work, reckoning.nextInfeed);
  const to = further(sheet, reading.value, wanted);
  const least = further(sheet, reading.value, 1);
  const limit = work.deepest ?? to;
  if (!isDeeper(sheet, to, limit)) return cutTo(work, to, ['by-trial']);
  if (!isDeeper(sheet, least, limit)) return cutTo(work, Math.min(to, limit), ['by-trial']);
  return { phase: 'enough', because: ['next-could-leave-the-limits'] };
}

function again(work: WorkAt, evidence: SheetProof, because: Decision['because'], crest = false): Decision {
  const { due, stops, next } = work.prediction;
  const stop = due ?? stops.find(({ stop: { check } }) => check === evidence.kind);
  return {
    phase: 'try',
    because,
    expects: expectsFor(work.sheet, evidence, next === null && due === null, stop?.stop.id ?? null, crest),
  };
}

const graduationsOf = ({ sheet }: WorkAt, travel: number) =>
  Math.max(1, Math.round(radialDepthOf(travel, sheet.feed.angleDeg) / depthOfGraduation(sheet)));

/** Near its size: it went on, or it starts and nothing is roughed any more. */
function isNear({ prediction: { next } }: WorkAt, { content }: EntryOf<'trial'>): boolean {
  const looseness = loosenessOf(content.answer);
  if (looseness >= loosenessOf('tight')) return true;
  return looseness >= loosenessOf('starts') && next?.kind !== 'rough' && next?.kind !== 'scratch';
}

/** How often it was tried since the last cut. */
function trialsHere({ live }: WorkAt): number {
  return live.slice(live.findLastIndex(isKind('pass')) + 1).filter(isKind('trial')).length;
}

/** Whether the last cut was one at no infeed: the tool's spring is out. */
function passedAtNoInfeed({ prediction: { cuts } }: WorkAt): boolean {
  return Math.abs(cuts.at(-1)?.infeed ?? 1) < 1e-9;
}

/** It does not start although by all that is known of the size it should. */
function shouldStart({ sheet, size }: WorkAt, { content }: EntryOf<'trial'>, { nut }: SheetProof): boolean {
  if (nut === null || size === null || loosenessOf(content.answer) >= loosenessOf('tight')) return false;
  const slack = CLEARLY[sheet.thread.unit];
  return sheet.thread.side === 'external' ? size.max < nut.min - slack : size.min > nut.max + slack;
}

/** A crest that no mate of this thread takes: over the nominal diameter outside, under the least bore inside. */
function crestHolds({ sheet }: WorkAt, { content: { crest, answer } }: EntryOf<'trial'>): boolean {
  if (crest === null || loosenessOf(answer) >= loosenessOf('tight')) return false;
  const { side, designation } = sheet.thread;
  if (side === 'internal') return crest < (sheet.limits.minor.min ?? -Infinity) - 1e-9;
  const read = parseDesignation(designation);
  return read.ok && crest > read.value.thread.nominalDiameter + 1e-9;
}
