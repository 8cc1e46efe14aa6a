import { writeCsv } from '@/core/base/csv/csv';
import { latheRows } from '@/core/machine/lathe/form/lathe-rows';
import { importLathe, importLatheRows, loadLathes, saveLathe } from '@/data/shop';
import { answer, handle, handleBare } from '@/app/server/handle';
import { formOfBody, latheBodySchema } from './lathe-body';

/** Makes a lathe of the form as typed, of a document (format `oyakata-lathe`, see docs/formats/lathe.md), or lathes of rows. */
export const POST = handle(
  latheBodySchema,
  async ({ viewer, body }) => {
    const { form, document, rows } = body;
    if (rows !== null) return answer(await importLatheRows(viewer, rows), 201, (count) => ({ count }));
    return answer(
      document === null
        ? await saveLathe(viewer, null, formOfBody(form))
        : await importLathe(viewer, document),
      201,
      (id) => ({ id }),
    );
  },
  { instructorsOnly: true },
);

/** The lathes that are offered, as a file: `?as=json|csv`; a CSV leaves lists and charts out. */
export const GET = handleBare(async ({ viewer, request }) => {
  const outcome = await loadLathes(viewer);
  if (!('done' in outcome)) return answer(outcome);
  const csv = new URL(request.url).searchParams.get('as') === 'csv';
  return new Response(csv ? writeCsv(latheRows(outcome.done)) : JSON.stringify(outcome.done, null, 2), {
    headers: {
      'Content-Type': csv ? 'text/csv; charset=utf-8' : 'application/json',
      'Content-Disposition': `attachment; filename="lathes.${csv ? 'csv' : 'json'}"`,
    },
  });
});
