import { BaseError, ConnectionError, TimeoutError } from 'sequelize';

export class MissingDatabaseUrl extends Error {
  override name = 'MissingDatabaseUrl';
  constructor() {
    super('OYAKATA_DATABASE_URL is not set. Start the application with ./oyakata start.');
  }
}

/** What the driver says of an error, wherever Sequelize has wrapped it. */
interface DriverError {
  code?: string;
  errno?: number;
  sqlState?: string;
  fatal?: boolean;
  message?: string;
}

function driverError(error: unknown): DriverError {
  const wrapped = (error as { original?: unknown; parent?: unknown } | null)?.original;
  return wrapped ?? error ?? {};
}

const UNREACHABLE: ReadonlySet<string> = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOENT',
  'ENOTFOUND',
  'EPIPE',
  'ETIMEDOUT',
  'ER_NO_SUCH_TABLE',
  'ER_ACCESS_DENIED_ERROR',
  'ER_SERVER_SHUTDOWN',
  'ER_CON_COUNT_ERROR',
  'ER_TABLEACCESS_DENIED_ERROR',
]);

/** Whether an error means that the database itself can not be reached, died under the request, or is not set up. */
export function isDatabaseDown(error: unknown): boolean {
  if (error instanceof ConnectionError || error instanceof MissingDatabaseUrl) return true;
  const { code = '', sqlState = '', fatal = false } = driverError(error);
  // Class 08 of the SQL standard: connection exceptions. Only the driver's own errors are ever fatal.
  return (
    UNREACHABLE.has(code) ||
    sqlState.startsWith('08') ||
    fatal ||
    /^ER_(SOCKET|CONNECTION|CMD_CON)/.test(code)
  );
}

/** MariaDB: 1021 disk full, 1114 table full, 1030 with the operating system's 28 (no space left). */
export function isDiskFull(error: unknown): boolean {
  const { errno, code, message = '' } = driverError(error);
  return (
    code === 'ENOSPC' || errno === 1021 || errno === 1114 || (errno === 1030 && /\b28\b|space/i.test(message))
  );
}

/** Whether too many wanted the same at once; trying again is right. 1205 waited too long, 1213 deadlock, 1020 row changed. */
export function isBusy(error: unknown): boolean {
  const { errno } = driverError(error);
  return error instanceof TimeoutError || errno === 1205 || errno === 1213 || errno === 1020;
}

/** Whether a row with the same key stood there already. */
export function isDuplicate(error: unknown): boolean {
  return error instanceof BaseError && driverError(error).errno === 1062;
}
