import { compoundFeedFor, radialDepthOf } from '@/core/thread/compound/compound';
import { depthCaseOf, pitchDiameterAt, radialDepthFor } from '@/core/thread/depth/radial-depth';
import { MEASURING_WORDS } from '@/core/measuring/gauging/measuring-words';
import { overWires, wireCaseOf } from '@/core/measuring/gauging/three-wires';
import { leadOfThread } from '@/core/machine/gearing/lead-of-thread';
import { diameterAt } from '@/core/thread/geometry/frame';
import { grooveCaseOf } from '@/core/cutting/groove/groove-case';
import { grooveWidth } from '@/core/cutting/groove/tip-profile';
import { feedDial } from '@/core/machine/lathe/feed-dial';
import { graduationsIn, travelOf } from '@/core/machine/lathe/dial-count';
import { swivelGraduationOn } from '@/core/machine/lathe/swivel-graduation';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { planDefaults } from '../plan/plan-defaults';
import type { Plan } from '../plan/plan';
import { recordOf, type PlanBook } from '../plan/plan-book';
import { reliefBy, reliefsOf } from '../plan/relief';
import { constantAreaRows } from '@/core/cutting/schedule/exact-rows';
import { lastGraduation, passesOnDial, rowsOnDial } from '@/core/cutting/schedule/passes-on-dial';
import { inShopWords } from '@/core/machine/shop/in-shop-words';
import type { ShopWords } from '@/core/machine/shop/words-document';
import { USUAL_WORDS } from '@/core/machine/shop/words';
import { driveOn } from '@/core/machine/technique/forbidden';
import { feedAngleOf, slideOf } from '@/core/machine/technique/slide-of';
import { frameOfWay } from '@/core/machine/technique/cut-way';
import { slackWords } from '@/core/machine/technique/slack-words';
import { swingOf } from '@/core/machine/technique/swing';
import { techniqueWords } from '@/core/machine/technique/technique-words';
import { crestLimits } from '@/core/thread/standards/thread-limits';
import { leadOf, pitchOf, type Thread } from '@/core/thread/standards/thread';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { printTpi } from '@/core/thread/standards/inch-size';
import { formOf } from '@/core/thread/standards/systems';
import { threadLimits } from '@/core/thread/standards/limits';
import type { Tip } from '@/core/thread/tool/tip';
import { lengthIn } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import { arrangeSteps } from './arrange-steps';
import { cycleWords } from './cycle-words';
import { sheetBlank } from './machine/sheet-blank';
import { sheetDial } from './machine/sheet-dial';
import { sheetGearing } from './machine/sheet-gearing';
import { sheetSpeed } from './machine/sheet-speed';
import { travelLines } from './machine/travel-lines';
import { rowsOfPlan, type PlanRows } from './rows-of-plan';
import { setupSteps } from './setup-steps';
import type { Sheet } from './sheet';
import { sheetPassOf } from './sheet-pass';
import { sheetProof } from './sheet-proof';
import { sheetStops } from './sheet-stops';
import { sheetWorksheet } from './sheet-worksheet';
import { tipBand } from './tip-band';
import { wayOfPlan } from './way-of-plan';

/** What a sheet is made of: the plan, the lathe, what is taken from the shop's tools and gauges, and the shop's words. */
export interface SheetCase {
  plan: Plan;
  lathe: Lathe;
  /** The shop's tools and gauges, of which the plan may name some. */
  book: PlanBook;
  words: ShopWords;
}

/** Thrown when a plan names a thread that this release can not read; checks belong to editing and handing out. */
class UnknownThread extends Error {
  override name = 'UnknownThread';
}

/**
 * The plan on one lathe, every number worked out: pure, the same inputs give the same sheet. It derives and does not
 * judge: a plan that nobody would hand out still has a sheet.
 * @throws UnknownThread
 */
export function sheetFor({ plan, lathe, book, words }: SheetCase): Sheet {
  const read = parseDesignation(plan.thread.designation);
  if (!read.ok) throw new UnknownThread(`${plan.thread.designation}: ${read.issues[0]?.message ?? ''}`);
  const { thread } = read.value;
  const limits = threadLimits(thread);
  const { unit } = thread;
  const way = wayOfPlan(plan, thread);
  const drive = driveOn(way.drive, lathe, leadOfThread(thread));
  const slide = slideOf(way.infeed);
  const { dial } = feedDial(lathe, slide);
  const { swivel } = lathe.compound;
  const leadsToStart = slide !== 'compound' && plan.thread.startsBy === 'compound';
  const angleDeg = leadsToStart ? 90 : (plan.infeed.compoundAngleDeg ?? 0);
  const feedAngleDeg = feedAngleOf(way.infeed, plan.infeed.compoundAngleDeg ?? 0);
  const { tip, known } = tipOf(plan, thread);
  const workDiameter = lengthIn(plan.work.diameter, unit);
  const target = lengthIn(plan.proof.targetPitchDiameter, unit);
  const evidence = plan.proof.evidence.find(({ kind, wire }) => kind === 'wires' && wire !== null);
  const defaults = planDefaults(thread, limits);
  const wire = evidence?.wire ? lengthIn(evidence.wire, unit) : defaults.wireDiameter.value;
  const wires = wireCaseOf(thread, wire);
  const depth = depthCaseOf(thread, workDiameter, tip);
  const radialDepth = radialDepthFor(depth, target);
  const feed = compoundFeedFor(radialDepth, feedAngleDeg);
  const rootDiameter = diameterAt(thread.side, workDiameter, radialDepth);
  const groove = grooveCaseOf(thread, way, tip, feedAngleDeg);
  const landing = (graduations: number) =>
    pitchDiameterAt(depth, radialDepthOf(lengthIn(travelOf(graduations, dial), unit), feedAngleDeg));
  const exact = graduationsIn({ value: feed, unit }, dial);
  const last = lastGraduation(exact, landing, limits.pitchDiameter);
  const rows = rowsOfPlan(plan, unit) ?? proposedRows(plan, unit, groove, feed);
  const measuring = MEASURING_WORDS[thread.side];
  const frame = frameOfWay(way);
  const passes = passesOnDial(
    rowsOnDial(rows.cuts, dial, rows.aimed ? last : null),
    dial,
    { unit, groove, work: depth, wires, tipKnown: known },
    plan.thread.startsOrder,
  );
  const relief = reliefOf(plan, thread, limits, rootDiameter);
  const engaged =
    plan.work.threadLength === null ? thread.nominalDiameter : lengthIn(plan.work.threadLength, unit);
  const gearing = sheetGearing(lathe, thread, engaged, limits.tolerance.pitchDiameter);
  const speed = sheetSpeed({
    plan,
    lathe,
    thread,
    way,
    drive,
    toolWidth: grooveWidth(tip, formOf(thread).flankAngleDeg, radialDepth),
    workDiameter,
    defaults,
    levers: gearing.levers,
  });
  const threadDial = sheetDial(lathe, thread, drive, speed.rpm, way.markRule);
  const band = known ? null : tipBand(thread, limits, workDiameter, target);

  const sheet: Omit<Sheet, 'steps' | 'words' | 'worksheet'> = {
    format: 'oyakata-sheet',
    version: 7,
    reckoned: 'as-recorded',
    title: plan.title,
    lathe: { name: lathe.name, dial, zeroAlong: swivel.zeroAlong },
    thread: {
      designation: plan.thread.designation,
      standard: limits.standard,
      side: thread.side,
      hand: thread.hand,
      starts: thread.starts,
      startsOrder: plan.thread.startsOrder,
      startsBy: plan.thread.startsBy,
      unit,
      pitch: pitchOf(thread),
      lead: leadOf(thread),
      pitchText: unit === 'in' ? `${printTpi(thread)} TPI` : `${pitchOf(thread)} mm`,
      flankAngleDeg: formOf(thread).flankAngleDeg,
    },
    limits: {
      major: { min: limits.major.min, max: limits.major.max },
      pitchDiameter: limits.pitchDiameter,
      minor: { min: limits.minor.min, max: limits.minor.max },
      crest: crestLimits(limits),
      pitchDiameterTolerance: limits.tolerance.pitchDiameter,
    },
    workDiameter,
    tip: {
      kind: tip.kind,
      size: tip.kind === 'flat' ? tip.flat : tip.kind === 'radius' ? tip.radius : 0,
      known,
    },
    way: {
      direction: way.direction,
      toolSide: way.toolSide,
      compoundSide: way.compoundSide,
      toolInverted: frame.toolInverted,
      drive,
      driveFree: way.drive === 'free',
      clearing: way.clearing,
      clearOrder: way.clearOrder,
      markRule: way.markRule,
      infeed: way.infeed,
      zeroBy: plan.technique.zeroBy,
      end: way.end,
      holding: way.holding,
      level: plan.technique.level,
    },
    feed: {
      slide,
      angleDeg: feedAngleDeg,
      as: slide === 'readout' ? 'figure' : 'turns',
      ...shownBy(plan, lathe, frame.deeperTowardOperator),
    },
    compound: { angleDeg, ...swivelGraduationOn(swivel, angleDeg, swingOf(frame)) },
    gearing,
    dial: threadDial,
    travel: travelLines({ way, drive, lathe, unit, lead: leadOf(thread), speed, compoundFeed: feed, slide }),
    blank: sheetBlank(plan, thread, {
      workDiameter,
      root: rootDiameter,
      relief,
      endLength: speed.runOutWidth,
    }),
    targetPitchDiameter: target,
    radialDepth,
    compoundFeed: feed,
    rootDiameter,
    reliefDiameter: relief,
    wires: {
      diameter: wire,
      overWires: {
        min: overWires(wires, limits.pitchDiameter.min),
        target: overWires(wires, target),
        max: overWires(wires, limits.pitchDiameter.max),
      },
    },
    speed,
    schedule: {
      school: plan.schedule.school,
      scratch: plan.schedule.asked.scratch,
      roughing: plan.schedule.asked.roughing,
      largestInfeed: plan.schedule.asked.largestInfeed,
      finishing: plan.schedule.asked.finishing,
      finishingInfeed: plan.schedule.asked.finishingInfeed,
      spring: plan.schedule.asked.spring,
    },
    passes: passes.map((pass) =>
      sheetPassOf(pass, {
        pitchDiameterBand: band?.(pass.radialDepth) ?? null,
        until: rows.cuts[pass.row - 1]?.until ?? null,
        drive: rows.cuts[pass.row - 1]?.drive ?? null,
      }),
    ),
    stops: sheetStops(rows.stops, passes, way, measuring.mate),
    proof: sheetProof(plan, thread, limits, workDiameter, book),
    note: drive !== way.drive && way.drive !== 'free' ? otherwise(threadDial.says) : null,
  };
  const steps = arrangeSteps(
    setupSteps({
      plan,
      way,
      drive,
      sheet,
      measuring,
      tool: recordOf(book.tools, plan.tool.record),
      words: techniqueWords(USUAL_WORDS, measuring.work),
    }),
    plan.steps,
  );
  return inWordsOfShop(
    {
      ...sheet,
      worksheet: sheetWorksheet(plan.worksheet.asks, { ...sheet, steps }, thread),
      steps,
      words: {
        ...measuring,
        ...ownWords(words),
        slack: slackWords(way, slide, techniqueWords(USUAL_WORDS, measuring.work)),
        ...cycleWords(way, drive, lathe, leadOfThread(thread), sheet),
      },
    },
    words,
  );
}

/** Why this lathe is driven otherwise than the plan asks. */
const otherwise = ([why = '']: readonly string[]): string =>
  `Otherwise than planned: ${why} The spindle is reversed.`;

/** The words alone, without the header of their document. */
function ownWords(words: ShopWords): Omit<ShopWords, 'format' | 'version'> {
  const { compound, crossSlide, halfNut, threadDial, carriage, runOutGroove, centreGauge } = words;
  return { compound, crossSlide, halfNut, threadDial, carriage, runOutGroove, centreGauge };
}

/** All sentences are made in the usual words and pass into those of the shop here, once. */
function inWordsOfShop(sheet: Sheet, words: ShopWords): Sheet {
  const say = (text: string) => inShopWords(text, words);
  const maybe = (text: string | null) => (text === null ? null : say(text));
  return {
    ...sheet,
    note: maybe(sheet.note ?? null),
    gearing: { ...sheet.gearing, says: sheet.gearing.says.map(say) },
    dial: { ...sheet.dial, says: sheet.dial.says.map(say) },
    travel: sheet.travel.map((line) => ({ what: say(line.what), says: say(line.says) })),
    stops: sheet.stops.map((stop) => ({ ...stop, steps: stop.steps.map(say) })),
    worksheet: sheet.worksheet.map((question) => ({
      ...question,
      title: say(question.title),
      givens: question.givens.map(({ name, value }) => ({ name: say(name), value: say(value) })),
      options: question.options.map(say),
      wanted: question.wanted.map(say),
      before: question.before.map(({ first, then, why }) => ({
        first: say(first),
        then: say(then),
        why: say(why),
      })),
    })),
    steps: sheet.steps.map((step) => ({
      ...step,
      title: say(step.title),
      instruction: say(step.instruction),
      caution: maybe(step.caution ?? null),
    })),
    words: {
      ...sheet.words,
      cycle: say(sheet.words.cycle),
      slack: say(sheet.words.slack),
      hazards: say(sheet.words.hazards),
      allCut: say(sheet.words.allCut),
      cycles: sheet.words.cycles.map((cycle) => ({
        ...cycle,
        name: say(cycle.name),
        steps: cycle.steps.map(say),
        hazards: cycle.hazards.map(say),
      })),
    },
  };
}

/** A feed toward the operator withdraws the slide: figures that run up toward the work then run down. */
function shownBy(
  plan: Plan,
  lathe: Lathe,
  deeperTowardOperator: boolean,
): { counts: 'up' | 'down'; zeroFigure: number } {
  const slide = slideOf(plan.infeed.way);
  const { dial } = feedDial(lathe, slide);
  if (slide !== 'readout') {
    const down = (dial.counts === 'down') !== deeperTowardOperator;
    return { counts: down ? 'down' : 'up', zeroFigure: 0 };
  }
  // Zeroed at touch it tells the distance fed, whichever sign it puts before it.
  if (plan.infeed.way === 'readout-zeroed') return { counts: 'up', zeroFigure: 0 };
  // Otherwise a readout is set to the diameter that was touched, so that its figure is the diameter of the tip.
  const internal = deeperTowardOperator === (plan.technique.side === 'front');
  const diameter = lengthIn(plan.work.diameter, dial.graduation.unit);
  const shown = dial.reads === 'diameter' ? diameter : diameter / 2;
  const { value: graduation } = dial.graduation;
  return {
    counts: internal ? 'up' : 'down',
    zeroFigure: roundTo(Math.round(shown / graduation) * graduation, 6),
  };
}

function tipOf(plan: Plan, thread: Thread): { tip: Tip; known: boolean } {
  const stored = plan.tool.tip;
  const { unit } = thread;
  if (stored.radius !== null && stored.kind !== 'flat')
    return { tip: { kind: 'radius', radius: lengthIn(stored.radius, unit) }, known: true };
  if (stored.flat !== null) return { tip: { kind: 'flat', flat: lengthIn(stored.flat, unit) }, known: true };
  if (stored.kind === 'sharp') return { tip: { kind: 'sharp' }, known: true };
  return {
    tip: { kind: 'flat', flat: planDefaults(thread, threadLimits(thread)).tipFlat.value },
    known: false,
  };
}

function reliefOf(
  { work: { end } }: Plan,
  thread: Thread,
  limits: ReturnType<typeof threadLimits>,
  root: number,
): number {
  if (end.diameter !== null) return lengthIn(end.diameter, thread.unit);
  return reliefBy(reliefsOf(thread, limits, root), end.reliefBy);
}

/** A plan lifted from version 1 has no rows of its own: what it asked is worked out. */
function proposedRows(
  plan: Plan,
  unit: Thread['unit'],
  groove: ReturnType<typeof grooveCaseOf>,
  totalFeed: number,
): PlanRows {
  const { asked } = plan.schedule;
  const rows = constantAreaRows({
    groove,
    totalFeed,
    scratch: lengthIn(asked.scratch, unit),
    roughing: asked.roughing,
    finishing: asked.finishing,
    finishingInfeed: lengthIn(asked.finishingInfeed, unit),
    spring: asked.spring,
  });
  return {
    aimed: true,
    stops: [],
    cuts: (rows ?? []).map(({ kind, infeed, reading }) => ({
      kind,
      infeed: { value: infeed, unit },
      reading: { value: reading, unit },
      until: null,
      drive: null,
    })),
  };
}
