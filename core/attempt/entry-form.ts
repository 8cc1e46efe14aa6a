import { object, type InferType } from 'yup';
import { exactText } from '../json';

const text = exactText(500);

/** A time that exists and that a device's clock can show. */
function isRealTime(text: string | undefined): boolean {
  if (text === undefined) return true;
  const time = new Date(text);
  const year = time.getUTCFullYear();
  // 30 February is read as 2 March: what is read must say the same day and second again.
  return year >= 2000 && year < 2100 && time.toISOString().slice(0, 19) === text.slice(0, 19);
}

export const ENTRY_KINDS = ['step', 'sign-off', 'pass', 'measurement', 'note', 'strike', 'hand-in'] as const;

/** An entry as it is sent: figures as typed. What they mean is checked by `readEntry` against the plan. */
export const entryFormSchema = object({
  id: exactText(36).uuid('Send a UUID made by the client.').required('Send a UUID made by the client.'),
  deviceTime: exactText(40)
    .matches(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d+)?Z$/, 'Send the time as ISO 8601 in UTC.')
    .test('real', 'Send a real time between 2000 and 2100.', isRealTime)
    .required('Send the time on the device.'),
  kind: exactText(40)
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
