import type { InferType } from 'yup';
import { documentReader, type StoredObject } from '@/core/base/documents/document';
import {
  header,
  length,
  listOf,
  maybeLength,
  maybeNamedOrUnknown,
  maybeWords,
  namedOrUnknown,
  part,
  words,
} from '@/core/base/documents/parts';

export const GAUGE_KINDS = [
  'wires',
  'micrometer',
  'thread-micrometer',
  'ring',
  'plug',
  'nut',
  'master',
  'centre-gauge',
  'other',
] as const;
export type GaugeKind = (typeof GAUGE_KINDS)[number];

/** A measuring tool of the shop: a set of wires or balls, a micrometer, a gauge, a nut or an own master, as a document with revisions. */
const gaugeSchema = part({
  ...header('oyakata-gauge', 2),
  name: words(80).min(1, 'Name the gauge.'),
  kind: namedOrUnknown(GAUGE_KINDS),
  /** Diameters of the wires; a set holds three of each. */
  sizes: listOf(length(), 60),
  /** For which thread, and of which class, as on the gauge. */
  thread: maybeWords(60),
  class: maybeWords(20),
  side: maybeNamedOrUnknown(['go', 'no-go', 'both'] as const),
  /** Its own pitch diameter, and how well it is known. */
  size: maybeLength(),
  uncertainty: maybeLength(),
  /** Days, `2026-05-01`. */
  calibrated: maybeWords(10),
  due: maybeWords(10),
  note: maybeWords(500),
});

export type Gauge = InferType<typeof gaugeSchema>;

/** Version 1 knew names and sizes. */
function liftGauge1(older: StoredObject): StoredObject {
  return {
    ...older,
    version: 2,
    thread: null,
    class: null,
    side: null,
    size: null,
    uncertainty: null,
    calibrated: null,
    due: null,
  };
}

/** Reads a stored gauge. @throws UnreadableDocument */
export const readGauge = documentReader<Gauge>({
  format: 'oyakata-gauge',
  version: 2,
  schema: gaugeSchema,
  lifts: { 1: liftGauge1 },
});

/** A set of wires and nothing else known of it. */
export function wireSet(name: string, sizes: Gauge['sizes']): Gauge {
  return {
    format: 'oyakata-gauge',
    version: 2,
    name,
    kind: 'wires',
    sizes,
    thread: null,
    class: null,
    side: null,
    size: null,
    uncertainty: null,
    calibrated: null,
    due: null,
    note: null,
  };
}
