import { readdirSync } from 'node:fs';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { join, sep } from 'node:path';
import sirv from 'sirv';

/** Where browsers ask for the files of a release. */
const ADDRESS = '/_next/static';
/** Packed twins of a file: made at the build, never asked for by name. */
const PACKED = /\.(br|gz)$/;

/**
 * Scripts, styles and fonts of this release and of those before it, whose pages may still be open. They never change
 * while it runs, are named by their content, and lie packed beside themselves (`scripts/pack-files.mjs`): a browser is
 * sent the smallest that it can read, and nothing is packed while somebody waits.
 */
export class ReleaseFiles {
  readonly #names: ReadonlySet<string>;
  readonly #send: ReturnType<typeof sirv>;

  constructor(folder: string) {
    this.#names = new Set(
      readdirSync(folder, { recursive: true, withFileTypes: true })
        .filter((entry) => entry.isFile() && !PACKED.test(entry.name))
        .map(({ parentPath, name }) =>
          [ADDRESS, join(parentPath, name).slice(join(folder, sep).length)].join('/').split(sep).join('/'),
        ),
    );
    this.#send = sirv(folder, { brotli: true, gzip: true, immutable: true, maxAge: 31_536_000 });
  }

  has(path: string): boolean {
    return this.#names.has(path);
  }

  /** Sends the file of a path that is one; answers whether it did. */
  send(request: IncomingMessage, response: ServerResponse): boolean {
    const { method, url = '' } = request;
    if ((method !== 'GET' && method !== 'HEAD') || !this.has(url.split('?')[0] ?? '')) return false;
    request.url = url.slice(ADDRESS.length);
    this.#send(request, response);
    return true;
  }
}
