import type { InferType } from 'yup';
import { documentReader } from '@/core/base/documents/document';
import { header, maybeFigure, maybeWords, part, words } from '@/core/base/documents/parts';

/** A material of the shop, as a document with revisions; the figures are the shop's own, with where they come from. */
const materialSchema = part({
  ...header('oyakata-material', 1),
  name: words(80).min(1, 'Name the material.'),
  group: maybeWords(60),
  /** Surface speed for threading, m/min: with a tool of high-speed steel, and with carbide. */
  speedSteel: maybeFigure(0.1, 2000),
  speedCarbide: maybeFigure(0.1, 2000),
  /** Specific cutting force at a chip of 1 mm by 1 mm, N/mm², and how it falls with the chip's thickness (Kienzle). */
  cuttingForce: maybeFigure(1, 20000),
  forceExponent: maybeFigure(0, 1),
  oil: maybeWords(80),
  source: maybeWords(120),
  note: maybeWords(500),
});

export type Material = InferType<typeof materialSchema>;

/** Reads a stored material. @throws UnreadableDocument */
export const readMaterial = documentReader<Material>({
  format: 'oyakata-material',
  version: 1,
  schema: materialSchema,
});
