import type { InferType } from 'yup';
import { documentReader } from '@/core/base/documents/document';
import {
  figure,
  header,
  length,
  listOf,
  maybeFigure,
  maybePart,
  maybeWords,
  oneOf,
  part,
  whole,
  words,
  yesNo,
  namedOrUnknown,
  maybeNamedOrUnknown,
} from '@/core/base/documents/parts';
import { PASS_KINDS, PLACES_OF_PROOF, SCHOOLS, START_ORDERS } from '../plan/plan-names';
import { EVIDENCE_KINDS } from '@/core/measuring/proof/evidence';
import { worksheetQuestionSchema } from '@/core/learning/worksheet/question';
import {
  CLEARINGS,
  CLEAR_ORDERS,
  DIRECTIONS,
  INFEED_WAYS,
  LEVELS,
  MARK_RULES,
  STARTS_BY,
  TOOL_SIDES,
  WORK_ENDS,
  ZERO_WAYS,
} from '@/core/machine/technique/choices';
import { DRIVES, REAL_DRIVES } from '@/core/machine/technique/drives';
import { HOLDINGS } from '@/core/machine/technique/holdings';
import { liftSheet1 } from './older/lift-sheet-1';
import { liftSheet2 } from './older/lift-sheet-2';
import { liftSheet3 } from './older/lift-sheet-3';
import { liftSheet4 } from './older/lift-sheet-4';
import { liftSheet5 } from './older/lift-sheet-5';
import { liftSheet6 } from './older/lift-sheet-6';
import { sheetBlankSchema } from './machine/sheet-blank-schema';
import { sheetDialSchema } from './machine/sheet-dial-schema';
import { sheetGearingSchema } from './machine/sheet-gearing-schema';
import { travelSchema } from './machine/travel';
import { sheetStepSchema, type SheetStep } from './sheet-step';

const band = () => part({ min: figure(), max: figure() });
const maybeBand = () => maybePart({ min: figure(), max: figure() });
const openBand = () => part({ min: maybeFigure(), max: maybeFigure() });

export const sheetPassSchema = part({
  n: whole(1, 8000),
  kind: namedOrUnknown(PASS_KINDS),
  start: whole(1, 20),
  dialInfeed: length(),
  dialReading: length(),
  infeed: figure(),
  reading: figure(),
  radialDepth: figure(),
  chipArea: figure(),
  pitchDiameter: maybeFigure(),
  overWires: maybeFigure(),
  /** With a tip that was not measured: from a pointed to the bluntest one. */
  pitchDiameterBand: maybeBand(),
  /** Flat that is left on the crest, to be seen after this pass. */
  crestFlat: maybeFigure(),
  /** The check that ends the repeat to which it belongs. */
  until: maybeWords(40),
  /** As the row says; null: as planned. */
  drive: maybeNamedOrUnknown(REAL_DRIVES),
});

/** A stop between two cuts, with its small steps. */
const stopSchema = part({
  id: words(40).min(1),
  what: oneOf(['check', 'work'] as const),
  check: words(40),
  title: words(80),
  /** After this pass; 0: before the first. */
  after: whole(0, 8000),
  /** From there after every cut, until it answers. */
  onward: yesNo(),
  hold: yesNo(),
  /** A helper may sign it too. */
  helper: yesNo(),
  asks: words(200),
  steps: listOf(words(200), 10),
});

/** One evidence of the proof. Lengths in the thread's unit. */
const proofSchema = part({
  id: words(40).min(1),
  kind: namedOrUnknown(EVIDENCE_KINDS),
  title: words(80),
  strength: words(300),
  places: listOf(oneOf(PLACES_OF_PROOF), 3),
  decides: yesNo(),
  weight: figure(0, 1000),
  wanted: listOf(words(40), 10),
  /** Between which pitch diameters the nut or plug lies; null: not known. */
  nut: maybeBand(),
  gauge: maybeWords(120),
  bothEnds: yesNo(),
  toShoulder: yesNo(),
  least: maybeFigure(),
  most: maybeFigure(),
  fromReading: maybeFigure(),
});

/**
 * The sheet: a plan on one lathe with every number and every word that the student is given. Frozen when the plan is
 * handed out; recording, bench and mark read it and nothing else. Lengths are in the thread's unit unless they carry
 * their own.
 */
export const sheetSchema = part({
  ...header('oyakata-sheet', 7),
  title: words(120),
  lathe: part({
    name: words(80),
    dial: part({
      graduation: length(),
      perTurn: length(),
      reads: oneOf(['travel', 'diameter'] as const),
      counts: oneOf(['up', 'down'] as const),
    }),
    zeroAlong: oneOf(['cross-slide', 'bed'] as const),
  }),
  thread: part({
    designation: words(120),
    standard: words(40),
    side: oneOf(['external', 'internal'] as const),
    hand: oneOf(['right', 'left'] as const),
    starts: whole(1, 20),
    startsOrder: namedOrUnknown(START_ORDERS),
    startsBy: maybeNamedOrUnknown(STARTS_BY),
    unit: oneOf(['in', 'mm'] as const),
    pitch: figure(0),
    lead: figure(0),
    /** As printed: `16 TPI`, `2 mm`. */
    pitchText: words(40),
    flankAngleDeg: figure(0, 90),
  }),
  limits: part({
    major: openBand(),
    pitchDiameter: band(),
    minor: openBand(),
    crest: band(),
    pitchDiameterTolerance: figure(0),
  }),
  /** The blank or the bore. */
  workDiameter: figure(0),
  tip: part({
    kind: oneOf(['sharp', 'flat', 'radius'] as const),
    /** Width of the flat or radius; 0 when sharp. */
    size: figure(0),
    /** False where it was not measured and the form's usual one is assumed: then no size is foretold. */
    known: yesNo(),
  }),
  way: part({
    direction: oneOf(DIRECTIONS),
    toolSide: oneOf(TOOL_SIDES),
    compoundSide: oneOf(['usual', 'other'] as const),
    toolInverted: yesNo(),
    /** As planned on this lathe. */
    drive: namedOrUnknown(DRIVES),
    /** Left to whoever cuts: nothing is taken as said before it is chosen. */
    driveFree: yesNo(),
    clearing: namedOrUnknown(CLEARINGS),
    clearOrder: namedOrUnknown(CLEAR_ORDERS),
    markRule: namedOrUnknown(MARK_RULES),
    infeed: namedOrUnknown(INFEED_WAYS),
    zeroBy: maybeNamedOrUnknown(ZERO_WAYS),
    end: namedOrUnknown(WORK_ENDS),
    holding: namedOrUnknown(HOLDINGS),
    level: namedOrUnknown(LEVELS),
  }),
  /** The slide that feeds; its dial or readout is the lathe's `dial`. */
  feed: part({
    slide: oneOf(['compound', 'cross-slide', 'readout'] as const),
    /** Counted from the cross-slide axis; 0 plunges. */
    angleDeg: figure(0, 90),
    as: oneOf(['turns', 'figure'] as const),
    /** How its figures run while it feeds. */
    counts: oneOf(['up', 'down'] as const),
    /** Figure at touch-off, in the dial's unit. */
    zeroFigure: figure(),
  }),
  compound: part({
    angleDeg: figure(0, 90),
    markDeg: figure(-360, 360),
    /** This lathe's scale does not reach there: it is set by a protractor. */
    offScale: yesNo(),
  }),
  gearing: sheetGearingSchema,
  dial: sheetDialSchema,
  travel: travelSchema,
  blank: sheetBlankSchema,
  /**
   * How depth and size of a record are told: with compound and zero as they were recorded, or, of sheets that were handed
   * out before that was reckoned, as planned, so that no number that was told changes.
   */
  reckoned: oneOf(['as-planned', 'as-recorded'] as const),
  targetPitchDiameter: figure(0),
  radialDepth: figure(),
  /** Of the slide that feeds. */
  compoundFeed: figure(),
  rootDiameter: figure(),
  /** Down (in a bore: out) to which groove or recess is cut. */
  reliefDiameter: figure(),
  wires: part({ diameter: figure(0), overWires: part({ min: figure(), target: figure(), max: figure() }) }),
  speed: part({
    rpm: figure(0),
    /** Of the groove or recess, of the boss, behind the work, or of imperfect thread. */
    runOutWidth: figure(0),
    leastRunOut: maybeFigure(),
    /** Left to the hand; null where nothing limits it. */
    timeInRunOut: maybeFigure(),
    reactionSeconds: figure(0),
    /** What the plan asks for at most. */
    asked: figure(0),
    /** As marked at the machine, where it really gives another speed. */
    marked: maybeFigure(0),
    /** How it is set on this lathe. */
    set: words(160),
    /** What forbids the speed asked. */
    cap: maybeWords(300),
    /** Of the carriage, and of the surface, in the thread's unit. */
    carriagePerMinute: figure(0),
    surfacePerMinute: figure(0),
    /** Usual for threading this material; null where it is not said. */
    surfaceUsual: maybeFigure(0),
    /** Turns of the work in the usable length, less the run-down; null where nothing limits. */
    turnsLeft: maybeFigure(0),
    limit: part({
      endsBy: oneOf(['opening', 'stopping', 'clearing', 'trip', 'imperfect-length', 'way-left'] as const),
      usable: maybeFigure(0),
      room: maybeFigure(0),
      runDownTurns: figure(0),
    }),
  }),
  schedule: part({
    school: namedOrUnknown(SCHOOLS),
    scratch: length(),
    roughing: whole(0, 400),
    largestInfeed: length(),
    finishing: whole(0, 100),
    finishingInfeed: length(),
    spring: whole(0, 100),
  }),
  passes: listOf(sheetPassSchema, 8000),
  stops: listOf(stopSchema, 400),
  proof: listOf(proofSchema, 20),
  /** What the student finds before the rest is shown, with what is right. */
  worksheet: listOf(worksheetQuestionSchema, 20),
  steps: listOf(sheetStepSchema, 80),
  words: part({
    pieces: words(40),
    over: words(40),
    crest: words(40),
    work: words(40),
    mate: words(40),
    compound: words(40),
    crossSlide: words(40),
    halfNut: words(40),
    threadDial: words(40),
    carriage: words(40),
    runOutGroove: words(40),
    centreGauge: words(40),
    /** What is done between two cuts, in one paragraph. */
    cycle: words(1500),
    /** The same for every drive that this lathe can have, step by step; the planned one first. */
    cycles: listOf(
      part({
        drive: namedOrUnknown(REAL_DRIVES),
        name: words(120),
        steps: listOf(words(300), 20),
        hazards: listOf(words(300), 10),
      }),
      5,
    ),
    /** Which way the slides come to their zeros. */
    slack: words(500),
    /** The foot of the sheet. */
    hazards: words(2000),
    /** Said where nothing more is to be cut. */
    allCut: words(300),
  }),
  note: maybeWords(500),
});

export type Sheet = Omit<InferType<typeof sheetSchema>, 'steps'> & { steps: SheetStep[] };
export type SheetPass = Sheet['passes'][number];
export type SheetStop = Sheet['stops'][number];
export type SheetProof = Sheet['proof'][number];

/** Reads a stored sheet. @throws UnreadableDocument */
export const readSheet = documentReader<Sheet>({
  format: 'oyakata-sheet',
  version: 7,
  schema: sheetSchema,
  lifts: { 1: liftSheet1, 2: liftSheet2, 3: liftSheet3, 4: liftSheet4, 5: liftSheet5, 6: liftSheet6 },
});
