import { array, object } from 'yup';
import { exactText, exactWhole } from '@/core/base/json/exact';
import { takeSealed } from '@/data/outbox';
import { boundTo } from '@/app/server/bench-browser';
import { handleBound } from '@/app/server/handle';

const PLACE = 'Send the number.';
const TEXT = 'Send the text.';
const schema = object({
  sealed: array(
    object({
      attemptId: exactWhole(1, PLACE).required(PLACE),
      sequence: exactWhole(1, PLACE).required(PLACE),
      personId: exactWhole(1, PLACE).required(PLACE),
      seal: exactText(36).uuid(TEXT).required(TEXT),
      iv: exactText(40).required(TEXT),
      closed: exactText(20_000).required(TEXT),
    }).required(),
  )
    .min(1, 'Send at least one entry.')
    .max(50, 'At most 50 entries at a time.')
    .required('Send the entries.'),
});

/** Takes what somebody has left closed at this bench, whoever works here now. */
export const POST = handleBound(schema, async ({ sealed }) =>
  Response.json({ fared: await takeSealed(await boundTo(), sealed) }),
);
