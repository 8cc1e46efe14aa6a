import type { InferType } from 'yup';
import {
  documentReader,
  figure,
  header,
  length,
  listOf,
  maybeFigure,
  maybeWords,
  oneOf,
  part,
  whole,
  words,
  yesNo,
} from '../documents';
import { CLEARINGS, DIRECTIONS, DRIVES, INFEED_WAYS, PASS_KINDS, START_ORDERS, TOOL_SIDES } from '../plan';
import { sheetStepSchema } from './sheet-step';

const band = () => part({ min: figure(), max: figure() });
const openBand = () => part({ min: maybeFigure(), max: maybeFigure() });

export const sheetPassSchema = part({
  n: whole(1, 8000),
  kind: oneOf(PASS_KINDS),
  start: whole(1, 20),
  dialInfeed: length(),
  dialReading: length(),
  infeed: figure(),
  reading: figure(),
  radialDepth: figure(),
  chipArea: figure(),
  pitchDiameter: maybeFigure(),
  overWires: maybeFigure(),
});

/**
 * The sheet: a plan on one lathe with every number and every word that the student is given. Frozen when the plan is
 * handed out; recording, card and mark read it and nothing else. Lengths are in the thread's unit unless they carry
 * their own.
 */
export const sheetSchema = part({
  ...header('oyakata-sheet', 1),
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
    startsOrder: oneOf(START_ORDERS),
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
    drive: oneOf(DRIVES),
    clearing: oneOf(CLEARINGS),
    infeed: oneOf(INFEED_WAYS),
  }),
  compound: part({ angleDeg: figure(0, 90), markDeg: figure(-360, 360) }),
  targetPitchDiameter: figure(0),
  radialDepth: figure(),
  compoundFeed: figure(),
  rootDiameter: figure(),
  wires: part({ diameter: figure(0), overWires: part({ min: figure(), target: figure(), max: figure() }) }),
  speed: part({
    rpm: figure(0),
    runOutWidth: figure(0),
    timeInRunOut: figure(0),
    reactionSeconds: figure(0),
  }),
  schedule: part({
    scratch: length(),
    roughing: whole(0, 400),
    largestInfeed: length(),
    finishing: whole(0, 100),
    finishingInfeed: length(),
    spring: whole(0, 100),
  }),
  passes: listOf(sheetPassSchema, 8000),
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
    /** What is done between two cuts. */
    cycle: words(500),
    /** The foot of the card. */
    hazards: words(1000),
    /** Said where nothing more is to be cut. */
    allCut: words(300),
  }),
  note: maybeWords(500),
});

export type Sheet = InferType<typeof sheetSchema>;
export type SheetPass = Sheet['passes'][number];

/** Reads a stored sheet. @throws UnreadableDocument */
export const readSheet = documentReader<Sheet>({ format: 'oyakata-sheet', version: 1, schema: sheetSchema });
