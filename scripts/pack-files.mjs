import { readFile, readdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

/**
 * Makes a release's files ready to be sent: `node scripts/pack-files.mjs FOLDER`, at the build. Large scripts are told to
 * be compiled whole; then scripts and styles are packed beside themselves, as small as they get, so that no browser waits
 * for it.
 */
const [folder] = process.argv.slice(2);
if (folder === undefined) throw new Error('Say which folder.');
const packed = {
  br: (bytes) =>
    promisify(brotliCompress)(bytes, {
      params: {
        [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY,
        [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
      },
    }),
  gz: (bytes) => promisify(gzip)(bytes, { level: constants.Z_BEST_COMPRESSION }),
};

/**
 * Chromium reads this in a script's first line. It then compiles the whole script beside the page and keeps the result,
 * where else each function is compiled when it is first called, at every visit anew. Other browsers read a comment.
 */
const COMPILE_WHOLE = Buffer.from('//# allFunctionsCalledOnLoad\n');
/** In a small one the line costs more than it brings. */
const LARGE = 40_000;

async function ready(file) {
  let bytes = await readFile(file);
  if (file.endsWith('.js') && bytes.length >= LARGE) {
    bytes = Buffer.concat([COMPILE_WHOLE, bytes]);
    await writeFile(file, bytes);
  }
  await Promise.all(
    Object.entries(packed).map(async ([ending, pack]) => writeFile(`${file}.${ending}`, await pack(bytes))),
  );
}

const entries = await readdir(folder, { recursive: true, withFileTypes: true });
await Promise.all(
  entries
    .filter((entry) => entry.isFile() && /\.(js|css)$/.test(entry.name))
    .map(({ parentPath, name }) => join(parentPath, name))
    .map(ready),
);
