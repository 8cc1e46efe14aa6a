import { mixed, object, type InferType } from 'yup';
import { exactText, exactWhole } from '@/core/base/json/exact';

/** A time that exists and that a device's clock can show. */
function isRealTime(text: string | undefined): boolean {
  if (text === undefined) return true;
  const time = new Date(text);
  const year = time.getUTCFullYear();
  // 30 February is read as 2 March: what is read must say the same day and second again.
  return year >= 2000 && year < 2100 && time.toISOString().slice(0, 19) === text.slice(0, 19);
}

const id = (says: string) => exactText(36).uuid(says);

/** An entry as a device sends it: who wrote it is known by the session, what it says is checked by its kind. */
export const entryEnvelopeSchema = object({
  id: id('Send a UUID made by the client.').required('Send a UUID made by the client.'),
  device: id('Send the UUID of the device.').required('Send the UUID of the device.'),
  sequence: exactWhole(1, 'Send the device’s count of entries.').required(
    'Send the device’s count of entries.',
  ),
  after: id('Send the id of the last entry seen.').nullable().default(null),
  deviceTime: exactText(40)
    .matches(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d+)?Z$/, 'Send the time as ISO 8601 in UTC.')
    .test('real', 'Send a real time between 2000 and 2100.', isRealTime)
    .required('Send the time on the device.'),
  format: exactWhole(1, 'Send the format of the content.').required('Send the format of the content.'),
  content: mixed<Record<string, unknown>>()
    .transform((_: unknown, sent: unknown) => sent)
    .test('object', 'Send the content with its kind.', (sent: unknown) => {
      const kind = (sent as { kind?: unknown } | null)?.kind;
      return typeof sent === 'object' && sent !== null && typeof kind === 'string' && kind.length <= 40;
    })
    .required('Send the content with its kind.'),
});

export type EntryEnvelope = InferType<typeof entryEnvelopeSchema>;

const ATTEMPT = 'Send the number of the attempt.';

/** An entry as a device keeps it: with the attempt that it belongs to. */
export const keptEntrySchema = entryEnvelopeSchema.shape({
  attemptId: exactWhole(1, ATTEMPT).required(ATTEMPT),
});
