import 'server-only';
import { drawnBlank } from '@/core/exercise/sheet/drawn-blank';
import { isHeldBack } from '@/core/exercise/sheet/held-back';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { blankDxf } from '@/ui/parts/sheet/sketches/blank-dxf';
import { blankSketch } from '@/ui/parts/sheet/sketches/blank-sketch';
import { svgOfSketch } from '@/ui/parts/sheet/sketches/svg-of-sketch';
import { showLengthIn } from '@/ui/units/show-length';
import { later, refusal } from '../handle';
import { makePdf } from './make-pdf';
import type { SheetHead } from './sheet-pdf';

/**
 * A set-up sheet as a file: `?as=pdf` (with `size=letter` for that paper, `unit=in|mm`), or its blank as `svg` or
 * `dxf`.
 */
export async function sheetFile(
  request: Request,
  personId: number,
  sheet: Sheet,
  head: SheetHead,
): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const as = query.get('as') ?? 'pdf';
  const unit = query.get('unit');
  const shown = unit === 'in' || unit === 'mm' ? unit : 'own';
  const show = showLengthIn(shown);
  const figures = (value: number) => show.figures(value, sheet.thread.unit);
  const named = (extension: string, type: string, body: BodyInit) =>
    new Response(body, {
      headers: {
        'Content-Type': type,
        'Content-Disposition': `attachment; filename="${fileName(sheet)}.${extension}"`,
      },
    });
  if (as === 'pdf') {
    const size = query.get('size') === 'letter' ? 'LETTER' : 'A4';
    const pdf = await makePdf(personId, { sheet, head, unit: shown, size });
    return pdf === null
      ? later('busy', 'Several sheets are being made. Come again in a moment.', 3)
      : named('pdf', 'application/pdf', pdf);
  }
  if (as !== 'svg' && as !== 'dxf')
    return refusal(422, 'invalid', 'A set-up sheet is had as pdf, its blank as svg or dxf.', [
      { field: 'as', message: 'Choose pdf, svg or dxf.' },
    ]);
  const blank = drawnBlank(sheet);
  if (blank === null)
    return refusal(
      409,
      'conflict',
      isHeldBack(sheet, 'blank') || isHeldBack(sheet, 'run-out')
        ? 'The blank is to be found first: its drawing opens with it.'
        : sheet.blank === null
          ? 'This sheet was made before the blank was kept with it.'
          : 'How this thread ends came with a later release: this one can not draw the blank.',
    );
  return as === 'svg'
    ? named('svg', 'image/svg+xml', svgOfSketch(blankSketch(blank, figures, 420, 300)))
    : named('dxf', 'image/vnd.dxf', blankDxf(blank, sheet.thread.unit, figures));
}

/** Letters, figures and dashes alone: what every file system takes. */
function fileName({ title, lathe }: Sheet): string {
  const plain = `${title} ${lathe.name}`
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
  return plain === '' ? 'set-up-sheet' : plain.slice(0, 80);
}
