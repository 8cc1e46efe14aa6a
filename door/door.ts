import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { Duplex } from 'node:stream';
import { addressOf, ADDRESS_HEADER } from './address';
import type { Admission, NoPlace } from './admission';
import { Askers } from './askers';
import type { HealthState } from './health-state';
import { isAllowedHost } from './hosts';
import { BodiesArriving, hasBody, MOST_BODY, withBody } from './read-in';
import { refuseRequest } from './refuse-request';
import { roomOf, type RoomName } from './rooms';
import { contentSecurityPolicy, newNonce, securityHeaders } from './security-headers';
import { Streams } from './streams';
import { isPrivate } from './tls';

export interface DoorOptions {
  /** What is behind the door. */
  handle: (request: IncomingMessage, response: ServerResponse) => Promise<void>;
  hosts: ReadonlySet<string>;
  /** Host of the public address, which is reached through a proxy with TLS; null where there is none. */
  publicHost?: string | null;
  rooms: Readonly<Record<RoomName, Admission>>;
  /** Whether a path is a file that was there when the application started. */
  isFile?: (path: string) => boolean;
  health: HealthState;
  /** Whose token is whose, as far as the application has found it. */
  askers?: Askers;
  bodies?: BodiesArriving;
  /** Connections that one address may have open. */
  connectionsOfOne?: number;
  /** Answers that stay open; the caller ends them when it stops. */
  streams?: Streams;
  /** One line for each request that was answered. */
  log: (line: { method: string; path: string; status: number; ms: number; from: string }) => void;
  fail: (error: unknown, path: string) => void;
}

/** Seconds after which whoever was turned away may come again; the more are turned away, the longer. */
const COME_AGAIN_SECONDS = { least: 2, most: 10 } as const;
/** So many turned away within a moment make it a second more. */
const TURNED_AWAY_A_SECOND = 40;
/** Whoever wants more than the own share, or asks without end how the server is, has the answer so much later. */
const SLOWER_MS = 1000;
/** Questions for its health that one address has answered at once, in each second. */
const HEALTH_A_SECOND = 20;
/** Forty devices with six each, four times over. */
const MOST_CONNECTIONS_OF_ONE = 1000;
/** How long a request may take to arrive; a slow line sends 200 kB in a few seconds. */
const REQUEST_MS = 30_000;
const HEADERS_MS = 10_000;
const UNREAD_MS = 3000;

/**
 * The one server of the application: everything that comes in from outside passes here first. It knows its own names,
 * puts the security headers on every answer, turns away what can not be read, and says early when there is no room.
 */
export function createDoor({
  handle,
  hosts,
  publicHost = null,
  rooms,
  isFile = () => false,
  health,
  askers = new Askers(),
  bodies = new BodiesArriving(),
  streams = new Streams(),
  connectionsOfOne = MOST_CONNECTIONS_OF_ONE,
  log,
  fail,
}: DoorOptions): Server {
  const pressure = new Pressure();
  const asked = new Map<string, number>();
  const perSecond = setInterval(() => asked.clear(), 1000);
  perSecond.unref();

  async function turnAway(request: IncomingMessage, response: ServerResponse, why: NoPlace): Promise<void> {
    const seconds = String(pressure.comeAgainSeconds());
    response.setHeader('Retry-After', seconds);
    // A page asks again by itself too.
    response.setHeader('Refresh', seconds);
    if (why === 'own-share') await pause(SLOWER_MS);
    const message =
      why === 'full'
        ? 'The server has its hands full at this moment. Trying again.'
        : 'This is more at once than one may ask for. Trying again.';
    answer(request, response, 503, 'busy', message);
  }

  async function tellHealth(
    request: IncomingMessage,
    response: ServerResponse,
    address: string,
  ): Promise<void> {
    const count = (asked.get(address) ?? 0) + 1;
    asked.set(address, count);
    if (count > HEALTH_A_SECOND) await pause(SLOWER_MS);
    const said = await health.now();
    sendText(request, response, said.status === 'ok' ? 200 : 503, JSON.stringify(said), true);
  }

  // `enter` is async, so an error in it becomes a rejected promise. Thrown directly, it would break the parser of the
  // connection.
  async function enter(request: IncomingMessage, response: ServerResponse, path: string): Promise<void> {
    const address = addressOf(request, publicHost !== null);
    request.headers[ADDRESS_HEADER] = address;
    const askerOf = () => askers.askerOf(request, address);
    if (path === '/api/health') return tellHealth(request, response, address);
    if (Streams.isStream(path)) {
      const added = streams.add(response, askerOf);
      return added === 'added' ? handle(request, response) : turnAway(request, response, added);
    }
    let whole = request;
    if (hasBody(request)) {
      const body = await bodies.take(request, askerOf());
      if ('not' in body) return refuseBody(body.not, request, response);
      whole = withBody(request, body.whole);
    }
    const given = await rooms[roomOf(request.method ?? '', path, isFile)].enter(askerOf());
    if (typeof given === 'string') return turnAway(request, response, given);
    // Whoever went away while waiting takes no place.
    if (response.destroyed) return given();
    response.once('close', given);
    await handle(whole, response);
  }

  async function refuseBody(
    why: 'late' | 'too-large' | 'gone' | 'too-many',
    request: IncomingMessage,
    response: ServerResponse,
  ): Promise<void> {
    if (why === 'gone') return void response.destroy();
    if (why === 'too-many') return turnAway(request, response, 'own-share');
    response.setHeader('Connection', 'close');
    if (why === 'late') answer(request, response, 408, 'too-slow', 'The request took too long to arrive.');
    else answer(request, response, 413, 'too-large', 'The request is too large.');
  }

  const server = createServer((request, response) => {
    const begin = performance.now();
    const from = addressOf(request, publicHost !== null);
    const path = (request.url ?? '').split('?')[0]?.slice(0, 200) ?? '';
    const nonce = newNonce();
    for (const [name, value] of Object.entries(securityHeaders(nonce, publicHost !== null)))
      response.setHeader(name, value);
    response.once('finish', () => {
      log({
        method: request.method ?? '',
        path,
        status: response.statusCode,
        ms: Math.round(performance.now() - begin),
        from,
      });
      endUnread(request);
    });
    response.on('finish', () => pressure.note(response.statusCode));
    const refused = refuseRequest(
      request,
      (host) => isAllowedHost(host, hosts),
      isPrivate(request, publicHost),
    );
    if (refused !== null) {
      for (const [name, value] of Object.entries(refused.headers ?? {})) response.setHeader(name, value);
      answer(request, response, refused.status, refused.code, refused.message);
      return;
    }
    // The renderer takes the nonce from here; what a client sends under these names is not believed.
    request.headers['content-security-policy'] = contentSecurityPolicy(nonce);
    delete request.headers['content-security-policy-report-only'];
    dropUnreadable(request);
    enter(request, response, path).catch((error: unknown) => {
      fail(error, path);
      if (!response.headersSent)
        answer(request, response, 500, 'failed', 'Something went wrong on the server.');
      else response.destroy();
    });
  });
  // We speak HTTP only. Without this listener Node.js would keep an upgrade request open and wait.
  server.on('upgrade', (request, socket) => {
    const [status, code] = isAllowedHost(request.headers.host, hosts)
      ? [400, 'Bad Request']
      : [421, 'Misdirected Request'];
    log({
      method: 'UPGRADE',
      path: (request.url ?? '').slice(0, 200),
      status,
      ms: 0,
      from: addressOf(request, publicHost !== null),
    });
    endPlainly(socket, `${status} ${code}`);
  });
  server.on('close', () => clearInterval(perSecond));
  const connected = new Map<string, number>();
  server.on('connection', (socket) => {
    // Behind a proxy all come from its address.
    const from = socket.remoteAddress ?? '';
    const count = (connected.get(from) ?? 0) + 1;
    if (publicHost === null && count > connectionsOfOne) return void socket.destroy();
    connected.set(from, count);
    socket.once('close', () => {
      const left = (connected.get(from) ?? 1) - 1;
      if (left > 0) connected.set(from, left);
      else connected.delete(from);
    });
  });
  server.on('clientError', (error: NodeJS.ErrnoException, socket) => {
    if (error.code !== 'ECONNRESET') fail(error, '(unreadable request)');
    answerUnreadable(error.code, socket);
  });
  server.requestTimeout = REQUEST_MS;
  server.headersTimeout = HEADERS_MS;
  server.keepAliveTimeout = 20_000;
  server.maxRequestsPerSocket = 10_000;
  return server;
}

/**
 * Headers of the router that would be an error of the page: its state, when it is no JSON; and calls of server actions,
 * of which there are none.
 */
function dropUnreadable(request: IncomingMessage): void {
  delete request.headers['next-action'];
  const tree = request.headers['next-router-state-tree'];
  if (tree === undefined) return;
  try {
    if (Array.isArray(JSON.parse(decodeURIComponent(String(tree))))) return;
  } catch {
    // Falls through: it is dropped like one that is no list.
  }
  delete request.headers['next-router-state-tree'];
  delete request.headers.rsc;
}

/** Whether a body is announced that is larger than any may be, or is not announced at all. */
function bodyIsEndless({ headers }: IncomingMessage): boolean {
  return headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > MOST_BODY;
}

/**
 * The rest of a body that nobody read is let go by, so that the connection can serve again; but not more of it than any
 * body may have, and not for long.
 */
function endUnread(request: IncomingMessage): void {
  if (request.complete) return;
  const socket = request.socket as IncomingMessage['socket'] | null;
  if (socket === null) return;
  const [begin, since] = [socket.bytesRead, Date.now()];
  const look = setInterval(() => {
    const over = socket.bytesRead - begin > MOST_BODY || Date.now() - since > UNREAD_MS;
    if (over && !request.complete) socket.destroy();
    if (over || request.complete || socket.destroyed) clearInterval(look);
  }, 50);
  look.unref();
}

function answer(
  request: IncomingMessage,
  response: ServerResponse,
  status: number,
  code: string,
  message: string,
): void {
  const isApi = (request.url ?? '').startsWith('/api/');
  const text = isApi ? JSON.stringify({ error: { code, message, fields: [] } }) : page(message);
  // A body of honest size is let go by; closing over it would take the answer with it.
  if (bodyIsEndless(request)) response.setHeader('Connection', 'close');
  sendText(request, response, status, text, isApi);
}

function sendText(
  request: IncomingMessage,
  response: ServerResponse,
  status: number,
  text: string,
  isJson: boolean,
): void {
  if (response.destroyed) return;
  response.writeHead(status, {
    'Content-Type': isJson ? 'application/json; charset=utf-8' : 'text/html; charset=utf-8',
    'Content-Length': Buffer.byteLength(text),
    'Cache-Control': 'no-store',
  });
  response.end(request.method === 'HEAD' ? undefined : text);
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** How hard the door is pressed: those turned away in the last seconds, of which half is forgotten in each. */
class Pressure {
  #count = 0;
  #at = 0;

  #now(): number {
    const now = performance.now();
    this.#count *= 0.5 ** ((now - this.#at) / 1000);
    this.#at = now;
    return this.#count;
  }

  note(status: number): void {
    if (status === 503) this.#count = this.#now() + 1;
  }

  comeAgainSeconds(): number {
    const { least, most } = COME_AGAIN_SECONDS;
    return Math.min(most, least + Math.floor(this.#now() / TURNED_AWAY_A_SECOND));
  }
}

/** What can not even be read as a request gets its answer past the server's own means. */
const UNREADABLE: Readonly<Record<string, string>> = {
  HPE_HEADER_OVERFLOW: '431 Request Header Fields Too Large',
  ERR_HTTP_REQUEST_TIMEOUT: '408 Request Timeout',
};

function answerUnreadable(code: string | undefined, socket: Duplex): void {
  endPlainly(socket, UNREADABLE[code ?? ''] ?? '400 Bad Request');
}

function endPlainly(socket: Duplex, status: string): void {
  socket.on('error', () => undefined);
  if (socket.destroyed || !socket.writable) return;
  const headers = Object.entries({
    ...securityHeaders(newNonce()),
    Connection: 'close',
    'Content-Length': '0',
  });
  const lines = headers.map(([name, value]) => `${name}: ${value}\r\n`).join('');
  socket.end(`HTTP/1.1 ${status}\r\n${lines}\r\n`, () => socket.destroy());
}

function page(message: string): string {
  return `<!doctype html><html lang="en"><meta charset="utf-8"><title>Oyakata</title><main><h1>Oyakata</h1><p>${message}</p><p><a href="/">Go to the class</a></p></main></html>`;
}
