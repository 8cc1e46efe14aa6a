import { isKind, type Entry } from '../../record/entry/entry';
import { capital } from '@/core/measuring/gauging/measuring-words';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { plannedCrest } from '../../sheet/planned-crest';
import type { Sheet } from '../../sheet/sheet';
import { formatLength } from '@/core/base/units/format-length';
import type { Judgement } from '../mark-line';
import { standingEntries } from '../rules-2/facts/standing-entries';
import { judgeProof } from '../rules-2/judge-proof';
import { judgeMeasured } from '../rules-2/judge-result';
import type { OlderScheme as Scheme } from '../older/older-scheme';

/** Evidence by which a crest is measured before it is taken: whatever goes over the thread, or measures it. */
const ASKS_CREST: readonly string[] = ['measurement', 'trial', 'gauge'];

/**
 * The result by the proof that the plan asks for, whether it was measured or not: a line stands because the plan asks it.
 * What nothing shows is not seen: it earns nothing and is not called wrong.
 */
export function judgeResultBy4(sheet: Sheet, entries: readonly Entry[], scheme: Scheme): Judgement[] {
  const asks = (as: readonly string[]) =>
    sheet.proof.some(({ kind }) => as.includes(EVIDENCE_DATA[kind].recordedAs));
  const lines = [
    ...(asks(['measurement']) ? measured(sheet, entries, scheme) : []),
    ...judgeProof(sheet, entries, scheme).map((line) =>
      line.evidence.length === 0 ? notSeen(line.id, line.title) : line,
    ),
    ...(asks(ASKS_CREST) ? [crest(sheet, entries)] : []),
  ];
  return lines.length > 0
    ? lines
    : [
        {
          id: 'result:none',
          title: 'Result',
          share: null,
          reason: 'The plan asks for no proof.',
          evidence: [],
        },
      ];
}

const notSeen = (id: string, title: string): Judgement => ({
  id,
  title,
  share: 0,
  shown: false,
  reason: 'Not seen: nothing is recorded of it at the end.',
  evidence: [],
});

/** The crest stands apart, for it may be measured with nut, gauge or blank as well. */
function measured(sheet: Sheet, entries: readonly Entry[], scheme: Scheme): Judgement[] {
  const lines = judgeMeasured(sheet, entries, scheme).filter(({ id }) => id !== 'result:crest');
  if (lines.some(({ id }) => id === 'result:pitch-diameter')) return lines.map(withItsReason);
  const places = sheet.proof.find(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'measurement')?.places;
  return [
    notSeen('result:pitch-diameter', 'Pitch diameter in limits'),
    notSeen('result:target', 'Near the target'),
    ...(places?.length === 1 ? [] : [notSeen('result:taper', 'Even along the length')]),
  ];
}

/** Half of the points is said where half is given. */
const withItsReason = (line: Judgement): Judgement =>
  line.id === 'result:taper' && line.share !== null && line.share < 1
    ? {
        ...line,
        reason: `${line.reason} ${line.share > 0 ? 'More than that: half of the points.' : 'More than half of it: none.'}`,
      }
    : line;

/** Major diameter, or the bore: as measured last, with the proof or before it. */
function crest(sheet: Sheet, entries: readonly Entry[]): Judgement {
  const title = `${capital(sheet.words.crest)} as planned`;
  const found = crestFound(sheet, entries);
  if (found === null) return notSeen('result:crest', title);
  const { min, max } = plannedCrest(sheet);
  const { value, entry, of } = found;
  const show = (length: number) => formatLength({ value: length, unit: sheet.thread.unit });
  const inside = value >= min - 1e-9 && value <= max + 1e-9;
  const external = sheet.thread.side === 'external';
  const burrs =
    value > max === external ? `: burrs, or the ${external ? 'blank was large' : 'bore was small'}` : '';
  return {
    id: 'result:crest',
    title,
    share: inside ? 1 : 0,
    reason: `${show(value)}${of}${inside ? '' : ` is ${value > max ? 'over' : 'under'}${burrs}`}; ${show(min)} to ${show(max)} is right.`,
    evidence: [entry.id],
  };
}

export function crestFound(
  sheet: Sheet,
  entries: readonly Entry[],
): { value: number; entry: Entry; of: string } | null {
  const live = standingEntries(entries);
  const crestOf = (entry: Entry) =>
    isKind('measurement')(entry) || isKind('trial')(entry) ? entry.content.crest : null;
  const measuredLast =
    live.findLast((entry) => entry.author.role !== 'student' && crestOf(entry) !== null) ??
    live.findLast((entry) => crestOf(entry) !== null);
  if (measuredLast !== undefined) return { value: crestOf(measuredLast) ?? NaN, entry: measuredLast, of: '' };
  const blank = live.filter(isKind('step')).findLast(({ content }) => content.stepId === 'blank');
  const value = blank?.content.value ?? null;
  const named = sheet.thread.side === 'external' ? 'blank' : 'bore';
  return blank === undefined || value === null
    ? null
    : { value, entry: blank, of: `, of the ${named}; not measured at the end` };
}
