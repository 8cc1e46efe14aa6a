import 'server-only';
import { inflateSync } from 'node:zlib';

/** Lengths in the two formats: W3C, WOFF File Format 1.0; OpenType specification, "Organization of an OpenType font". */
const WOFF_HEAD = 44;
const WOFF_ENTRY = 20;
const SFNT_HEAD = 12;
const SFNT_ENTRY = 16;

const padded = (length: number) => Math.ceil(length / 4) * 4;

/**
 * A font of the format WOFF, whose tables are compressed one by one, as the OpenType font that it was made of. The PDF
 * library reads both; of a WOFF it unpacks a table again for each glyph, in JavaScript: three quarters of a sheet's time.
 */
export function unpackedFont(woff: Buffer): Buffer {
  const flavor = woff.readUInt32BE(4);
  const count = woff.readUInt16BE(12);
  const head = Buffer.alloc(SFNT_HEAD + count * SFNT_ENTRY);
  const most = 2 ** Math.floor(Math.log2(count));
  head.writeUInt32BE(flavor, 0);
  head.writeUInt16BE(count, 4);
  head.writeUInt16BE(16 * most, 6);
  head.writeUInt16BE(Math.log2(most), 8);
  head.writeUInt16BE(16 * (count - most), 10);

  const parts = [head];
  let at = head.length;
  for (let n = 0; n < count; n += 1) {
    const entry = WOFF_HEAD + n * WOFF_ENTRY;
    const offset = woff.readUInt32BE(entry + 4);
    const packed = woff.subarray(offset, offset + woff.readUInt32BE(entry + 8));
    const length = woff.readUInt32BE(entry + 12);
    const table = Buffer.alloc(padded(length));
    // What would not have become shorter is not compressed.
    (packed.length < length ? inflateSync(packed) : packed).copy(table);
    const place = SFNT_HEAD + n * SFNT_ENTRY;
    woff.copy(head, place, entry, entry + 4);
    woff.copy(head, place + 4, entry + 16, entry + 20);
    head.writeUInt32BE(at, place + 8);
    head.writeUInt32BE(length, place + 12);
    parts.push(table);
    at += table.length;
  }
  return Buffer.concat(parts);
}
