import type { IncomingMessage } from 'node:http';

/** Why a request is not let in, with what is said about it. */
export interface DoorRefusal {
  status: 400 | 403 | 405 | 413 | 421;
  code: string;
  message: string;
  headers?: Record<string, string>;
}

/** Methods that any route handler has. Pages are only looked at. */
const API_METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'DELETE'];
const PAGE_METHODS = ['GET', 'HEAD'];
/** A little above what the routes take, which count exactly while they read. */
const MOST_BYTES = 256_000;

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
  if (!isReadablePath(url))
    return { status: 400, code: 'bad-path', message: 'This address can not be read.' };
  const methods = url.startsWith('/api/') ? API_METHODS : PAGE_METHODS;
  if (!methods.includes(method))
    return {
      status: 405,
      code: 'bad-method',
      message: 'Nothing here answers that method.',
      headers: { Allow: methods.join(', ') },
    };
  if (Number(headers['content-length'] ?? 0) > MOST_BYTES)
    return { status: 413, code: 'too-large', message: 'The request is too large.' };
  return null;
}

/** A path on this server whose escapes can be undone, without control characters. */
function isReadablePath(url: string): boolean {
  if (!url.startsWith('/') || url.startsWith('//')) return false;
  try {
    return !/[\u0000-\u001f\u007f\\]/.test(decodeURIComponent(url.split('?')[0] ?? ''));
  } catch {
    return false;
  }
}
