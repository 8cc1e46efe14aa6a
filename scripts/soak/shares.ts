import { randomUUID } from 'node:crypto';
import { request as httpRequest } from 'node:http';
import { connect, type Socket } from 'node:net';
import { pause, type Machine } from '../test/machine';
import { ShopAtWork, type Bench } from './shop-at-work';
import { told, type Finding } from './finding';

/** So long each attack goes on. */
const ATTACK_MS = 12_000;
/** Of the others' entries at least so many are taken within two seconds. */
const WANTED = 0.95;

/** What an attack has done: how often it asked or came in, by what it was answered. */
type Done = Map<string, number>;
/** An attack: begun, and ended by what it gives back. From an address of its own, as somebody else on the network has. */
type Attack = (shop: ShopAtWork) => () => Done;
const FROM = '127.0.0.66';

/**
 * Each attack of one person or address against a shop at work. Nobody takes more than a share: the others' entries are
 * taken as if nothing were.
 */
export async function soakShares(machine: Machine): Promise<Finding[]> {
  const shop = await ShopAtWork.open(machine);
  const findings: Finding[] = [];
  const calm = await shop.work(ATTACK_MS);
  findings.push(told('without an attack: entries, of them within 2 s', `${calm.sent}, ${share(calm)} %`));
  for (const [name, attack] of Object.entries(ATTACKS)) {
    console.log(`  ${name} …`);
    const end = attack(shop);
    await pause(500);
    const floor = opensFloor(shop);
    const fared = await shop.work(ATTACK_MS);
    const open = await floor;
    const done = [...end()].sort(([, one], [, other]) => other - one);
    await pause(1500);
    findings.push(told(`${name}: it was answered`, done.map(([how, count]) => `${how} ${count}`).join(', ')));
    findings.push({
      what: `${name}: within 2 s`,
      found: `${share(fared)} % of ${fared.sent}, longest ${(fared.longestMs / 1000).toFixed(1)} s`,
      wanted: `${100 * WANTED} %`,
      good: fared.soon >= WANTED * fared.sent && fared.sent > 50,
    });
    findings.push({ what: `${name}: the floor opens`, found: String(open), wanted: 'true', good: open });
  }
  return findings;
}

const share = ({ sent, soon }: { sent: number; soon: number }) =>
  ((100 * soon) / Math.max(1, sent)).toFixed(1);

/** Whether the instructor's floor, page and stream, opens within ten seconds while it goes on. */
async function opensFloor(shop: ShopAtWork): Promise<boolean> {
  await pause(3000);
  const begin = Date.now();
  while (Date.now() - begin < 10_000) {
    const page = await shop.ask('GET', '/floor', shop.instructor).catch(() => null);
    const stream = page?.status === 200 ? await streamOpens(shop) : false;
    if (stream) return true;
    await pause(1000);
  }
  return false;
}

function streamOpens({ machine, instructor }: ShopAtWork): Promise<boolean> {
  return new Promise((resolve) => {
    const sent = httpRequest(
      {
        host: '127.0.0.1',
        port: machine.port,
        path: '/api/events',
        headers: { host: `127.0.0.1:${machine.port}`, cookie: instructor },
        agent: false,
        timeout: 4000,
      },
      (answer) => {
        resolve(answer.statusCode === 200);
        answer.destroy();
      },
    );
    sent.on('error', () => resolve(false));
    sent.on('timeout', () => sent.destroy());
    sent.end();
  });
}

interface Asked {
  method?: string;
  path: string;
  headers?: Record<string, string>;
  body?: string;
}

/** So many ask at once, each again as soon as it was answered, until it is ended. */
function flood(shop: ShopAtWork, atOnce: number, next: (place: number) => Asked): () => Done {
  let going = true;
  const done: Done = new Map();
  const count = (how: string) => done.set(how, (done.get(how) ?? 0) + 1);
  const { port } = shop.machine;
  const ask = ({ method = 'GET', path, headers = {}, body }: Asked) =>
    new Promise<void>((resolve) => {
      const sent = httpRequest(
        {
          host: '127.0.0.1',
          port,
          localAddress: FROM,
          method,
          path,
          agent: false,
          headers: {
            host: `127.0.0.1:${port}`,
            ...(body === undefined
              ? {}
              : { 'content-type': 'application/json', 'content-length': String(Buffer.byteLength(body)) }),
            ...headers,
          },
          timeout: 30_000,
        },
        (answer) => {
          count(String(answer.statusCode));
          answer.resume();
          answer.on('close', resolve);
        },
      );
      sent.on('timeout', () => sent.destroy());
      sent.on('error', () => {
        count('cut off');
        setTimeout(resolve, 20);
      });
      sent.end(body);
    });
  for (let place = 0; place < atOnce; place += 1)
    void (async () => {
      while (going) await ask(next(place));
    })();
  return () => {
    going = false;
    return done;
  };
}

/** So many connections of which each says this and then a byte now and then. */
function connections(shop: ShopAtWork, count: number, head: string, drip: boolean): () => Done {
  const { port } = shop.machine;
  let going = true;
  const done: Done = new Map();
  const note = (how: string) => done.set(how, (done.get(how) ?? 0) + 1);
  const open = new Set<Socket>();
  const begin = () => {
    const socket = connect({ port, host: '127.0.0.1', localAddress: FROM }, () => socket.write(head));
    open.add(socket);
    socket.once('data', (part: Buffer) => note(part.toString('latin1', 9, 12)));
    socket.resume();
    note('came');
    const timer = drip ? setInterval(() => socket.write(' '), 1000) : undefined;
    socket.on('error', () => undefined);
    socket.on('close', () => {
      clearInterval(timer);
      open.delete(socket);
      if (going) setTimeout(begin, 100);
    });
  };
  for (let place = 0; place < count; place += 1) begin();
  return () => {
    going = false;
    for (const socket of open) socket.destroy();
    return done;
  };
}

const hostOf = ({ machine }: ShopAtWork) => `Host: 127.0.0.1:${machine.port}`;
/** One of the class who means ill: the last bench's student. */
const insider = ({ benches }: ShopAtWork): Bench => {
  const last = benches.at(-1);
  if (last === undefined) throw new Error('There is no bench.');
  return last;
};
const granted = ({ token, cookie }: Bench) => ({ authorization: `Bearer ${token}`, cookie });

const ATTACKS: Record<string, Attack> = {
  'slow bodies of nobody, 200': (shop) =>
    connections(
      shop,
      200,
      `POST /api/outbox HTTP/1.1\r\n${hostOf(shop)}\r\nContent-Type: application/json\r\nContent-Length: 100000\r\n\r\n`,
      true,
    ),
  'lists of 60,000 by a student': (shop) => {
    const body = JSON.stringify({ entries: Array.from({ length: 60_000 }, () => ({})) });
    return flood(shop, 9, () => ({
      method: 'POST',
      path: '/api/outbox',
      headers: granted(insider(shop)),
      body,
    }));
  },
  'paths around the limits, 300 at once': (shop) =>
    flood(shop, 300, (place) => ({
      path:
        ['/api/./events', '/_next/static/../../sign-in', '/api/%2e/events', '//sign-in'][place % 4] ?? '/',
      headers: { cookie: insider(shop).cookie },
    })),
  'streams of one student, 500': (shop) =>
    connections(
      shop,
      500,
      `GET /api/events HTTP/1.1\r\n${hostOf(shop)}\r\nCookie: ${insider(shop).cookie}\r\n\r\n`,
      false,
    ),
  'heads of streams, and upgrades, 200': (shop) =>
    connections(
      shop,
      200,
      `HEAD /api/events HTTP/1.1\r\n${hostOf(shop)}\r\n\r\nGET / HTTP/1.1\r\n${hostOf(shop)}\r\nConnection: Upgrade\r\nUpgrade: websocket\r\n\r\n`,
      false,
    ),
  'sheets as PDF by one student, 6 at once': (shop) =>
    flood(shop, 6, () => ({
      path: `/api/attempts/${insider(shop).attemptId}/sheet?as=pdf`,
      headers: { cookie: insider(shop).cookie },
    })),
  'how is it, by nobody, 200 at once': (shop) => flood(shop, 200, () => ({ path: '/api/health' })),
  'pages by nobody, 200 at once': (shop) => flood(shop, 200, () => ({ path: '/sign-in' })),
  'PINs tried by nobody, 50 at once': (shop) => {
    const classCode = shop.machine.sql('SELECT code FROM classes WHERE id = 1');
    return flood(shop, 50, (place) => ({
      method: 'POST',
      path: '/api/session/bench',
      body: JSON.stringify({ classCode, personId: shop.benches[place % 30]?.personId, pin: '0001' }),
    }));
  },
  'batches into a long record by one student, 6 at once': (shop) => {
    const bench = insider(shop);
    shop.machine.sql(
      `INSERT INTO entries (client_id, attempt_id, author_id, author_role, device, sequence, format, late, content, device_time, server_time) SELECT UUID(), ${bench.attemptId}, ${bench.personId}, 'student', '00000000-0000-4000-8000-000000000000', seq, 2, 0, '{\\"kind\\":\\"note\\",\\"text\\":\\"x\\"}', NOW(3), NOW(3) FROM seq_1_to_800`,
    );
    // Six browsers of one student: each has an order of its own, so that what comes is taken until the record is full.
    const browsers = shop.more.map((granted) => ({ ...granted, sequence: 0 }));
    return flood(shop, 6, (place) => {
      const browser = browsers[place % browsers.length];
      if (browser === undefined) throw new Error('There is no browser.');
      const entry = () => ({
        attemptId: bench.attemptId,
        id: randomUUID(),
        device: browser.device,
        sequence: (browser.sequence += 1),
        after: null,
        deviceTime: new Date().toISOString(),
        format: 2,
        content: { kind: 'note', text: 'again' },
      });
      return {
        method: 'POST',
        path: '/api/outbox',
        headers: granted({ ...bench, ...browser }),
        body: JSON.stringify({ entries: Array.from({ length: 50 }, entry) }),
      };
    });
  },
};
