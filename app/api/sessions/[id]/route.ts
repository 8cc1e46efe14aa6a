import { endOwnSession } from '@/data/sessions';
import { answer, handleBare } from '@/app/server/handle';

/** Ends one of the viewer's sessions, on whatever device it is. */
export const DELETE = handleBare(async ({ viewer, id }) => answer(await endOwnSession(viewer, id), 204));
