import 'server-only';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import PDFDocument from 'pdfkit';
import type { Sketch } from '@/ui/parts/sheet/sketches/sketch';
import { unpackedFont } from './unpacked-font';

/** Fonts ship with the application. */
const FONTS = path.join(process.cwd(), 'node_modules', '@fontsource');
export const FACE = {
  text: path.join(FONTS, 'barlow', 'files', 'barlow-latin-400-normal.woff'),
  bold: path.join(FONTS, 'barlow', 'files', 'barlow-latin-600-normal.woff'),
  figures: path.join(FONTS, 'spline-sans-mono', 'files', 'spline-sans-mono-latin-400-normal.woff'),
};
export type Face = keyof typeof FACE;

/** The fonts as they are used, read once. */
let fonts: [string, Buffer][] | null = null;
const fontsHere = () =>
  (fonts ??= Object.entries(FACE).map(([name, file]) => [name, unpackedFont(readFileSync(file))]));

const MARGIN = 34;

/** A page that is filled from the top: black on white, lengths in points. */
export class PdfPage {
  readonly document: PDFKit.PDFDocument;
  y = MARGIN;

  constructor(size: 'A4' | 'LETTER', title: string) {
    this.document = new PDFDocument({ size, margin: MARGIN, info: { Title: title }, autoFirstPage: true });
    for (const [name, font] of fontsHere()) this.document.registerFont(name, font);
  }

  get left(): number {
    return MARGIN;
  }
  get width(): number {
    return this.document.page.width - 2 * MARGIN;
  }
  get bottom(): number {
    return this.document.page.height - MARGIN;
  }

  next(): void {
    this.document.addPage();
    this.y = MARGIN;
  }

  rule(width = 0.8): void {
    this.document
      .moveTo(this.left, this.y)
      .lineTo(this.left + this.width, this.y)
      .lineWidth(width)
      .stroke('#000');
  }

  /** Text at a place; returns its height. */
  put(
    text: string,
    {
      x = this.left,
      y = this.y,
      width = this.width,
      size = 8.5,
      face = 'text',
      align = 'left',
    }: PutOptions = {},
  ): number {
    this.document.font(face).fontSize(size).fillColor('#000');
    const height = this.document.heightOfString(text, { width, lineGap: 0 });
    this.document.text(text, x, y, { width, align, lineGap: 0, lineBreak: true });
    return height;
  }

  heightOf(text: string, width: number, size: number, face: Face): number {
    return this.document.font(face).fontSize(size).heightOfString(text, { width });
  }

  heading(text: string): void {
    this.y += 5;
    this.y += this.put(text, { size: 10.5, face: 'bold' }) + 1;
  }

  /** Names and values in two columns. */
  facts(
    facts: readonly (readonly [string, string])[],
    { x = this.left, width = this.width, name = 96 } = {},
  ): void {
    for (const [title, value] of facts) {
      const tall = Math.max(
        this.put(title, { x, width: name - 6 }),
        this.put(value, { x: x + name, width: width - name, face: 'bold' }),
      );
      this.y += tall + 1.5;
    }
  }

  /** A sketch in a box of a width, its top at `y`; returns its height. */
  sketch({ width, height, paths, texts }: Sketch, x: number, y: number, boxWidth: number): number {
    const { document } = this;
    const scale = boxWidth / width;
    document.save().translate(x, y).scale(scale);
    document.rect(0, 0, width, height).clip();
    for (const { d, stroke, dash, fill } of paths) {
      document.path(d);
      if (dash === undefined) document.undash();
      else document.dash(dash[0] ?? 3, { space: dash[1] ?? 2 });
      const grey = fill === undefined ? null : Math.round(fill * 255);
      if (stroke !== undefined) document.lineWidth(stroke);
      const color: PDFKit.Mixins.ColorValue | null = grey === null ? null : [grey, grey, grey];
      if (color !== null && stroke !== undefined) document.fillAndStroke(color, '#000');
      else if (color !== null) document.fill(color);
      else document.stroke('#000');
    }
    document.undash();
    for (const { x: tx, y: ty, text, size, anchor = 'start', bold } of texts) {
      document
        .font(bold === true ? 'bold' : 'text')
        .fontSize(size)
        .fillColor('#000');
      const wide = document.widthOfString(text);
      const from = anchor === 'start' ? tx : anchor === 'end' ? tx - wide : tx - wide / 2;
      document.text(text, from, ty - size * 0.78, { lineBreak: false });
    }
    document.restore();
    return height * scale;
  }

  tick(x: number, y: number): void {
    this.document.rect(x, y, 7, 7).lineWidth(0.6).stroke('#000');
  }

  bytes(): Promise<Buffer> {
    return new Promise((resolve, reject) => {
      const chunks: Buffer[] = [];
      this.document.on('data', (chunk: Buffer) => chunks.push(chunk));
      this.document.on('end', () => resolve(Buffer.concat(chunks)));
      this.document.on('error', reject);
      this.document.end();
    });
  }
}

interface PutOptions {
  x?: number;
  y?: number;
  width?: number;
  size?: number;
  face?: Face;
  align?: 'left' | 'right' | 'center';
}
