import { object, string, type InferType } from 'yup';

const text = string().typeError('Type text.').max(500, 'At most 500 characters.');

/** A time that exists and that a device's clock can show. */
function isRealTime(text: string | undefined): boolean {
  if (text === undefined) return true;
  const year = new Date(text).getUTCFullYear();
  return year >= 2000 && year < 2100;
}

export const ENTRY_KINDS = ['step', 'sign-off', 'pass', 'measurement', 'note', 'strike', 'hand-in'] as const;

/** An entry as it is sent: figures as typed. What they mean is checked by `readEntry` against the plan. */
export const entryFormSchema = object({
  id: string().uuid('Send a UUID made by the client.').required('Send a UUID made by the client.'),
  deviceTime: string()
    .matches(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d+)?Z$/, 'Send the time as ISO 8601 in UTC.')
    .test('real', 'Send a real time between 2000 and 2100.', isRealTime)
    .required('Send the time on the device.'),
  kind: string()
    .oneOf(ENTRY_KINDS, `Use one of ${ENTRY_KINDS.join(', ')}.`)
    .required('Send the kind of entry.'),
  stepId: text,
  value: text,
  plannedPass: text,
  reading: text,
  purpose: text,
  wire: text,
  start: text,
  middle: text,
  end: text,
  crest: text,
  text,
  entryId: text,
  reason: text,
});

export type EntryForm = InferType<typeof entryFormSchema>;
