import 'server-only';
import pino from 'pino';

/** The log of the process, when the server has opened one (door/log-file.ts). */
const shared = globalThis as typeof globalThis & { oyakataLog?: pino.Logger };

/** Structured log lines, one JSON object each; on standard output outside of the server. Level by OYAKATA_LOG_LEVEL. */
export const log: pino.Logger =
  shared.oyakataLog ??
  pino({
    level: process.env.OYAKATA_LOG_LEVEL ?? 'info',
    base: { app: 'oyakata' },
    timestamp: pino.stdTimeFunctions.isoTime,
  });
