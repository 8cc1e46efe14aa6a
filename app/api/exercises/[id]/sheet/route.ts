import { loadPlanSheet } from '@/data/plan-sheet';
import { answer, handleBare, refusal, rowId } from '@/app/server/handle';
import { sheetFile } from '@/app/server/sheet/sheet-file';

/** The sheet of a plan as it stands, on the lathe of `?lathe=`, as a file: `?as=pdf|svg|dxf`. Nothing is frozen by it. */
export const GET = handleBare(async ({ viewer, id, request }) => {
  const lathe = new URL(request.url).searchParams.get('lathe');
  const outcome = await loadPlanSheet(viewer, id, lathe === null ? null : rowId(lathe));
  if (!('done' in outcome)) return answer(outcome);
  const { sheet, revision } = outcome.done;
  if (sheet === null) return refusal(409, 'conflict', 'A field of the plan is still to mend.');
  return sheetFile(request, viewer.id, sheet, { revision, student: null, tryNumber: null });
});
