import type { InferType } from 'yup';
import { documentReader, type StoredObject } from '@/core/base/documents/document';
import {
  header,
  maybeFigure,
  maybeLength,
  maybeNamedOrUnknown,
  maybeWhole,
  maybeWords,
  namedOrUnknown,
  part,
  words,
} from '@/core/base/documents/parts';

export const TOOL_KINDS = ['ground', 'insert', 'bar-ground', 'bar-insert'] as const;

/** A tool of the shop, as a document with revisions; what nobody has measured is null. */
const toolSchema = part({
  ...header('oyakata-tool', 2),
  name: words(80).min(1, 'Name the tool.'),
  kind: namedOrUnknown(TOOL_KINDS),
  material: maybeWords(80),
  hand: maybeNamedOrUnknown(['right', 'left', 'neutral'] as const),
  /** Width of the flat of the tip, or its radius: ground, stoned, or as the insert's box says. */
  flat: maybeLength(),
  radius: maybeLength(),
  /** Pitches of an insert, `1.5 mm` or `16 TPI`, from the finest to the coarsest. */
  pitchFrom: maybeWords(30),
  pitchTo: maybeWords(30),
  cornersLeft: maybeWhole(0, 100),
  /** Of a boring bar. */
  barDiameter: maybeLength(),
  reach: maybeLength(),
  /** Side clearance under the edge, for the helix of the thread. */
  clearanceDeg: maybeFigure(0, 90),
  note: maybeWords(500),
});

export type ToolDocument = InferType<typeof toolSchema>;

/** Version 1 knew ground tools and inserts with their tip. */
function liftTool1(older: StoredObject): StoredObject {
  return {
    ...older,
    version: 2,
    material: null,
    hand: null,
    pitchFrom: null,
    pitchTo: null,
    cornersLeft: null,
    barDiameter: null,
    reach: null,
    clearanceDeg: null,
  };
}

/** Reads a stored tool. @throws UnreadableDocument */
export const readToolDocument = documentReader<ToolDocument>({
  format: 'oyakata-tool',
  version: 2,
  schema: toolSchema,
  lifts: { 1: liftTool1 },
});
