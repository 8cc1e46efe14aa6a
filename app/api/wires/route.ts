import { array, number, object, string } from 'yup';
import { wireSet } from '@/core/measuring/gauging/gauge';
import { saveWires } from '@/data/shop';
import { answer, handle } from '@/app/server/handle';

const schema = object({
  sizes: array(
    object({
      value: number().strict().moreThan(0).max(1000).required('Give the diameter.'),
      unit: string().oneOf(['in', 'mm']).required('Give the unit.'),
    }),
  )
    .max(60, 'At most 60 sizes.')
    .required('Send the sizes.'),
});

/** Keeps the sizes of the shop's measuring wires. */
export const PUT = handle(
  schema,
  async ({ viewer, body }) =>
    answer(
      await saveWires(
        viewer,
        wireSet(
          'Measuring wires',
          body.sizes.map(({ value, unit }) => ({ value, unit })),
        ),
      ),
      200,
      (id) => ({ id }),
    ),
  { instructorsOnly: true },
);
