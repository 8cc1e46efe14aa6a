import type { InferType } from 'yup';
import { documentReader, header, maybeLength, maybeWords, oneOf, part, words } from '../documents';

/** A tool of the shop, as a document with revisions; what nobody has measured is null. */
export const toolSchema = part({
  ...header('oyakata-tool', 1),
  name: words(80).min(1, 'Name the tool.'),
  kind: oneOf(['ground', 'insert'] as const),
  flat: maybeLength(),
  radius: maybeLength(),
  note: maybeWords(500),
});

export type ToolDocument = InferType<typeof toolSchema>;

/** Reads a stored tool. @throws UnreadableDocument */
export const readToolDocument = documentReader<ToolDocument>({
  format: 'oyakata-tool',
  version: 1,
  schema: toolSchema,
});
