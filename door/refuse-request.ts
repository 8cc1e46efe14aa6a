import type { IncomingMessage } from 'node:http';
import { plainPath } from './plain-path';
import { MOST_BODY } from './read-in';
import { Streams } from './streams';

/** Why a request is not let in, with what is said about it. */
export interface DoorRefusal {
  status: 400 | 403 | 405 | 411 | 413 | 421;
  code: string;
  message: string;
  headers?: Record<string, string>;
}

/** Methods that any route handler has. Pages are only looked at. */
const API_METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'DELETE'];
const PAGE_METHODS = ['GET', 'HEAD'];
/** A stream has no head of its own: what asks for one would leave its watcher behind. */
const STREAM_METHODS = ['GET'];

/** Looks at the first lines of a request only; null when it may come in. */
export function refuseRequest(
  { method = '', url = '', headers }: Pick<IncomingMessage, 'method' | 'url' | 'headers'>,
  isAllowed: (host: string | undefined) => boolean,
  overTls: boolean,
): DoorRefusal | null {
  if (!isAllowed(headers.host))
    return {
      status: 421,
      code: 'unknown-host',
      message:
        'This server does not answer under that name. Whoever keeps it names it in OYAKATA_HOSTS or OYAKATA_ORIGIN.',
    };
  if (!overTls)
    return {
      status: 403,
      code: 'not-over-tls',
      message: 'This address is reached over https only.',
    };
  const path = plainPath(url);
  if (path === null) return { status: 400, code: 'bad-path', message: 'This address can not be read.' };
  const methods = Streams.isStream(path)
    ? STREAM_METHODS
    : path.startsWith('/api/')
      ? API_METHODS
      : PAGE_METHODS;
  if (!methods.includes(method))
    return {
      status: 405,
      code: 'bad-method',
      message: 'Nothing here answers that method.',
      headers: { Allow: methods.join(', ') },
    };
  if (Number(headers['content-length'] ?? 0) > MOST_BODY)
    return { status: 413, code: 'too-large', message: 'The request is too large.' };
  return null;
}
