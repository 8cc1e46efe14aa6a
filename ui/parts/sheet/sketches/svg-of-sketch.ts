import type { Sketch } from './sketch';

const escaped = (text: string) =>
  text.replace(
    /[&<>"]/g,
    (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] ?? sign,
  );

/** A sketch as an SVG file, in points. */
export function svgOfSketch({ title, width, height, paths, texts }: Sketch): string {
  const grey = (fill: number) => Math.round(fill * 255);
  const drawn = paths.map(
    ({ d, stroke, dash, fill }) =>
      `<path d="${d}" fill="${fill === undefined ? 'none' : `rgb(${grey(fill)},${grey(fill)},${grey(fill)})`}"${
        stroke === undefined ? '' : ` stroke="#000" stroke-width="${stroke}"`
      }${dash === undefined ? '' : ` stroke-dasharray="${dash.join(' ')}"`}/>`,
  );
  const written = texts.map(
    ({ x, y, text, size, anchor = 'start' }) =>
      `<text x="${x}" y="${y}" font-size="${size}" font-family="sans-serif" text-anchor="${anchor}">${escaped(text)}</text>`,
  );
  return `<?xml version="1.0" encoding="UTF-8"?>\n<svg xmlns="http://www.w3.org/2000/svg" width="${width}pt" height="${height}pt" viewBox="0 0 ${width} ${height}"><title>${escaped(title)}</title>${drawn.join('')}${written.join('')}</svg>\n`;
}
