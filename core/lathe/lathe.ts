import { type InferType } from 'yup';
import {
  documentReader,
  header,
  length,
  maybeFigure,
  maybeLength,
  maybeOneOf,
  maybePart,
  maybeWhole,
  maybeYesNo,
  oneOf,
  part,
  words,
} from '../documents';

/** What a dial's figures mean: the slide's own travel (on the radius), or what comes off the diameter. */
const dialFields = {
  graduation: length(),
  perTurn: length(),
  reads: oneOf(['travel', 'diameter'] as const),
  /** How its figures run as the slide moves toward the work. */
  counts: oneOf(['up', 'down'] as const),
};

/**
 * A lathe of the shop, as a document with revisions. What nobody has looked up yet is null: unknown is not "no".
 * Published as docs/formats/lathe.schema.json, made from this schema.
 */
export const latheSchema = part({
  ...header('oyakata-lathe', 1),
  name: words(80).min(1, 'Name the lathe.'),
  compound: part({
    dial: part(dialFields),
    swivel: part({
      /** Where the scale reads 0: with the compound along the cross slide, or along the bed. */
      zeroAlong: oneOf(['cross-slide', 'bed'] as const),
      graduationDeg: maybeFigure(0, 45),
      rangeDeg: maybeFigure(0, 360),
    }),
  }),
  crossSlide: part({ dial: maybePart(dialFields) }),
  spindle: part({
    nose: maybeOneOf(['screwed', 'screwed-locked', 'long-taper', 'camlock'] as const),
    /** Turns that it still makes after switching off, at the speeds for threading. */
    runDownTurns: maybeFigure(0, 1000),
  }),
  leadScrew: maybePart({
    /** One of the two is known. */
    threadsPerInch: maybeFigure(0.1, 100),
    pitch: maybeLength(),
  }),
  threadDial: maybePart({ gearTeeth: maybeWhole(1, 500), marks: maybeWhole(1, 100) }),
  /** Whether the lathe is built with an automatic threading trip. */
  trip: maybeYesNo(),
  readout: maybePart({ resolution: length(), reads: oneOf(['radius', 'diameter'] as const) }),
});

export type Lathe = InferType<typeof latheSchema>;
export type Dial = Lathe['compound']['dial'];
export type Swivel = Lathe['compound']['swivel'];

/** Reads a stored or imported lathe. @throws UnreadableDocument */
export const readLathe = documentReader<Lathe>({ format: 'oyakata-lathe', version: 1, schema: latheSchema });
