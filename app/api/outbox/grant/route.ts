import { object } from 'yup';
import { exactText } from '@/core/json';
import { grantDevice } from '@/data/device-grants';
import { handle } from '@/app/server/handle';

const DEVICE = 'Send the UUID of the device.';
const schema = object({ device: exactText(36).uuid(DEVICE).required(DEVICE) });

/** Lets a device send what whoever is signed in makes on it, now or later. */
export const POST = handle(schema, async ({ viewer, body }) =>
  Response.json(
    { token: await grantDevice(viewer, body.device), person: { id: viewer.id, name: viewer.name } },
    { status: 201 },
  ),
);
