import { endGrant } from '@/data/device-grants';
import { answer, handleBare } from '@/app/server/handle';
import { noteOutcome } from '@/app/server/note-sign-in';

/** Ends what a bench may send: the viewer’s own, or a student’s of a class that the viewer teaches. */
export const DELETE = handleBare(async ({ viewer, id, request }) =>
  answer(noteOutcome(request, 'bench ended', viewer.id, await endGrant(viewer, id)), 204),
);
