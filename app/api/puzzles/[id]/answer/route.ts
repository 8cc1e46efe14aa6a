import { object, string } from 'yup';
import { FAULT_IDS, type FaultId } from '@/core/cutting/fault/faults';
import { answerPuzzle } from '@/data/puzzles';
import { answer, handle } from '@/app/server/handle';

const schema = object({
  answer: string<FaultId>().strict().oneOf(FAULT_IDS, 'Choose a fault.').required('Choose a fault.'),
});

/** A student names the fault; the mark comes back. */
export const POST = handle(schema, async ({ viewer, id, body }) =>
  answer(await answerPuzzle(viewer, id, body.answer), 201),
);
