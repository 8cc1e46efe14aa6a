import type { InferType } from 'yup';
import { documentReader } from '@/core/base/documents/document';
import {
  header,
  maybeLength,
  maybeNamedOrUnknown,
  maybeWords,
  namedOrUnknown,
  part,
  words,
} from '@/core/base/documents/parts';

export const HOLDING_KINDS = [
  'chuck',
  'four-jaw',
  'collet',
  'faceplate',
  'dog',
  'centre',
  'parallels',
  'other',
] as const;

/** Work-holding of the shop, as a document with revisions; what nobody has looked up is null. */
const workHoldingSchema = part({
  ...header('oyakata-holding', 1),
  name: words(80).min(1, 'Name it.'),
  kind: namedOrUnknown(HOLDING_KINDS),
  /** Diameters that it takes. */
  least: maybeLength(),
  most: maybeLength(),
  /** How it sits on the spindle. */
  nose: maybeNamedOrUnknown([
    'screwed',
    'screwed-locked',
    'long-taper',
    'camlock',
    'drawbar',
    'none',
  ] as const),
  /** As last measured. */
  runOut: maybeLength(),
  /** Lathes that it fits, in words. */
  fits: maybeWords(120),
  note: maybeWords(500),
});

export type WorkHolding = InferType<typeof workHoldingSchema>;

/** Reads a stored work-holding. @throws UnreadableDocument */
export const readWorkHolding = documentReader<WorkHolding>({
  format: 'oyakata-holding',
  version: 1,
  schema: workHoldingSchema,
});
