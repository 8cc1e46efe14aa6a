import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { Duplex } from 'node:stream';
import { addressOf, ADDRESS_HEADER } from './address';
import { Admission, type Room } from './admission';
import { isAllowedHost } from './hosts';
import { refuseRequest } from './refuse-request';
import { contentSecurityPolicy, newNonce, securityHeaders } from './security-headers';
import { Streams } from './streams';
import { isPrivate } from './tls';

export interface DoorOptions {
  /** What is behind the door. */
  handle: (request: IncomingMessage, response: ServerResponse) => Promise<void>;
  hosts: ReadonlySet<string>;
  /** Host of the public address, which is reached through a proxy with TLS; null where there is none. */
  publicHost?: string | null;
  room: Room;
  /** Answers that stay open; the caller ends them when it stops. */
  streams?: Streams;
  /** One line for each request that was answered. */
  log: (line: { method: string; path: string; status: number; ms: number }) => void;
  fail: (error: unknown, path: string) => void;
}

/** Seconds after which whoever was turned away may come again. */
const COME_AGAIN_SECONDS = 2;
/** How long a request may take to arrive; a slow line sends 200 kB in a few seconds. */
const REQUEST_MS = 30_000;
const HEADERS_MS = 10_000;
const MOST_UNREAD = 256_000;
const UNREAD_MS = 3000;

/**
 * The one server of the application: everything that comes in from outside passes here first. It knows its own names,
 * puts the security headers on every answer, turns away what can not be read, and says early when there is no room.
 */
export function createDoor({
  handle,
  hosts,
  publicHost = null,
  room,
  streams = new Streams(),
  log,
  fail,
}: DoorOptions): Server {
  const admission = new Admission(room);
  // What throws before it returns its promise must not tear the connection's parser with it.
  async function enter(request: IncomingMessage, response: ServerResponse, path: string): Promise<void> {
    const leave = Streams.isStream(path)
      ? streams.add(response)
        ? () => undefined
        : null
      : isLight(path)
        ? () => undefined
        : await admission.enter();
    if (leave === null) {
      response.setHeader('Retry-After', String(COME_AGAIN_SECONDS));
      // A page asks again by itself too.
      response.setHeader('Refresh', String(COME_AGAIN_SECONDS));
      answer(request, response, 503, 'busy', 'The server has its hands full at this moment. Trying again.');
      return;
    }
    // Whoever went away while waiting takes no place.
    if (response.destroyed) return leave();
    response.once('close', leave);
    await handle(request, response);
  }
  const server = createServer((request, response) => {
    const begin = performance.now();
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
      });
      endUnread(request);
    });
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
    request.headers[ADDRESS_HEADER] = addressOf(request, publicHost !== null);
    dropUnreadable(request);
    enter(request, response, path).catch((error: unknown) => {
      fail(error, path);
      if (!response.headersSent)
        answer(request, response, 500, 'failed', 'Something went wrong on the server.');
      else response.destroy();
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

/** Files and the health page take next to nothing, and must answer when all else is busy. */
function isLight(path: string): boolean {
  return path.startsWith('/_next/static/') || path === '/api/health';
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
  return headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > MOST_UNREAD;
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
    const over = socket.bytesRead - begin > MOST_UNREAD || Date.now() - since > UNREAD_MS;
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
  response.writeHead(status, {
    'Content-Type': isApi ? 'application/json; charset=utf-8' : 'text/html; charset=utf-8',
    'Content-Length': Buffer.byteLength(text),
    'Cache-Control': 'no-store',
  });
  response.end(request.method === 'HEAD' ? undefined : text);
}

/** What can not even be read as a request gets its answer past the server's own means. */
const UNREADABLE: Readonly<Record<string, string>> = {
  HPE_HEADER_OVERFLOW: '431 Request Header Fields Too Large',
  ERR_HTTP_REQUEST_TIMEOUT: '408 Request Timeout',
};

function answerUnreadable(code: string | undefined, socket: Duplex): void {
  if (socket.destroyed || !socket.writable) return;
  const headers = Object.entries({
    ...securityHeaders(newNonce()),
    Connection: 'close',
    'Content-Length': '0',
  });
  const lines = headers.map(([name, value]) => `${name}: ${value}\r\n`).join('');
  socket.end(`HTTP/1.1 ${UNREADABLE[code ?? ''] ?? '400 Bad Request'}\r\n${lines}\r\n`);
}

function page(message: string): string {
  return `<!doctype html><html lang="en"><meta charset="utf-8"><title>Oyakata</title><main><h1>Oyakata</h1><p>${message}</p><p><a href="/">Go to the class</a></p></main></html>`;
}
