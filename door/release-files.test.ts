import { createServer, request, type IncomingHttpHeaders, type Server } from 'node:http';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { execFileSync } from 'node:child_process';
import { ReleaseFiles } from './release-files';

const folder = mkdtempSync(join(tmpdir(), 'release-files-'));
const script = `/* ${'a page of the book '.repeat(200)} */`;
const large = `/* ${'a page of the book '.repeat(3000)} */`;
let server: Server;

beforeAll(async () => {
  mkdirSync(join(folder, 'chunks'));
  writeFileSync(join(folder, 'chunks/page.js'), script);
  writeFileSync(join(folder, 'chunks/large.js'), large);
  writeFileSync(join(folder, 'chunks/face.woff2'), 'packed already');
  execFileSync('node', ['scripts/pack-files.mjs', folder]);
  const files = new ReleaseFiles(folder);
  server = createServer((asked, answer) => {
    if (!files.send(asked, answer)) answer.writeHead(404).end('behind');
  });
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
});
afterAll(() => {
  server.close();
  rmSync(folder, { recursive: true });
});

function ask(path: string, accepts = '', method = 'GET') {
  return new Promise<{ status: number; headers: IncomingHttpHeaders; body: Buffer }>((resolve, reject) => {
    const { port } = server.address() as AddressInfo;
    const headers = accepts === '' ? {} : { 'accept-encoding': accepts };
    request({ host: '127.0.0.1', port, path, method, headers, agent: false }, (answer) => {
      const parts: Buffer[] = [];
      answer.on('data', (part: Buffer) => parts.push(part));
      answer.on('end', () =>
        resolve({ status: answer.statusCode ?? 0, headers: answer.headers, body: Buffer.concat(parts) }),
      );
    })
      .on('error', reject)
      .end();
  });
}

test('a browser is sent the smallest that it reads, and keeps it', async () => {
  const path = '/_next/static/chunks/page.js';
  const best = await ask(path, 'gzip, deflate, br');
  expect(best.headers).toMatchObject({
    'content-encoding': 'br',
    'content-type': 'text/javascript',
    'cache-control': 'public,max-age=31536000,immutable',
  });
  expect(best.headers.vary).toContain('Accept-Encoding');
  expect(brotliDecompressSync(best.body).toString()).toBe(script);
  const older = await ask(path, 'gzip');
  expect(gunzipSync(older.body).toString()).toBe(script);
  const plain = await ask(path);
  expect(plain.headers['content-encoding']).toBeUndefined();
  expect(plain.body.toString()).toBe(script);
  expect(best.body.length).toBeLessThan(older.body.length);
  expect(older.body.length).toBeLessThan(plain.body.length / 10);
});

test('a large script says in its first line that it is to be compiled whole', async () => {
  const path = '/_next/static/chunks/large.js';
  const expected = `//# allFunctionsCalledOnLoad\n${large}`;
  expect((await ask(path)).body.toString()).toBe(expected);
  expect(brotliDecompressSync((await ask(path, 'br')).body).toString()).toBe(expected);
  expect(gunzipSync((await ask(path, 'gzip')).body).toString()).toBe(expected);
});

test('what is packed by nature is sent as it is; its head alone where only that is asked', async () => {
  const font = await ask('/_next/static/chunks/face.woff2', 'gzip, br');
  expect(font.headers['content-encoding']).toBeUndefined();
  expect(font.body.toString()).toBe('packed already');
  const head = await ask('/_next/static/chunks/face.woff2', '', 'HEAD');
  expect(head).toMatchObject({ status: 200, headers: { 'content-length': '14' } });
  expect(head.body).toHaveLength(0);
});

test.each([
  '/_next/static/chunks/page.js.br',
  '/_next/static/chunks/none.js',
  '/_next/static/../package.json',
  '/_next/static/%2e%2e/package.json',
  '/chunks/page.js',
])('%s is no file of a release', async (path) => {
  expect(await ask(path, 'br')).toMatchObject({ status: 404 });
});

test('nothing is written to a file', async () => {
  expect(await ask('/_next/static/chunks/page.js', '', 'POST')).toMatchObject({ status: 404 });
});
