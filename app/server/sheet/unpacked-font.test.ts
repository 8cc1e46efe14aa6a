import { readFileSync } from 'node:fs';
import { FACE } from './pdf-page';
import { unpackedFont } from './unpacked-font';

/** A checksum as the OpenType specification has it: the sum of the 32-bit words; of `head` without the font's own. */
function checksum(table: Buffer, tag: string): number {
  let sum = 0;
  for (let at = 0; at < table.length; at += 4)
    if (tag !== 'head' || at !== 8) sum = (sum + table.readUInt32BE(at)) >>> 0;
  return sum;
}

/** The tables that a font lists, by name. */
function tablesOf(font: Buffer) {
  return Array.from({ length: font.readUInt16BE(4) }, (_, n) => {
    const entry = 12 + 16 * n;
    const offset = font.readUInt32BE(entry + 8);
    const length = font.readUInt32BE(entry + 12);
    return {
      tag: font.toString('latin1', entry, entry + 4),
      checksum: font.readUInt32BE(entry + 4),
      offset,
      length,
      bytes: font.subarray(offset, offset + Math.ceil(length / 4) * 4),
    };
  });
}

// The checksums were made by the makers of the fonts, before they were compressed.
test.each(Object.entries(FACE))(
  'the face %s is unpacked byte for byte: each table has the checksum that its maker gave it, the whole has its size',
  (_name, file) => {
    const woff = readFileSync(file);
    const font = unpackedFont(woff);
    const tables = tablesOf(font);
    expect(tables.map(({ tag }) => tag)).toEqual(
      expect.arrayContaining(['cmap', 'glyf', 'head', 'hmtx', 'loca']),
    );
    for (const { tag, bytes, checksum: given, offset } of tables) {
      expect(offset % 4).toBe(0);
      expect([tag, checksum(bytes, tag)]).toEqual([tag, given]);
    }
    // `totalSfntSize` of the WOFF.
    expect(font.length).toBe(woff.readUInt32BE(16));
    expect(font.readUInt32BE(0)).toBe(0x00010000);
    expect(font.readUInt16BE(6) + font.readUInt16BE(10)).toBe(16 * tables.length);
    expect(2 ** font.readUInt16BE(8) * 16).toBe(font.readUInt16BE(6));
  },
);
