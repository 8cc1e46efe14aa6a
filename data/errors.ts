import { BaseError, ConnectionError } from 'sequelize';

/** Expected refusals of the data layer, each with the HTTP status that says the same. */
export class DataRefusal extends Error {
  override name = 'DataRefusal';
  constructor(
    readonly status: 401 | 403 | 404 | 409,
    message: string,
    /** The field it concerns, when there is one. */
    readonly field: string | null = null,
  ) {
    super(message);
  }
}

export const notFound = (what: string) => new DataRefusal(404, `There is no such ${what}.`);
export const forbidden = (message: string) => new DataRefusal(403, message);
export const conflict = (message: string, field: string | null = null) =>
  new DataRefusal(409, message, field);

/** Whether an error means that the database itself can not be reached or is not set up. */
export function isDatabaseDown(error: unknown): boolean {
  if (error instanceof ConnectionError) return true;
  if (!(error instanceof BaseError)) return error instanceof MissingDatabaseUrl;
  const code = (error as { original?: { code?: string } }).original?.code ?? '';
  return [
    'ECONNREFUSED',
    'ENOENT',
    'ER_NO_SUCH_TABLE',
    'ER_SOCKET_UNEXPECTED_CLOSE',
    'ER_CONNECTION_TIMEOUT',
  ].includes(code);
}

export class MissingDatabaseUrl extends Error {
  override name = 'MissingDatabaseUrl';
  constructor() {
    super('OYAKATA_DATABASE_URL is not set. Start the application with ./oyakata start.');
  }
}
