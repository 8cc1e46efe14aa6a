import type { InferType } from 'yup';
import {
  documentReader,
  figure,
  header,
  length,
  listOf,
  maybeFigure,
  maybeLength,
  maybeOneOf,
  maybePart,
  maybeWhole,
  maybeWords,
  maybeYesNo,
  oneOf,
  part,
  whole,
  words,
  yesNo,
} from '../documents';
import { liftPlan1 } from './lift-plan-1';

/** Values of the choices that a plan makes; issue by issue more of them are offered, the document holds all. */
export const START_ORDERS = ['start-by-start', 'depth-by-depth'] as const;
export const WORK_ENDS = ['groove', 'recess', 'mark', 'through', 'boss'] as const;
export const HOLDINGS = [
  'chuck',
  'chuck-and-centre',
  'between-centres',
  'collet',
  'four-jaw',
  'faceplate',
  'parallels',
] as const;
export const TIP_KINDS = ['not-measured', 'flat', 'radius', 'sharp', 'insert'] as const;
export const DIRECTIONS = ['toward-headstock', 'away-from-headstock'] as const;
export const DRIVES = ['half-nut', 'reversing', 'trip', 'free'] as const;
export const TOOL_SIDES = ['front', 'back'] as const;
export const CLEARINGS = ['cross-slide', 'compound'] as const;
export const INFEED_WAYS = ['compound', 'plunge', 'readout', 'alternating', 'axial'] as const;
export const PASS_KINDS = ['scratch', 'rough', 'finish', 'spring'] as const;
export const PROOFS = [
  'wires',
  'thread-micrometer',
  'gauge',
  'master',
  'nut',
  'mate',
  'sample',
  'crest-flat',
  'depth',
  'look',
] as const;
export const PLACES_OF_PROOF = ['start', 'middle', 'end'] as const;

/** A row of the schedule: a cut, a stop to check, or a cut repeated until a check answers. Exact: a sheet rounds it to the dial. */
const rowSchema = part({
  what: oneOf(['cut', 'check', 'repeat'] as const),
  kind: maybeOneOf(PASS_KINDS),
  slide: oneOf(['compound', 'cross-slide', 'readout'] as const),
  measure: oneOf(['feed', 'radial', 'diameter'] as const),
  infeed: maybeLength(),
  /** Counted from touch-off. */
  reading: maybeLength(),
  check: maybeWords(40),
  atMost: maybeWhole(1, 200),
  drive: maybeOneOf(DRIVES),
  start: maybeWhole(1, 20),
});

/** A pitch as an insert's box gives it: a length, or threads per inch. */
const insertPitch = () => maybePart({ length: maybeLength(), threadsPerInch: maybeFigure(0.1, 1000) });

/**
 * The plan of one exercise as it is handed out, stored and exported: what the instructor asks, and no lathe. Every
 * number that follows from it stands in a sheet. Published as docs/formats/plan.schema.json, made from this schema.
 */
export const storedPlanSchema = part({
  ...header('oyakata-plan', 2),
  title: words(120).min(1),
  thread: part({
    /** Canonical, hand and starts included. */
    designation: words(120).min(1),
    hand: oneOf(['right', 'left'] as const),
    starts: whole(1, 20),
    startsOrder: oneOf(START_ORDERS),
  }),
  work: part({
    /** Major diameter to which the blank is turned, or the bore of an internal thread. */
    diameter: length(),
    end: part({
      kind: oneOf(WORK_ENDS),
      width: maybeLength(),
      diameter: maybeLength(),
      imperfectLength: maybeLength(),
      standOff: maybeLength(),
    }),
    threadLength: maybeLength(),
    totalLength: maybeLength(),
    chamfer: maybePart({ angleDeg: maybeFigure(0, 90), diameter: maybeLength() }),
    register: maybePart({ diameter: maybeLength(), length: maybeLength(), seatsOnFace: maybeYesNo() }),
    material: maybeWords(120),
  }),
  holding: part({ kind: oneOf(HOLDINGS), stickOut: maybeLength() }),
  tool: part({
    tip: part({
      kind: oneOf(TIP_KINDS),
      flat: maybeLength(),
      radius: maybeLength(),
      pitchFrom: insertPitch(),
      pitchTo: insertPitch(),
    }),
    material: maybeWords(120),
  }),
  technique: part({
    direction: oneOf(DIRECTIONS),
    drive: oneOf(DRIVES),
    side: oneOf(TOOL_SIDES),
    clearing: oneOf(CLEARINGS),
    endSeenBy: maybeOneOf(['eye', 'indicator', 'mark', 'readout', 'ear'] as const),
    spindleSpeedRpm: figure(1, 5000),
    level: oneOf(['each-step', 'one-page'] as const),
  }),
  infeed: part({
    way: oneOf(INFEED_WAYS),
    /** Counted from the cross-slide axis; null where the compound does not feed. */
    compoundAngleDeg: maybeFigure(0, 90),
    /** To which side the compound is swung: the usual one of this hand and side of the work, or the other. */
    compoundSide: oneOf(['usual', 'other'] as const),
  }),
  schedule: part({
    school: oneOf(['constant-area', 'own'] as const),
    asked: part({
      scratch: length(),
      roughing: whole(0, 200),
      largestInfeed: length(),
      finishing: whole(0, 50),
      finishingInfeed: length(),
      spring: whole(0, 50),
    }),
    rows: listOf(rowSchema, 400),
  }),
  proof: part({
    targetPitchDiameter: length(),
    evidence: listOf(
      part({
        id: words(40).min(1),
        kind: oneOf(PROOFS),
        wire: maybeLength(),
        gauge: maybeWords(120),
        places: listOf(oneOf(PLACES_OF_PROOF), 3),
        decides: yesNo(),
        answerWanted: maybeWords(40),
        fromReading: maybeLength(),
      }),
      20,
    ),
  }),
  steps: listOf(
    part({
      id: words(40).min(1),
      /** Null: the program's own words. */
      title: maybeWords(120),
      instruction: maybeWords(500),
      expected: oneOf(['shown', 'after-entry', 'hidden'] as const),
      hold: yesNo(),
      on: yesNo(),
    }),
    80,
  ),
});

export type Plan = InferType<typeof storedPlanSchema>;
export type PlanTip = Plan['tool']['tip'];
export type PlanRow = Plan['schedule']['rows'][number];

/** Reads a stored or imported plan of any version. @throws UnreadableDocument */
export const readStoredPlan = documentReader<Plan>({
  format: 'oyakata-plan',
  version: 2,
  schema: storedPlanSchema,
  lifts: { 1: liftPlan1 },
});
