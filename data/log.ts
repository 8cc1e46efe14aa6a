import 'server-only';
import pino from 'pino';

/** Structured log lines, one JSON object each, on standard output. Level by OYAKATA_LOG_LEVEL. */
export const log = pino({
  level: process.env.OYAKATA_LOG_LEVEL ?? 'info',
  base: { app: 'oyakata' },
  timestamp: pino.stdTimeFunctions.isoTime,
});
