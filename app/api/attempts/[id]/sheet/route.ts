import { loadAttempt } from '@/data/attempts';
import { answer, handleBare, refusal } from '@/app/server/handle';
import { sheetFile } from '@/app/server/sheet/sheet-file';

/** The frozen sheet of an attempt as a file: `?as=pdf|svg|dxf`. */
export const GET = handleBare(async ({ viewer, id, request }) => {
  const outcome = await loadAttempt(viewer, id);
  if (!('done' in outcome)) return answer(outcome);
  const { sheet, worksheet, revision, student, tryNumber } = outcome.done;
  if (sheet === null)
    return refusal(
      409,
      'conflict',
      worksheet === null
        ? 'Choose the lathe first: the sheet is made for one.'
        : 'Finish the worksheet first: then the sheet opens.',
    );
  return sheetFile(request, viewer.id, sheet, { revision, student: student.name, tryNumber });
});
