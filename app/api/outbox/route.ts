import { array, mixed, object } from 'yup';
import { exactWhole } from '@/core/base/json/exact';
import { takeKept } from '@/data/outbox';
import { handleGranted } from '@/app/server/handle';

const ATTEMPT = 'Send the number of the attempt.';

const schema = object({
  // Each is looked at by itself: one that is not as it should be harms no other.
  entries: array(mixed<object>().required('Send the entry.'))
    .min(1, 'Send at least one entry.')
    .max(50, 'At most 50 entries at a time.')
    .required('Send the entries in the order of the device.'),
  held: array(
    object({
      attemptId: exactWhole(1, ATTEMPT).required(ATTEMPT),
      held: exactWhole(0, 'Send how many are still held.').required('Send how many are still held.'),
    }),
  )
    .max(200, 'At most 200 attempts at a time.')
    .default([]),
});

/** Takes what a bench has kept, in its order. */
export const POST = handleGranted(schema, async (granted, { entries, held }) =>
  Response.json(await takeKept(granted, entries, new Map(held.map((each) => [each.attemptId, each.held])))),
);
