import { array, object } from 'yup';
import { exactText } from '@/core/base/json/exact';
import { grantDevice } from '@/data/device-grants';
import { bindBrowser } from '@/app/server/bench-browser';
import { answer, handle } from '@/app/server/handle';
import { noteOutcome } from '@/app/server/note-sign-in';

const DEVICE = 'Send the UUID of the device.';
const SEAL = 'Send the UUIDs of the seals.';
const schema = object({
  device: exactText(36).uuid(DEVICE).required(DEVICE),
  /** Seals of the viewer’s entries that lie encrypted on the device. */
  seals: array(exactText(36).uuid(SEAL).required(SEAL)).max(50, 'At most 50 seals.').default([]),
});

/** Lets a device send what the student who is signed in makes on it, for some days; opens what was left there closed. */
export const POST = handle(schema, async ({ viewer, body: { device, seals }, request }) => {
  const given = await grantDevice(viewer, { device, ...(await bindBrowser()) }, seals);
  return answer(noteOutcome(request, 'bench granted', viewer.id, given), 201, (grant) => ({
    ...grant,
    person: { id: viewer.id, name: viewer.name },
  }));
});
