import { formatLengthWithUnit } from '@/core/base/units/format-length';
import { lengthIn } from '@/core/base/units/length';
import { EVENTS_OF_2 } from '../../rules-2/facts/events-of-2';
import type { CutMade } from '../../rules-2/facts/cuts-made';
import { judgeStops } from '../../rules-4/judge-stops';
import { isKind } from '../../../record/entry/entry';
import type { Sheet } from '../../../sheet/sheet';
import { band, PART, shareAt, shareOfPart, steps } from '../../fall';
import type { Facts } from '../facts';
import { notSeen, type Judged, type LineKind } from '../line-kind';

const NO_PASS = 'Not seen: no pass is recorded.';
const ONE: LineKind['asked'] = () => [''];

/** What is seen over a part of the plan earns that part, and says so. */
function overWhatWasSeen({ rows, covered }: Facts, judged: Judged): Judged {
  if (covered >= 1 || judged.share === null) return judged;
  return {
    ...judged,
    share: judged.share * covered,
    reason: `${judged.reason} Seen over ${rows.covered} of ${rows.planned} planned feeding passes.`,
    needed: judged.needed ?? 'The passes that were not cut.',
  };
}

const cutsOf = ({ conduct }: Facts): readonly CutMade[] => conduct.judgedCuts;

export const scheduleLine: LineKind = {
  kind: 'schedule',
  section: 'passes',
  judges: 'The feeding passes of the plan: kept by reading or by infeed, or right by what was measured',
  usual: PART,
  falls: ['part', 'all'],
  asked: ONE,
  title: () => 'Schedule kept',
  judge(facts, { fall }) {
    if (cutsOf(facts).length === 0) return notSeen(NO_PASS);
    const { planned, kept, covered, off } = facts.rows;
    if (planned === 0) return { share: null, reason: 'No row was to be cut: out of the sum.', evidence: [] };
    const left = planned - covered;
    return {
      share: shareOfPart(fall, kept, planned),
      reason: `${kept} of ${planned} feeding passes by the plan, or right by measurement.${left > 0 ? ` Not cut: ${left}.` : ''}`,
      ...(kept < planned ? { needed: 'The next reading as the sheet or the last measurement says it.' } : {}),
      evidence: off.map(({ entry }) => entry.id),
    };
  },
};

/** Tables of the instructor's own are not marked down: their largest row counts. */
const OWN_TABLES: readonly string[] = ['list', 'chart', 'until', 'own'];

function allowedInfeed(sheet: Sheet, { passes }: Facts['asked']): number {
  const { graduation, reads } = sheet.lathe.dial;
  const own = OWN_TABLES.includes(sheet.schedule.school)
    ? Math.max(0, ...passes.map(({ dialInfeed }) => lengthIn(dialInfeed, graduation.unit)))
    : 0;
  return Math.max(
    own,
    (reads === 'diameter' ? 2 : 1) * lengthIn(sheet.schedule.largestInfeed, graduation.unit),
  );
}

export const infeedLine: LineKind = {
  kind: 'infeed',
  section: 'passes',
  judges: 'The largest bite, against the largest that the plan allows',
  usual: band(1, 1.5, 0.5),
  falls: ['band', 'all'],
  counts: 'times the largest infeed of the plan',
  asked: ONE,
  title: () => 'Largest infeed',
  judge(facts, { fall }) {
    const cuts = cutsOf(facts);
    if (cuts.length === 0) return notSeen(NO_PASS);
    const { sheet, scheme } = facts;
    const { graduation, reads } = sheet.lathe.dial;
    const { unit } = graduation;
    const asked = allowedInfeed(sheet, facts.asked);
    const [worst] = cuts.toSorted((a, b) => b.infeed - a.infeed);
    const deep = Math.max(0, worst?.infeed ?? 0);
    const slack = graduation.value * scheme.infeedGraduations + 1e-9;
    const times = deep <= asked + slack ? (fall.by === 'all' ? 0 : 1) : (deep - slack) / asked;
    const on = reads === 'diameter' ? ' on the diameter' : '';
    const show = (value: number) => `${formatLengthWithUnit({ value, unit })}${on}`;
    const share = shareAt(fall, times);
    return overWhatWasSeen(facts, {
      share,
      reason: `Largest infeed ${show(deep)}; the plan allows ${show(asked)}.`,
      ...(share < 1 ? { needed: `No bite over ${show(asked)}.` } : {}),
      evidence: worst === undefined ? [] : [worst.entry.id],
    });
  },
};

export const reversalLine: LineKind = {
  kind: 'reversal',
  section: 'passes',
  judges: 'A slide backed off between two cuts, so that slack makes the next depth uncertain',
  usual: steps([0, 1], [1, 0.5]),
  falls: ['steps', 'all'],
  counts: 'times backed off',
  asked: ONE,
  title: ({ feed: { slide } }) => `${slide === 'compound' ? 'Compound' : 'Cross slide'} never backed off`,
  judge(facts, { fall }) {
    const cuts = cutsOf(facts);
    if (cuts.length === 0) return notSeen(NO_PASS);
    const back = cuts.filter((cut) => cut.infeed < -1e-9);
    return overWhatWasSeen(facts, {
      share: shareAt(fall, back.length),
      reason:
        back.length === 0
          ? 'Readings only go in.'
          : `Backed off ${back.length === 1 ? 'once' : `${back.length} times`}: backlash makes the next depth uncertain.`,
      ...(back.length === 0 ? {} : { needed: 'Every reading approached in the cutting direction.' }),
      evidence: back.map(({ entry }) => entry.id),
    });
  },
};

/**
 * Passes at no infeed, wherever they came: one in mid-course is one. After a feed that came when all were taken one more is
 * asked. Once the size was reached none more was wanted.
 */
export const springLine: LineKind = {
  kind: 'spring',
  section: 'passes',
  judges: 'Passes at no infeed, as many as the plan asks',
  usual: PART,
  falls: ['part', 'all'],
  asked: ({ schedule: { spring } }) => (spring > 0 ? [''] : []),
  title: () => 'Spring passes',
  judge(facts, { fall }) {
    const cuts = cutsOf(facts);
    if (cuts.length === 0) return notSeen(NO_PASS);
    const wanted = facts.sheet.schedule.spring * facts.sheet.thread.starts;
    const isDry = ({ infeed: fed, readingTaken }: CutMade) => readingTaken && Math.abs(fed) <= 1e-9;
    const dry = cuts.filter(isDry);
    const more = dry.length >= wanted && !isDry(cuts.at(-1) as CutMade) ? 1 : 0;
    const share = facts.early ? 1 : shareOfPart(fall, Math.min(dry.length, wanted + more), wanted + more);
    const reasons = [
      `${dry.length} at no infeed, ${wanted} planned.`,
      ...(facts.early && dry.length < wanted ? ['Size was reached: none more was wanted.'] : []),
      ...(!facts.early && more > 0 ? ['The last cut fed: one more after it was asked.'] : []),
    ];
    return {
      share,
      reason: reasons.join(' '),
      ...(share < 1 ? { needed: 'One more pass at no infeed at the last reading.' } : {}),
      evidence: dry.map(({ entry }) => entry.id),
    };
  },
};

export const stopsLine: LineKind = {
  kind: 'stops',
  section: 'passes',
  judges: 'Stops of the schedule answered before the next cut',
  usual: PART,
  falls: ['part', 'all'],
  asked: ({ stops }) => (stops.length > 0 ? [''] : []),
  title: () => 'Stops kept',
  judge({ sheet, asked, entries, conduct }, { fall }) {
    if (conduct.judgedCuts.length === 0) return notSeen(NO_PASS);
    const judged = judgeStops(sheet, asked, entries);
    if (judged === null) return { share: null, reason: 'No stop was reached: out of the sum.', evidence: [] };
    const { reason, evidence } = judged;
    const share = shareOfPart(fall, judged.share ?? 0, 1);
    return {
      share,
      reason,
      evidence,
      ...(share === 1 ? {} : { needed: 'Each stop answered before the next cut.' }),
    };
  },
};

export const againstLine: LineKind = {
  kind: 'against',
  section: 'passes',
  judges: 'Cuts made all the same, against a wrong value or an open hold point',
  usual: steps([0, 1]),
  falls: ['steps', 'all'],
  counts: 'cuts made all the same',
  asked: ONE,
  title: () => 'Nothing stood in the way of a cut',
  judge(facts, { fall }) {
    if (cutsOf(facts).length === 0) return notSeen(NO_PASS);
    const against = facts.asked.cuts.filter(({ entry }) => entry.content.allTheSame);
    return overWhatWasSeen(facts, {
      share: shareAt(fall, against.length),
      reason:
        against.length === 0
          ? 'No cut was made against a wrong value or an open hold point.'
          : `Cut all the same ${against.length === 1 ? 'once' : `${against.length} times`}, against a wrong value or an open hold point.`,
      ...(against.length === 0 ? {} : { needed: 'What stands in the way is mended, or signed, first.' }),
      evidence: against.map(({ entry }) => entry.id),
    });
  },
};

/** A slip that is told before it did harm costs nothing; one that touched the work counts, and a breach costs the line. */
export const eventsLine: LineKind = {
  kind: 'events',
  section: 'passes',
  judges:
    'What happened at the lathe: slips that touched the work, breaches; what is told before harm costs nothing',
  usual: steps([0, 1], [1, 0.5]),
  falls: ['steps', 'all'],
  counts: 'slips that touched the work',
  asked: ONE,
  title: () => 'What happened',
  judge(facts, { fall }) {
    if (cutsOf(facts).length === 0) return notSeen(NO_PASS);
    const told = facts.live.filter(isKind('event'));
    const faultOf = (event: string) => EVENTS_OF_2[event]?.fault ?? 'none';
    const breach = told.some(({ content }) => faultOf(content.event) === 'breach');
    const harmful = told.filter(
      ({ content }) =>
        faultOf(content.event) === 'breach' ||
        (faultOf(content.event) === 'slip' && content.touched === true),
    );
    const names = harmful.map(({ content }) => EVENTS_OF_2[content.event]?.name ?? content.event);
    return overWhatWasSeen(facts, {
      share: breach ? 0 : shareAt(fall, harmful.length),
      reason:
        told.length === 0
          ? 'Nothing out of the way is recorded.'
          : harmful.length === 0
            ? `${told.length} told, none did harm.`
            : `${names.join(', ')}.`,
      ...(harmful.length === 0 ? {} : { needed: 'Noticed before the tool touched the work.' }),
      evidence: told.map(({ id }) => id),
    });
  },
};

export const markLine: LineKind = {
  kind: 'mark',
  section: 'passes',
  judges: 'Always the dial mark that was caught first, where the plan asks it',
  usual: PART,
  falls: ['part', 'all'],
  asked: ({ way }) => (way.markRule === 'same' ? [''] : []),
  title: () => 'Always the mark caught first',
  judge({ asked: { cuts } }, { fall }) {
    const noted = cuts.flatMap(({ entry }) => (entry.content.mark === null ? [] : [entry]));
    if (noted.length === 0) return notSeen('Not seen: no mark was noted.');
    const first = noted[0]?.content.mark;
    const other = noted.filter(({ content }) => content.mark !== first);
    return {
      share: shareOfPart(fall, noted.length - other.length, noted.length),
      reason: `${noted.length - other.length} of ${noted.length} noted marks are ${first}.`,
      ...(other.length === 0 ? {} : { needed: `The half nut closed at ${first} each time.` }),
      evidence: other.map(({ id }) => id),
    };
  },
};
