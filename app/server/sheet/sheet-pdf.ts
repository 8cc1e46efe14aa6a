import 'server-only';
import { capital } from '@/core/measuring/gauging/measuring-words';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import {
  machineFacts,
  passesTitle,
  passLines,
  proofLines,
  provesByWires,
  stepLines,
  threadFacts,
  type PassLine,
  type StepLine,
} from '@/ui/parts/sheet/sheet-facts';
import { sheetSketches } from '@/ui/parts/sheet/sheet-sketches';
import { sectionSketch } from '@/ui/parts/sheet/sketches/section-sketch';
import type { ShowLength } from '@/ui/units/show-length';
import { PdfPage } from './pdf-page';

/** What heads a set-up sheet. */
export interface SheetHead {
  revision: number | null;
  student: string | null;
  tryNumber: number | null;
}

/** The set-up sheet as a PDF: the front the set-up, the back passes and checks. */
export function sheetPdf(
  sheet: Sheet,
  head: SheetHead,
  show: ShowLength,
  size: 'A4' | 'LETTER',
): Promise<Buffer> {
  const page = new PdfPage(size, `${sheet.title} ${sheet.thread.designation}`);
  putHead(page, sheet, head);
  const begin = page.y;
  const drawn = page.sketch(sectionSketch(sheet, 240, 116), page.left + page.width - 190, begin, 190);
  page.facts(threadFacts(sheet, show), { width: page.width - 200, name: 120 });
  page.y = Math.max(page.y, begin + drawn) + 6;
  putSketches(page, sheet, show);
  page.rule(0.5);
  page.y += 3;
  page.facts(machineFacts(sheet));
  page.heading('Set-up, in this order');
  putSteps(page, stepLines(sheet));
  if (sheet.note !== null) page.y += page.put(sheet.note, { face: 'bold' }) + 2;
  page.rule(0.5);
  page.y += 2;
  page.put(sheet.words.hazards, { size: 7.5 });
  page.next();
  putHead(page, sheet, head);
  page.heading(passesTitle(sheet));
  putPasses(page, passLines(sheet, show), provesByWires(sheet) ? capital(sheet.words.over) : 'PD');
  for (const [title, room] of proofLines(sheet)) page.y += page.put(`${title}: ${room}`, { size: 9 }) + 5;
  if (sheet.travel.length > 0) {
    page.heading('Travel, before the first cut');
    page.facts(sheet.travel.map(({ what, says }) => [what, says] as const));
  }
  page.heading('Between two cuts');
  page.put(sheet.words.cycle);
  return page.bytes();
}

function putHead(page: PdfPage, sheet: Sheet, { revision, student, tryNumber }: SheetHead): void {
  const right = [
    `Student: ${student ?? '______________________'}`,
    `Lathe: ${sheet.lathe.name} · Date: ____________`,
  ];
  page.put(right.join('\n'), { align: 'right' });
  page.y += page.put(`${sheet.title}  ${sheet.thread.designation}`, {
    size: 15,
    face: 'bold',
    width: page.width - 190,
  });
  const which = revision === null ? 'draft' : `revision ${revision}`;
  page.y +=
    page.put(`Set-up sheet · ${which}${tryNumber === null ? '' : ` · try ${tryNumber}`}`, {
      width: page.width - 190,
    }) + 2;
  page.rule(1.4);
  page.y += 5;
}

function putSketches(page: PdfPage, sheet: Sheet, show: ShowLength): void {
  const sketches = sheetSketches(sheet, show, 150);
  const wide = sketches.reduce((sum, { sketch }) => sum + sketch.width, 0);
  const gap = 8;
  const scale = Math.min(1, (page.width - gap * (sketches.length - 1)) / wide);
  const tallest = Math.max(...sketches.map(({ sketch }) => sketch.height * scale));
  let x = page.left;
  for (const { title, sketch } of sketches) {
    const width = sketch.width * scale;
    page.sketch(sketch, x, page.y + tallest - sketch.height * scale, width);
    page.put(title, { x, y: page.y + tallest + 1, width, size: 7.5, face: 'bold', align: 'center' });
    x += width + gap;
  }
  page.y += tallest + 14;
}

function putSteps(page: PdfPage, steps: readonly StepLine[]): void {
  const half = Math.ceil(steps.length / 2);
  const width = (page.width - 14) / 2;
  const begin = page.y;
  const ends = [steps.slice(0, half), steps.slice(half)].map((lines, column) => {
    const x = page.left + column * (width + 14);
    page.y = begin;
    for (const { title, expected, box } of lines) {
      const tall = Math.max(
        page.put(title, { x, width: 118, size: 8 }),
        page.put(expected, { x: x + 122, width: width - 160, size: 7.5, face: 'figures' }),
        9,
      );
      if (box === 'tick') page.tick(x + width - 30, page.y + 1);
      else page.put('_______', { x: x + width - 36, width: 36, size: 8 });
      page.y += tall + 2;
      page.document
        .moveTo(x, page.y - 1)
        .lineTo(x + width, page.y - 1)
        .lineWidth(0.3)
        .stroke('#999');
    }
    return page.y;
  });
  page.y = Math.max(...ends) + 3;
}

function putPasses(page: PdfPage, lines: readonly PassLine[], size: string): void {
  const columns = lines.length > 34 ? 2 : 1;
  const each = Math.ceil(lines.length / columns);
  const width = (page.width - 14 * (columns - 1)) / columns;
  const begin = page.y;
  const ends = Array.from({ length: columns }, (_, column) => {
    const x = page.left + column * (width + 14);
    const at = [x, x + width * 0.3, x + width * 0.52, x + width * 0.66, x + width - 16] as const;
    page.y = begin;
    const row = (cells: readonly string[], face: 'text' | 'bold' | 'figures') => {
      const [n = '', reading = '', infeed = '', over = ''] = cells;
      page.put(n, { x: at[0], width: width * 0.3, size: 8, face });
      page.put(reading, {
        x: at[1],
        width: width * 0.2,
        size: 9,
        face: face === 'figures' ? 'figures' : 'bold',
        align: 'right',
      });
      page.put(infeed, { x: at[2], width: width * 0.12, size: 8, face, align: 'right' });
      page.put(over, { x: at[3], width: width * 0.2, size: 8, face, align: 'right' });
    };
    row(['Pass', 'Reading', 'Infeed', size], 'bold');
    page.y += 12;
    for (const line of lines.slice(column * each, (column + 1) * each)) {
      if (line.kind === 'stop') page.put(`> ${line.says}`, { x, width: width - 24, size: 8, face: 'bold' });
      else row([`${line.n} ${line.says}`, line.reading, line.infeed, line.size], 'figures');
      page.tick(at[4], page.y + 1);
      page.y += 12;
      page.document
        .moveTo(x, page.y - 1)
        .lineTo(x + width, page.y - 1)
        .lineWidth(0.3)
        .stroke('#999');
    }
    return page.y;
  });
  page.y = Math.max(...ends) + 6;
}
