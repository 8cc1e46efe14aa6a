import { readFile, readdir, writeFile } from 'node:fs/promises';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

/**
 * Packs scripts and styles beside themselves, as small as they get: `node scripts/pack-files.mjs FOLDER`, at the build,
 * so that no browser waits for it. What was packed by an earlier release is left as it is.
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

const entries = await readdir(folder, { recursive: true, withFileTypes: true });
await Promise.all(
  entries
    .filter((entry) => entry.isFile() && /\.(js|css)$/.test(entry.name))
    .map(({ parentPath, name }) => join(parentPath, name))
    .flatMap((file) =>
      Object.entries(packed)
        .filter(([ending]) => !existsSync(`${file}.${ending}`))
        .map(async ([ending, pack]) => writeFile(`${file}.${ending}`, await pack(await readFile(file)))),
    ),
);
