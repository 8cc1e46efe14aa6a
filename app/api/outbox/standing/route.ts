import { array, object } from 'yup';
import { exactWhole } from '@/core/base/json/exact';
import { standingsOf } from '@/data/outbox';
import { handleGranted } from '@/app/server/handle';

const IDS = 'Send the numbers of the attempts.';
const schema = object({
  attemptIds: array(exactWhole(1, IDS).required(IDS))
    .max(200, 'At most 200 attempts at a time.')
    .required(IDS),
});

/** How far the server has what a device has sent, so that it sends again what a restored server lacks. */
export const POST = handleGranted(schema, async (granted, { attemptIds }) =>
  Response.json({ standings: await standingsOf(granted, [...new Set(attemptIds)]) }),
);
