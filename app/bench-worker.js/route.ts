import { readFile } from 'node:fs/promises';
import { join } from 'node:path';

const read = (...path: string[]) =>
  readFile(join(/* turbopackIgnore: true */ process.cwd(), ...path), 'utf8');

/** With the name of the release in it: another release is another worker, which the browser fetches beside this one. */
const worker = (async () => {
  const [source, release] = await Promise.all([
    read('workers', 'bench-worker.js'),
    read('.next', 'BUILD_ID').catch(() => 'development'),
  ]);
  return source.replaceAll('__RELEASE__', release.trim());
})();

export async function GET(): Promise<Response> {
  return new Response(await worker, {
    headers: { 'content-type': 'text/javascript; charset=utf-8', 'cache-control': 'no-cache' },
  });
}
