import type { InferType } from 'yup';
import {
  type Known,
  figure,
  header,
  length,
  listOf,
  maybeFigure,
  maybeLength,
  maybePart,
  maybeWhole,
  maybeWords,
  maybeYesNo,
  oneOf,
  part,
  whole,
  words,
  yesNo,
  namedOrUnknown,
  maybeNamedOrUnknown,
  maybeOneOf,
} from '@/core/base/documents/parts';
import { documentReader } from '@/core/base/documents/document';
import {
  CLEARINGS,
  CLEAR_ORDERS,
  DIRECTIONS,
  END_SEEN_BY,
  INFEED_WAYS,
  LEVELS,
  MARK_RULES,
  STARTS_BY,
  TOOL_SIDES,
  WORK_ENDS,
  ZERO_WAYS,
} from '@/core/machine/technique/choices';
import { DRIVES } from '@/core/machine/technique/drives';
import { REGISTER_MADE, REGISTER_PLACES } from '@/core/machine/blank/part-shape';
import { HOLDINGS } from '@/core/machine/technique/holdings';
import { EVIDENCE_KINDS } from '@/core/measuring/proof/evidence';
import { WORKSHEET_ASKS } from '@/core/learning/worksheet/asks';
import { liftPlan1 } from './older/lift-plan-1';
import { liftPlan2 } from './older/lift-plan-2';
import { liftPlan3 } from './older/lift-plan-3';
import { liftPlan4 } from './older/lift-plan-4';
import { liftPlan5 } from './older/lift-plan-5';
import { liftPlan6 } from './older/lift-plan-6';
import { liftPlan7 } from './older/lift-plan-7';
import { liftPlan8 } from './older/lift-plan-8';
import {
  START_ORDERS,
  PLACES_OF_PROOF,
  PASS_KINDS,
  SCHOOLS,
  EXPECTED_SHOWN,
  STEP_EVIDENCE,
  STEP_GROUPS,
  STEP_UNITS,
  HAND_LIMITS,
  RELIEFS,
  TIP_KINDS,
} from './plan-names';

/** A row of the schedule: a cut, a stop to check or to work, or a cut repeated until a check answers. Exact: a sheet rounds it to the dial. */
const rowSchema = part({
  what: oneOf(['cut', 'check', 'work', 'repeat'] as const),
  kind: maybeNamedOrUnknown(PASS_KINDS),
  slide: oneOf(['compound', 'cross-slide', 'readout'] as const),
  measure: oneOf(['feed', 'radial', 'diameter'] as const),
  infeed: maybeLength(),
  /** Counted from touch-off. */
  reading: maybeLength(),
  /** Of a stop: what is checked or worked. Of a repeat: the check that ends it. */
  check: maybeWords(40),
  atMost: maybeWhole(1, 200),
  drive: maybeNamedOrUnknown(DRIVES),
  start: maybeWhole(1, 20),
  /** A stop that goes on after every cut from here. */
  onward: yesNo(),
  /** No cut before whoever may has looked. */
  hold: yesNo(),
  /** Of a hold point: a helper may sign it too. */
  helper: yesNo(),
});

/** A pitch as an insert's box gives it: a length, or threads per inch. */
const insertPitch = () => maybePart({ length: maybeLength(), threadsPerInch: maybeFigure(0.1, 1000) });

/**
 * The plan of one exercise as it is handed out, stored and exported: what the instructor asks, and no lathe. Every
 * number that follows from it stands in a sheet. Published as docs/formats/plan.schema.json, made from this schema.
 */
export const storedPlanSchema = part({
  ...header('oyakata-plan', 9),
  title: words(120).min(1),
  thread: part({
    /** Canonical, hand and starts included. */
    designation: words(120).min(1),
    hand: oneOf(['right', 'left'] as const),
    starts: whole(1, 20),
    startsOrder: namedOrUnknown(START_ORDERS),
    /** How the next start is found; null with one start. */
    startsBy: maybeNamedOrUnknown(STARTS_BY),
  }),
  work: part({
    /** Major diameter to which the blank is turned, or the bore of an internal thread. */
    diameter: length(),
    end: part({
      kind: namedOrUnknown(WORK_ENDS),
      /** Of the groove or the recess; of a boss its length. */
      width: maybeLength(),
      /** Of the relief: its own, or null where the rule gives it. */
      diameter: maybeLength(),
      reliefBy: namedOrUnknown(RELIEFS),
      imperfectLength: maybeLength(),
      /** Of a through bore from the jaws. */
      standOff: maybeLength(),
      /** On to chuck or shoulder; away from the headstock to centre or tailstock. */
      room: maybeLength(),
    }),
    threadLength: maybeLength(),
    totalLength: maybeLength(),
    chamfer: maybePart({ angleDeg: maybeFigure(0, 90), diameter: maybeLength() }),
    register: maybePart({
      diameter: maybeLength(),
      length: maybeLength(),
      seatsOnFace: maybeYesNo(),
      at: oneOf(REGISTER_PLACES),
      made: oneOf(REGISTER_MADE),
    }),
    material: maybeWords(120),
  }),
  holding: part({ kind: namedOrUnknown(HOLDINGS), stickOut: maybeLength() }),
  tool: part({
    tip: part({
      kind: namedOrUnknown(TIP_KINDS),
      flat: maybeLength(),
      radius: maybeLength(),
      pitchFrom: insertPitch(),
      pitchTo: insertPitch(),
    }),
    material: maybeWords(120),
    /** Its number in the shop's book, from which its figures were taken; null: of no record. */
    record: maybeWhole(1, 1e9),
    /** Of a boring bar: how stout it is, and how far it reaches out of its holder. */
    bar: maybePart({ diameter: maybeLength(), reach: maybeLength() }),
  }),
  technique: part({
    direction: oneOf(DIRECTIONS),
    drive: namedOrUnknown(DRIVES),
    side: oneOf(TOOL_SIDES),
    clearing: namedOrUnknown(CLEARINGS),
    clearOrder: namedOrUnknown(CLEAR_ORDERS),
    markRule: namedOrUnknown(MARK_RULES),
    zeroBy: maybeNamedOrUnknown(ZERO_WAYS),
    endSeenBy: maybeNamedOrUnknown(END_SEEN_BY),
    spindleSpeedRpm: figure(1, 5000),
    level: namedOrUnknown(LEVELS),
    /** Own seconds from seeing to doing; null: those of the level. */
    reactionSeconds: maybeFigure(0.1, 10),
    /**
     * Whether a lathe goes slower than the speed asked where the hand would have too little time, or the instructor has
     * set that limit aside. Placards, chuck, lead screw and what the lathe has bind all the same.
     */
    handLimit: oneOf(HAND_LIMITS),
  }),
  infeed: part({
    way: namedOrUnknown(INFEED_WAYS),
    /** Counted from the cross-slide axis; null where the compound does not feed. */
    compoundAngleDeg: maybeFigure(0, 90),
    /** To which side the compound is swung: the usual one of this hand and side of the work, or the other. */
    compoundSide: oneOf(['usual', 'other'] as const),
  }),
  schedule: part({
    school: namedOrUnknown(SCHOOLS),
    asked: part({
      scratch: length(),
      roughing: whole(0, 200),
      largestInfeed: length(),
      /** After two thirds of the feed; null where the school has none. */
      secondInfeed: maybeLength(),
      finishing: whole(0, 50),
      finishingInfeed: length(),
      spring: whole(0, 50),
    }),
    /** What tool, machine and part bear beside the largest infeed; null: as proposed, or no limit. */
    limits: part({
      /** mm². */
      chipArea: maybeFigure(0.0001, 100),
      /** Least thickness that still cuts, and the largest before the tip. */
      leastChip: maybeLength(),
      mostBeforeTip: maybeLength(),
      mostBending: maybeLength(),
    }),
    rows: listOf(rowSchema, 400),
  }),
  proof: part({
    targetPitchDiameter: length(),
    evidence: listOf(
      part({
        id: words(40).min(1),
        kind: namedOrUnknown(EVIDENCE_KINDS),
        wire: maybeLength(),
        /** Number of the gauge in the shop's book; null: of no record. */
        record: maybeWhole(1, 1e9),
        gauge: maybeWords(120),
        /** Class of the nut or plug; null: its usual mate, or not known. */
        gaugeClass: maybeWords(20),
        /** Its own pitch diameter, where the shop knows it. */
        gaugeSize: maybeLength(),
        gaugeUncertainty: maybeLength(),
        /** False: nothing is known of it. */
        gaugeKnown: yesNo(),
        places: listOf(oneOf(PLACES_OF_PROOF), 3),
        decides: yesNo(),
        weight: figure(0, 1000),
        /** Answers of the fit scale that are right. */
        answersWanted: listOf(words(40), 10),
        bothEnds: yesNo(),
        toShoulder: yesNo(),
        /** Of a value: its limits. */
        least: maybeLength(),
        most: maybeLength(),
        fromReading: maybeLength(),
      }),
      20,
    ),
  }),
  /** What the student finds before the sheet opens; nothing: the sheet is open from the start. */
  worksheet: part({ asks: listOf(oneOf(WORKSHEET_ASKS), 20) }),
  /** None: as they are proposed. Otherwise all of them, in order; a proposed one that is missing here stands in its own place. */
  steps: listOf(
    part({
      id: words(40).min(1),
      /** Null: the program's own words. */
      title: maybeWords(120),
      instruction: maybeWords(500),
      group: maybeOneOf(STEP_GROUPS),
      /** Of a step of the instructor's own; null: a proposed one. */
      evidence: maybeOneOf(STEP_EVIDENCE),
      choices: listOf(words(60), 12),
      /** How often something is counted; null where nothing is. */
      times: maybeWhole(1, 20),
      /** Of an own step that is recorded as a value: its unit, and the limits inside which it is right. */
      value: maybePart({ unit: oneOf(STEP_UNITS), least: maybeFigure(), most: maybeFigure() }),
      expected: maybeNamedOrUnknown(EXPECTED_SHOWN),
      critical: maybeYesNo(),
      hold: maybeYesNo(),
      /** Of a hold point: a helper may sign it too. */
      helper: yesNo(),
      weight: maybeFigure(0, 1000),
      on: yesNo(),
    }),
    80,
  ),
});

/** As it is read: `unknown` stands where a later release has written a name of its own. */
export type StoredPlan = InferType<typeof storedPlanSchema>;
/** As it is worked with: every name is known. */
export type Plan = Known<StoredPlan>;
export type PlanTip = Plan['tool']['tip'];
export type PlanRow = Plan['schedule']['rows'][number];
export type PlanEvidence = Plan['proof']['evidence'][number];
export type PlanStep = Plan['steps'][number];

/** Reads a stored or imported plan of any version. @throws UnreadableDocument */
export const readStoredPlan = documentReader<StoredPlan>({
  format: 'oyakata-plan',
  version: 9,
  schema: storedPlanSchema,
  lifts: {
    1: liftPlan1,
    2: liftPlan2,
    3: liftPlan3,
    4: liftPlan4,
    5: liftPlan5,
    6: liftPlan6,
    7: liftPlan7,
    8: liftPlan8,
  },
});
