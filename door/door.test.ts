import { request as httpRequest, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { createDoor } from './door';
import { allowedHosts } from './hosts';
import { Streams } from './streams';

let door: Server;
const streams = new Streams(3);
let behind: (request: IncomingMessage, response: ServerResponse) => Promise<void>;
const lines: { status: number; path: string }[] = [];
const failures: string[] = [];

beforeAll(async () => {
  door = createDoor({
    handle: (request, response) => behind(request, response),
    hosts: allowedHosts('shop.test', 80),
    room: { mostInside: 2, mostWaiting: 0, longestWaitMs: 100 },
    streams,
    log: (line) => lines.push(line),
    fail: (error) => failures.push(String(error)),
  });
  await new Promise<void>((resolve) => door.listen(0, '127.0.0.1', resolve));
});
afterAll(() => new Promise((resolve) => door.close(resolve)));
beforeEach(() => {
  lines.length = 0;
  failures.length = 0;
  behind = (_, response) => Promise.resolve(void response.end('behind'));
});

const port = () => (door.address() as AddressInfo).port;

function ask(path: string, { method = 'GET', headers = {}, body = '' } = {}) {
  return new Promise<{ status: number; headers: IncomingMessage['headers']; text: string }>(
    (resolve, reject) => {
      const sent = httpRequest(
        {
          host: '127.0.0.1',
          port: port(),
          path,
          method,
          headers: { host: 'shop.test', ...headers },
          agent: false,
        },
        (answer) => {
          let text = '';
          answer.on('data', (part: Buffer) => (text += part.toString()));
          answer.on('end', () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers, text }));
        },
      );
      sent.on('error', reject);
      sent.end(body);
    },
  );
}

test('lets in under its own names only, with a nonce for what is behind', async () => {
  let nonce: unknown;
  behind = (request, response) => {
    nonce = request.headers['content-security-policy'];
    return Promise.resolve(void response.end('behind'));
  };
  const answer = await ask('/', { headers: { 'content-security-policy': "script-src 'nonce-mine'" } });
  expect(answer).toMatchObject({ status: 200, text: 'behind' });
  expect(answer.headers['content-security-policy']).toBe(nonce);
  expect(nonce).not.toContain('mine');
  for (const host of ['other.test', '127.0.0.1.shop.test', 'shop.test:81'])
    expect(await ask('/', { headers: { host } })).toMatchObject({ status: 421 });
});

test.each([
  ['/exercises/%', {}, 400],
  ['/%00', {}, 400],
  ['//elsewhere.test/', {}, 400],
  ['/a%5cb', {}, 400],
  ['/', { method: 'POST' }, 405],
  ['/api/x', { method: 'PATCH' }, 405],
  ['/api/x', { method: 'POST', headers: { 'content-length': '400000000' } }, 413],
] as const)('%s %p is turned away with %d, with every header', async (path, options, status) => {
  const answer = await ask(path, { ...options });
  expect(answer.status).toBe(status);
  expect(answer.headers).toMatchObject({ 'x-content-type-options': 'nosniff', 'x-frame-options': 'DENY' });
  expect(answer.headers['content-security-policy']).toContain("frame-ancestors 'none'");
});

test('what can not be read as a request is answered all the same', async () => {
  const text = await new Promise<string>((resolve) => {
    const socket = connect(port(), '127.0.0.1', () => socket.write('GET / HTTP/9.9\r\n\r\n'));
    let got = '';
    socket.on('data', (part) => (got += part.toString()));
    socket.on('close', () => resolve(got));
  });
  expect(text).toMatch(/^HTTP\/1.1 400 Bad Request\r\nContent-Security-Policy: /);
});

test('beyond its room it says at once when to come again; the health page is always answered', async () => {
  let release: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (release = resolve));
  let inside = 0;
  behind = async (request, response) => {
    if (request.url === '/api/slow') {
      inside += 1;
      await held;
    }
    response.end('done');
  };
  const slow = [ask('/api/slow'), ask('/api/slow')];
  while (inside < 2) await new Promise((resolve) => setTimeout(resolve, 5));
  const turned = await ask('/api/other');
  expect(turned).toMatchObject({ status: 503, headers: { 'retry-after': '2' } });
  expect(JSON.parse(turned.text)).toMatchObject({ error: { code: 'busy', fields: [] } });
  expect(await ask('/api/health')).toMatchObject({ status: 200 });
  release();
  expect((await Promise.all(slow)).map(({ status }) => status)).toEqual([200, 200]);
  expect(await ask('/api/other')).toMatchObject({ status: 200 });
});

test('what throws behind it is a 500 that says nothing, and the next request is served', async () => {
  behind = () => {
    throw new Error('secret');
  };
  const answer = await ask('/api/x');
  expect(answer.status).toBe(500);
  expect(answer.text).not.toContain('secret');
  expect(failures).toEqual(['Error: secret']);
  behind = (_, response) => Promise.resolve(void response.end('behind'));
  expect(await ask('/')).toMatchObject({ status: 200 });
});

test('headers that would be an error of the router are dropped', async () => {
  let seen: IncomingMessage['headers'] = {};
  behind = (request, response) => {
    seen = request.headers;
    return Promise.resolve(void response.end());
  };
  await ask('/', { headers: { rsc: '1', 'next-router-state-tree': '%7B', 'next-action': 'x' } });
  expect(seen).not.toHaveProperty('rsc');
  expect(seen).not.toHaveProperty('next-action');
  await ask('/', { headers: { rsc: '1', 'next-router-state-tree': '%5B%22%22%5D' } });
  expect(seen).toMatchObject({ rsc: '1' });
});

test('a stream takes no place among the requests, has its own limit, and ends when it is told to', async () => {
  const open: ServerResponse[] = [];
  behind = (request, response) => {
    if (request.url !== '/api/events') return Promise.resolve(void response.end('behind'));
    open.push(response);
    response.write(': open');
    return Promise.resolve();
  };
  for (let count = 0; count < 3; count += 1) void ask('/api/events').catch(() => undefined);
  while (open.length < 3) await new Promise((resolve) => setTimeout(resolve, 5));
  // More streams than requests may be worked on at once, and there is room all the same.
  expect((await ask('/')).status).toBe(200);
  expect((await ask('/api/events')).status).toBe(503);
  streams.endAll();
  expect(open.every(({ destroyed }) => destroyed)).toBe(true);
});
