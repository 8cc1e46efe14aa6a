import { endGrant } from '@/data/device-grants';
import { answer, handleBare } from '@/app/server/handle';

/** Ends what a bench may send: the viewer’s own, or a student’s of a class that the viewer teaches. */
export const DELETE = handleBare(async ({ viewer, id }) => answer(await endGrant(viewer, id), 204));
