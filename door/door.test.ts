import { EventEmitter } from 'node:events';
import { request as httpRequest, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { Admission } from './admission';
import { Askers } from './askers';
import { createDoor } from './door';
import { HealthState } from './health-state';
import { allowedHosts } from './hosts';
import { BodiesArriving } from './read-in';
import { Streams } from './streams';

const small = () => new Admission({ mostInside: 2, mostWaiting: 0, longestWaitMs: 100 });

let door: Server;
const streams = new Streams(3);
let behind: (request: IncomingMessage, response: ServerResponse) => Promise<void>;
const askers = new Askers();
const lines: { status: number; path: string }[] = [];
const failures: string[] = [];

beforeAll(async () => {
  door = createDoor({
    handle: (request, response) => behind(request, response),
    hosts: allowedHosts('shop.test', 80),
    rooms: { entries: small(), pages: small(), files: small() },
    isFile: (path) => path.startsWith('/_next/static/'),
    health: new HealthState(() => Promise.resolve({ status: 'ok' })),
    bodies: new BodiesArriving(2000),
    askers,
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
  ['/api/./events', {}, 400],
  ['/_next/static/../../api/events', {}, 400],
  ['/api/events', { method: 'HEAD' }, 405],
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
  // What is recorded, and files, have places of their own; how it is, is always told.
  expect(await ask('/api/outbox', { method: 'POST', body: '{}' })).toMatchObject({ status: 200 });
  expect(await ask('/_next/static/a.js')).toMatchObject({ status: 200 });
  expect(await ask('/api/health')).toMatchObject({ status: 200, text: '{"status":"ok"}' });
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

/** Sends the head of a request and then a byte now and then; what it was answered, when the connection has ended. */
function sendSlowly(path = '/api/outbox'): Promise<string> {
  return new Promise((resolve) => {
    const head = `POST ${path} HTTP/1.1\r\nHost: shop.test\r\nContent-Type: application/json\r\nContent-Length: 100000\r\n\r\n`;
    const socket = connect(port(), '127.0.0.1', () => socket.write(head));
    const drip = setInterval(() => socket.write(' '), 50);
    let got = '';
    socket.on('data', (part) => (got += part.toString()));
    socket.on('error', () => undefined);
    socket.on('close', () => (clearInterval(drip), resolve(got)));
  });
}

test('bodies that come a byte now and then take no place, and are not waited for', async () => {
  const slow = Array.from({ length: 12 }, () => sendSlowly());
  await new Promise((resolve) => setTimeout(resolve, 50));
  for (let times = 0; times < 4; times += 1)
    expect(await ask('/api/outbox', { method: 'POST', body: '{}' })).toMatchObject({ status: 200 });
  for (const answer of await Promise.all(slow)) expect(answer).toMatch(/^HTTP\/1.1 408 /);
});

test('so many bodies of one address at once, and no more', async () => {
  const slow = Array.from({ length: 24 }, () => sendSlowly());
  while ((await ask('/api/x', { method: 'POST', body: '{}' })).status !== 503)
    await new Promise((resolve) => setTimeout(resolve, 10));
  askers.recognised('k'.repeat(43), 7);
  // Whoever is known has a share of the own.
  const cookie = `oyakata-1=${'k'.repeat(43)}`;
  expect(await ask('/api/x', { method: 'POST', body: '{}', headers: { cookie } })).toMatchObject({
    status: 200,
  });
  await Promise.all(slow);
  expect(await ask('/api/x', { method: 'POST', body: '{}' })).toMatchObject({ status: 200 });
});

test('a body reaches what is behind as it was sent', async () => {
  behind = async (request, response) => {
    let text = '';
    for await (const part of request) text += String(part);
    response.end(JSON.stringify({ text, type: request.headers['content-type'], url: request.url }));
  };
  const body = JSON.stringify({ a: 'ä'.repeat(40_000) });
  const answer = await ask('/api/x?b=1', {
    method: 'PUT',
    body,
    headers: { 'content-type': 'application/json' },
  });
  expect(JSON.parse(answer.text)).toEqual({ text: body, type: 'application/json', url: '/api/x?b=1' });
  const long = await ask('/api/x', {
    method: 'PUT',
    body: 'x'.repeat(256_001),
    headers: { 'transfer-encoding': 'chunked' },
  });
  expect(long.status).toBe(413);
});

test('other protocols are refused and their connections ended, under a foreign name too', async () => {
  for (const [host, status] of [
    ['shop.test', 400],
    ['other.test', 421],
  ] as const) {
    const text = await new Promise<string>((resolve) => {
      const socket = connect(port(), '127.0.0.1', () =>
        socket.write(`GET / HTTP/1.1\r\nHost: ${host}\r\nConnection: Upgrade\r\nUpgrade: websocket\r\n\r\n`),
      );
      let got = '';
      socket.on('data', (part) => (got += part.toString()));
      socket.on('close', () => resolve(got));
    });
    expect(text).toMatch(new RegExp(`^HTTP/1.1 ${status} `));
  }
});

test('one address has so many connections, and others have theirs', async () => {
  const narrow = createDoor({
    handle: (_, response) => Promise.resolve(void response.end('behind')),
    hosts: allowedHosts('shop.test', 80),
    rooms: { entries: small(), pages: small(), files: small() },
    health: new HealthState(() => Promise.resolve({ status: 'ok' })),
    connectionsOfOne: 3,
    log: () => undefined,
    fail: () => undefined,
  });
  await new Promise<void>((resolve) => narrow.listen(0, '127.0.0.1', resolve));
  const at = (narrow.address() as AddressInfo).port;
  const from = (localAddress: string) =>
    new Promise<string>((resolve) => {
      const socket = connect({ port: at, host: '127.0.0.1', localAddress }, () =>
        socket.write('GET / HTTP/1.1\r\nHost: shop.test\r\n\r\n'),
      );
      socket.once('data', (part) => resolve(part.toString('latin1', 9, 12)));
      socket.once('error', () => resolve('cut'));
      socket.once('close', () => resolve('cut'));
      open.push(socket);
    });
  const open: ReturnType<typeof connect>[] = [];
  expect([await from('127.0.0.2'), await from('127.0.0.2'), await from('127.0.0.2')]).toEqual([
    '200',
    '200',
    '200',
  ]);
  expect(await from('127.0.0.2')).toBe('cut');
  expect(await from('127.0.0.3')).toBe('200');
  open[0]?.destroy();
  // That one has gone is seen a moment later.
  let again = 'cut';
  for (let times = 0; times < 200 && again !== '200'; times += 1) {
    await new Promise((resolve) => setTimeout(resolve, 50));
    again = await from('127.0.0.2');
  }
  expect(again).toBe('200');
  open.forEach((socket) => socket.destroy());
  await new Promise((resolve) => narrow.close(resolve));
});

test('whoever asks without end how the server is, has the answer later', async () => {
  const begin = performance.now();
  const answers = await Promise.all(
    Array.from({ length: 200 }, () =>
      ask('/api/health').then(({ status }) => ({ status, ms: performance.now() - begin })),
    ),
  );
  expect(answers.every(({ status }) => status === 200)).toBe(true);
  expect(answers.filter(({ ms }) => ms >= 950).length).toBeGreaterThanOrEqual(10);
});

test('one person has so many streams, and others have theirs', () => {
  const all = new Streams();
  const fake = () =>
    Object.assign(new EventEmitter(), { destroy: () => undefined }) as unknown as ServerResponse;
  const open = Array.from({ length: 12 }, fake);
  for (const each of open) expect(all.add(each, () => 'person 7')).toBe('added');
  expect(all.add(fake(), () => 'person 7')).toBe('own-share');
  expect(all.add(fake(), () => 'person 8')).toBe('added');
  open[0]?.emit('close');
  expect(all.add(fake(), () => 'person 7')).toBe('added');
  // Who it is may be known only after it was opened.
  let asker = 'address a';
  for (let count = 0; count < 12; count += 1) all.add(fake(), () => asker);
  asker = 'person 9';
  expect(all.add(fake(), () => 'person 9')).toBe('own-share');
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
