import { EVIDENCE_DATA, isTried } from '@/core/measuring/proof/evidence';
import type { SheetProof } from '../../sheet/sheet';
import { isKind } from '../entry/entry';
import { fedDepth, isDeeper } from '../state/feed';
import type { Reason } from './advice';
import { expectsFor, tellsSize } from './proof-state';
import { catchUp, deepestStart, doneStarts, standsAt, startBehind } from './several-starts';
import { NESTING } from './size-now';
import { cutTo, type Decision, type WorkAt } from './work-at';

/** The next row, as far as it is safe by what is known of the size. */
export function nextRow(work: WorkAt): Decision | null {
  const { sheet, prediction, size, deepest } = work;
  const { next, cuts } = prediction;
  if (next === null) return null;
  // What is left of a start whose size is reached is cut no more.
  if (next.kind !== 'spring' && sheet.thread.starts > 1 && doneStarts(work).has(next.start))
    return catchUp(work);
  const from = next.dialReading.value - next.dialInfeed.value;
  const row = { start: next.start, row: next, from };
  const evidence = whatTells(work);
  const asked = evidence !== null && isAnswered(work, evidence);
  const because: Reason[] = [reasonOf(work)];
  if (next.kind === 'spring' || cuts.length === 0) return cutTo(work, next.dialReading.value, because, row);
  if (size === null && !asked && depthIsLost(work) && isNearByPlan(work, next.dialReading.value)) {
    if (evidence !== null) return askFor(work, ['depth-not-known']);
    // Nothing can tell the size before the other starts are there too: no start goes ahead of them on a guess.
    const behind = catchUp(work, deepestStart(work));
    if (behind !== null) return behind;
  }
  // A start that comes after the others goes as deep as they stand before their rows go on: nothing told their size yet.
  const ahead = next.start === prediction.start ? null : catchUp(work, standsAt(work, next.start));
  if (ahead !== null && ahead.cut?.start !== next.start) return ahead;
  // One size bounds every start: they are cut from one zero.
  if (deepest !== null && isDeeper(sheet, next.dialReading.value, deepest)) {
    if (!asked && evidence !== null) return askFor(work, ['may-leave-the-limits']);
    const other = catchUp(work, deepestStart(work));
    if (other !== null) return other;
    if (isDeeper(sheet, deepest, prediction.reading.value))
      return cutTo(work, deepest, ['as-deep-as-is-safe'], row);
    // What can not tell the class decides by itself.
    const tells = evidence !== null && (evidence.nut !== null || !isTried(evidence.kind));
    if (tells) return { phase: 'enough', because: ['next-could-leave-the-limits'] };
  }
  return cutTo(work, next.dialReading.value, because, row);
}

/** Whether a figure of the dial is so near to the depth of the plan that what a hand scatters decides. */
export function isNearByPlan({ sheet, prediction: { segment } }: WorkAt, reading: number): boolean {
  return sheet.radialDepth - fedDepth(sheet, segment.planAtZero + reading) < NESTING[sheet.thread.unit];
}

/** Whether it was answered since the last cut. */
function isAnswered({ live }: WorkAt, evidence: SheetProof): boolean {
  return live
    .slice(live.findLastIndex(isKind('pass')) + 1)
    .some(
      (entry) =>
        (isKind('measurement')(entry) && EVIDENCE_DATA[evidence.kind].recordedAs === 'measurement') ||
        ((isKind('trial')(entry) || isKind('finding')(entry)) && entry.content.evidenceId === evidence.id),
    );
}

/**
 * What tells the size now: a nut or a gauge says nothing before every start is there. Where the depth was lost no start is
 * known to be as deep as another: all of them near their size is enough to be asked, with the one in hand not ahead.
 */
function whatTells(work: WorkAt): SheetProof | null {
  const evidence = tellsSize(work.sheet);
  const alone = evidence !== null && EVIDENCE_DATA[evidence.kind].recordedAs === 'measurement';
  const all =
    startBehind(work, deepestStart(work)) === null ||
    (depthIsLost(work) && startBehind(work) === null && othersAreNear(work));
  return alone || all ? evidence : null;
}

function othersAreNear(work: WorkAt): boolean {
  const { sheet, prediction } = work;
  const starts = Array.from({ length: sheet.thread.starts }, (_, index) => index + 1);
  return starts.every(
    (start) => start === prediction.next?.start || isNearByPlan(work, standsAt(work, start)),
  );
}

function askFor(work: WorkAt, because: Reason[]): Decision {
  const { sheet } = work;
  const evidence = whatTells(work);
  const expects = evidence === null ? null : expectsFor(sheet, evidence, false, null, true);
  return { phase: expects?.do === 'try' ? 'try' : 'measure', because, expects };
}

/** Something took the depth away: it is not only a zero that was never known. */
const depthIsLost = ({ prediction: { segment } }: WorkAt) =>
  segment.depthAtZero === null && segment.anchor === null && segment.foretells;

function reasonOf({ prediction: { next, segment, cuts, angleKnown } }: WorkAt): Reason {
  if (next === null || next.kind === 'spring') return 'spring-row';
  if (!angleKnown) return 'angle-not-known';
  if (segment.planAtZero !== 0) return 'carried-row';
  const last = cuts.at(-1);
  return last?.row?.n === next.n && last.infeed > 0 ? 'rest-of-row' : 'row';
}
