import { number, object, string } from 'yup';
import { FAULT_IDS, type FaultId } from '@/core/cutting/fault/faults';
import { exactWhole } from '@/core/base/json/exact';
import { makeFaultPuzzle } from '@/data/puzzles';
import { answer, handle } from '@/app/server/handle';

const schema = object({
  fault: string<FaultId>().strict().oneOf(FAULT_IDS, 'Choose a fault.').required('Choose a fault.'),
  amount: number().strict().typeError('Send how much of it.').required('Send how much of it.'),
  from: exactWhole(0, 'Send from which pass.').required('Send from which pass.'),
});

/** Freezes the exercise’s thread with one fault, for its class to spot. */
export const POST = handle(
  schema,
  async ({ viewer, id, body: { fault, amount, from } }) =>
    answer(await makeFaultPuzzle(viewer, id, { id: fault, amount, from }), 201),
  { instructorsOnly: true },
);
