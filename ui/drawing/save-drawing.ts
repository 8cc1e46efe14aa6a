import type { SectionLayout } from './section-geometry';

/** Saves the section as it is seen, as SVG, or its passes full size, as DXF. */
export async function saveDrawing(
  as: 'svg' | 'dxf',
  name: string,
  svg: SVGSVGElement | null,
  layout: SectionLayout,
): Promise<void> {
  if (as === 'dxf') {
    // Only who asks for it loads the writer.
    const { sectionDxf } = await import('./section-dxf');
    return saveText(`${name}.dxf`, sectionDxf(layout), 'image/vnd.dxf');
  }
  if (svg !== null) saveText(`${name}.svg`, standingAlone(svg), 'image/svg+xml');
}

/** The drawing with its colours and its size in itself, as another program opens it. */
function standingAlone(svg: SVGSVGElement): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const { width, height } = svg.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  const style = getComputedStyle(svg);
  const ground = style.getPropertyValue('--color-dye-deep').trim();
  copy.setAttribute('style', `background:${ground};font-family:monospace;color:${style.color}`);
  return copy.outerHTML.replace(/var\((--[\w-]+)\)/g, (whole, variable: string) => {
    const value = style.getPropertyValue(variable).trim();
    return value === '' ? whole : value;
  });
}

function saveText(name: string, text: string, type: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type }));
  link.download = name.replace(/[^\w.-]+/g, '_');
  link.click();
  URL.revokeObjectURL(link.href);
}
