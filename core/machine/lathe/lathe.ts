import type { InferType } from 'yup';
import { documentReader } from '@/core/base/documents/document';
import {
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
} from '@/core/base/documents/parts';
import { liftLathe1 } from './lift-lathe-1';
import { GEAR_ROLES, NOSES, READOUT_AXES, LEVER_KINDS, SPEED_SETTERS } from './lathe-names';

/** What a dial's figures mean: the slide's own travel (on the radius), or what comes off the diameter. */
const dialFields = {
  graduation: length(),
  perTurn: length(),
  reads: oneOf(['travel', 'diameter'] as const),
  /** How its figures run as the slide moves toward the work. */
  counts: oneOf(['up', 'down'] as const),
};

/** An advance as it is said, `11 1/2 TPI` or `1.5 mm`: read exactly, never as a decimal. */
const advance = () => words(30);

/**
 * A lathe of the shop, as a document with revisions. What nobody has looked up yet is null or an empty list: unknown is
 * not "no". Published as docs/formats/lathe.schema.json, made from this schema.
 */
export const latheSchema = part({
  ...header('oyakata-lathe', 2),
  name: words(80).min(1, 'Name the lathe.'),
  note: maybeWords(500),
  size: part({
    swing: maybeLength(),
    swingOverSlide: maybeLength(),
    centres: maybeLength(),
    crossTravel: maybeLength(),
    compoundTravel: maybeLength(),
  }),
  compound: part({
    dial: part(dialFields),
    backlash: maybeLength(),
    swivel: part({
      /** Where the scale reads 0: with the compound along the cross slide, or along the bed. */
      zeroAlong: oneOf(['cross-slide', 'bed'] as const),
      /** Which way it counts, seen from above. */
      counts: maybeOneOf(['both-ways', 'clockwise', 'counter-clockwise'] as const),
      graduationDeg: maybeFigure(0, 45),
      rangeDeg: maybeFigure(0, 360),
    }),
  }),
  crossSlide: part({ dial: maybePart(dialFields), backlash: maybeLength() }),
  spindle: part({
    nose: maybeOneOf(NOSES),
    brake: maybeYesNo(),
    /** Turns that it still makes after switching off, at the speeds for threading, where no speed says its own. */
    runDownTurns: maybeFigure(0, 1000),
    /** From slow to fast. */
    speeds: listOf(
      part({
        /** As marked; with `upTo` the slow end of a range. */
        rpm: figure(0.1, 20000),
        upTo: maybeFigure(0.1, 20000),
        /** What it really gives; for a single speed. */
        real: maybeFigure(0.1, 20000),
        by: maybeOneOf(SPEED_SETTERS),
        /** How it is set, as the shop says it: `belt 2, back gear in, its pin out`. */
        set: words(120),
        /** Usable at the spindle: N m and W; of a range at its slow end, where an inverter's motor is weak. */
        torqueNm: maybeFigure(0, 100000),
        powerW: maybeFigure(0, 1000000),
        runDownTurns: maybeFigure(0, 1000),
      }),
      60,
    ),
  }),
  leadScrew: maybePart({
    advance: advance(),
    hand: maybeOneOf(['right', 'left'] as const),
    /** What must be in before it turns. */
    engagedBy: maybeOneOf(['collar', 'clutch', 'always'] as const),
    /** Fastest that the screw may turn. */
    mostRpm: maybeFigure(0.1, 20000),
  }),
  halfNut: part({
    /** A half nut that closes late, always by the same amount. */
    closesLate: maybeYesNo(),
    lateBy: maybeLength(),
  }),
  threadDial: maybePart({
    state: oneOf(['in-use', 'none', 'unusable'] as const),
    /** Whether its gear is swung out of mesh after use. */
    swingsOut: maybeYesNo(),
    /** Gears of its shaft, one of which meshes; each with the marks that belong to it. */
    gears: listOf(
      part({
        teeth: whole(1, 1000),
        /** The machine's own label, empty for a plain mark; where it stands, as an exact part of the dial's turn. */
        marks: listOf(part({ label: words(8), at: words(20) }), 100),
      }),
      8,
    ),
    /** The plate beside it: for a thread the labels to close at. */
    plate: listOf(part({ thread: advance(), labels: listOf(words(8), 100) }), 100),
  }),
  gearing: part({
    /** Levers of gearbox, feed reverse, collar and apron with their positions, in the machine's own names. */
    levers: listOf(
      part({
        name: words(40).min(1),
        kind: oneOf(LEVER_KINDS),
        positions: listOf(words(20).min(1), 30),
        /** Where it stands for threading, and where for a left-hand thread if that differs. */
        forThreading: maybeWords(20),
        forLeftHand: maybeWords(20),
      }),
      20,
    ),
    /** Thread to lever positions, as the machine's chart gives them. */
    quickChange: maybePart({
      levers: listOf(words(40), 12),
      rows: listOf(part({ thread: advance(), positions: listOf(words(20), 12) }), 300),
    }),
    /** Thread to the gear at each place, idlers included, as the machine's chart gives them. */
    changeGears: maybePart({
      places: listOf(part({ name: words(40), role: oneOf(GEAR_ROLES) }), 8),
      rows: listOf(part({ thread: advance(), teeth: listOf(maybeWhole(1, 1000), 8) }), 300),
    }),
    /** Change gears that are there; each entry is one gear. */
    stock: listOf(whole(1, 1000), 80),
    mounting: part({
      leastPair: maybeWhole(1, 2000),
      mostPair: maybeWhole(1, 2000),
      mostOnStud: maybeWhole(1, 1000),
      mostOnScrew: maybeWhole(1, 1000),
      clearance: maybeWhole(0, 1000),
    }),
    /** Turns of the first change gear for one of the spindle, exact; null: 1 to 1. */
    fixedRatio: maybeWords(20),
    /** Gears inside that the chart takes for granted, in words. */
    baseSet: maybeWords(200),
  }),
  /** Positions of a lever that forbid higher speeds. */
  placards: listOf(
    part({ lever: words(40).min(1), position: words(20).min(1), mostRpm: figure(0.1, 20000) }),
    20,
  ),
  /** Whether the lathe is built with an automatic threading trip, and how it works. */
  trip: part({
    fitted: maybeYesNo(),
    /** How it finds the thread again after it has let go. */
    findsBy: maybeOneOf(['clutch', 'dial'] as const),
    returnsBy: maybeOneOf(['power', 'hand'] as const),
    scatter: maybeLength(),
  }),
  readout: maybePart({
    axes: listOf(oneOf(READOUT_AXES), 3),
    resolution: length(),
    reads: oneOf(['radius', 'diameter'] as const),
  }),
});

export type Lathe = InferType<typeof latheSchema>;
export type Dial = Lathe['compound']['dial'];
export type Swivel = Lathe['compound']['swivel'];
export type SpindleSpeed = Lathe['spindle']['speeds'][number];
export type Lever = Lathe['gearing']['levers'][number];
export type ThreadDial = NonNullable<Lathe['threadDial']>;

/** Reads a stored or imported lathe. @throws UnreadableDocument */
export const readLathe = documentReader<Lathe>({
  format: 'oyakata-lathe',
  version: 2,
  schema: latheSchema,
  lifts: { 1: liftLathe1 },
});
