import { EventEmitter } from 'node:events';
import type { Server } from 'node:http';
import { join } from 'node:path';
import next from 'next';
import pino from 'pino';
import { sharedAskers } from './askers';
import { capFile } from './cap-file';
import { createDoor } from './door';
import { HealthState, sharedHealth } from './health-state';
import { allowedHosts } from './hosts';
import { logError } from './log-error';
import { LogFile } from './log-file';
import { QuietLines } from './quiet-lines';
import { ReleaseFiles } from './release-files';
import { roomsFor } from './rooms';
import { Streams } from './streams';
import { isLoopback } from './tls';

/**
 * The application's process: opens the log, builds up what is behind the door, and listens. Run by
 * `./oyakata start` in the folder of a release: `node door.mjs --state=FOLDER`.
 */
const state = process.argv.find((argument) => argument.startsWith('--state='))?.slice('--state='.length);
if (state === undefined) throw new Error('Say where the state lies: --state=FOLDER.');
const port = Number(process.env.OYAKATA_PORT);
const origin = process.env.OYAKATA_ORIGIN ?? '';
const publicHost = origin === '' ? null : new URL(origin).host;
/**
 * The address on which it listens. Any other than loopback needs a public address behind a proxy with TLS. The start
 * command checks this as well.
 */
const listen = process.env.OYAKATA_LISTEN ?? '127.0.0.1';
if (!isLoopback(listen) && !origin.startsWith('https://'))
  throw new Error('Beyond loopback it listens only behind TLS: set OYAKATA_ORIGIN=https://…');
/** Requests that are worked on at once; see rooms.ts. */
const mostInside = Number(process.env.OYAKATA_MOST_AT_ONCE ?? '6');
const MOST_DATABASE_LOG = 5_000_000;

const file = new LogFile(join(state, 'log', 'app.log'));
const log = pino(
  {
    level: process.env.OYAKATA_LOG_LEVEL ?? 'info',
    base: { app: 'oyakata' },
    timestamp: pino.stdTimeFunctions.isoTime,
    serializers: { err: logError },
  },
  { write: (line: string) => file.write(line) },
);
(globalThis as typeof globalThis & { oyakataLog?: pino.Logger }).oyakataLog = log;

/** Who came in and who was turned away, apart from the traffic, and kept whatever the level of the other log is. */
const signInFile = new LogFile(join(state, 'log', 'sign-in.log'), { mostBytes: 2_000_000, kept: 9 });
const signIns = pino(
  { base: null, timestamp: pino.stdTimeFunctions.isoTime },
  { write: (line: string) => signInFile.write(line) },
);
const refusals = new QuietLines((line) => signIns.warn(line));
Object.assign(globalThis, {
  oyakataSignInLog: { write: signIns, refused: (kind: string, line: object) => refusals.note(kind, line) },
});
/** Not known, not allowed, too often, or under another name. */
const TURNED_AWAY: readonly number[] = [401, 403, 421, 429];

const streams = new Streams();
// What is behind would listen for other protocols at the server; there are none, and the door refuses them itself.
const noServer = new EventEmitter() as Server;
const app = next({ dev: false, dir: process.cwd(), hostname: '127.0.0.1', port, httpServer: noServer });
await app.prepare();
const handle = app.getRequestHandler();
const files = new ReleaseFiles('.next/static');
const door = createDoor({
  handle: async (request, response) => {
    if (!files.send(request, response)) await handle(request, response);
  },
  hosts: allowedHosts(process.env.OYAKATA_HOSTS, port, publicHost),
  publicHost,
  rooms: roomsFor(mostInside),
  isFile: (path) => files.has(path),
  health: new HealthState(
    // The door opens before the application behind it is ready.
    () => sharedHealth.oyakataHealth?.() ?? Promise.resolve({ status: 'failing' }),
  ),
  askers: sharedAskers(),
  streams,
  log: (line) => {
    log.info(line, 'request');
    const { from, status, method, path } = line;
    // Who signs in is noted by the application, which knows who it is.
    if (TURNED_AWAY.includes(status) && !path.startsWith('/api/session'))
      refusals.note(`${from} ${status}`, { what: 'turned away', from, status, method, path });
  },
  fail: (error, path) => log.error({ err: error, path }, 'request failed'),
});

/** Nothing of this process may write to the file it was started with: that one has no limit. */
function toLog(chunk: string | Uint8Array): boolean {
  file.write(typeof chunk === 'string' ? chunk : Buffer.from(chunk).toString('utf8'));
  return true;
}

door.listen(port, listen, () => {
  log.info({ port, pid: process.pid }, 'listening');
  process.stdout.write = toLog;
  process.stderr.write = toLog;
});
door.on('error', (error) => {
  log.fatal({ err: error }, 'can not listen');
  process.exitCode = 1;
  void file.settled().then(() => process.exit());
});

setInterval(() => void capFile(join(state, 'log', 'mariadb.log'), MOST_DATABASE_LOG), 60_000).unref();

for (const signal of ['SIGTERM', 'SIGINT'] as const) {
  process.on(signal, () => {
    log.info({ signal }, 'stopping');
    door.close(() => void Promise.all([file.settled(), signInFile.settled()]).then(() => process.exit(0)));
    streams.endAll();
    door.closeIdleConnections();
    setTimeout(() => process.exit(0), 5000).unref();
  });
}
process.on('unhandledRejection', (error) => log.error({ err: error }, 'unhandled rejection'));
process.on('uncaughtException', (error) => log.error({ err: error }, 'uncaught exception'));
