import { parentPort } from 'node:worker_threads';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { showLengthIn } from '@/ui/units/show-length';
import { sheetPdf, type SheetHead } from './sheet-pdf';

/** What the thread is asked for: everything of a set-up sheet that stands on its paper. */
export interface PdfOrder {
  sheet: Sheet;
  head: SheetHead;
  unit: 'in' | 'mm' | 'own';
  size: 'A4' | 'LETTER';
}

export type PdfMade = { pdf: Uint8Array } | { failed: string };

/** The thread in which set-up sheets are made: a page of it takes as long as fifty entries. Built apart (release.sh). */
parentPort?.on('message', ({ sheet, head, unit, size }: PdfOrder) => {
  void (async () => sheetPdf(sheet, head, showLengthIn(unit), size))().then(
    (pdf) => parentPort?.postMessage({ pdf: new Uint8Array(pdf) } satisfies PdfMade),
    (error: unknown) => parentPort?.postMessage({ failed: String(error) } satisfies PdfMade),
  );
});
