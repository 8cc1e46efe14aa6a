/** Where a set-up sheet is had as a file: `as` is `pdf`, or `svg` and `dxf` of its blank. */
export function sheetFiles(base: string, query = ''): { pdf: string; svg: string; dxf: string } {
  const as = (format: string) => `${base}?as=${format}${query === '' ? '' : `&${query}`}`;
  return { pdf: as('pdf'), svg: as('svg'), dxf: as('dxf') };
}
