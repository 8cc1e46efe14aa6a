import { entryEnvelopeSchema } from '@/core/exercise/record/entry/entry-envelope';
import { appendEntry } from '@/data/append-entry';
import { answer, handle } from '@/app/server/handle';

/** Adds one entry to an attempt's record. */
export const POST = handle(entryEnvelopeSchema, async ({ viewer, id, body }) =>
  answer(await appendEntry(viewer, id, body), 201),
);
