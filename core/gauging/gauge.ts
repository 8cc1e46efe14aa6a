import type { InferType } from 'yup';
import { documentReader, header, length, listOf, maybeWords, oneOf, part, words } from '../documents';

/** A measuring tool of the shop: a set of wires or balls, or another gauge, as a document with revisions. */
export const gaugeSchema = part({
  ...header('oyakata-gauge', 1),
  name: words(80).min(1, 'Name the set.'),
  kind: oneOf(['wires', 'other'] as const),
  /** Diameters of the wires; a set holds three of each. */
  sizes: listOf(length(), 60),
  note: maybeWords(500),
});

export type Gauge = InferType<typeof gaugeSchema>;

/** Reads a stored gauge. @throws UnreadableDocument */
export const readGauge = documentReader<Gauge>({ format: 'oyakata-gauge', version: 1, schema: gaugeSchema });
