import type { IncomingMessage } from 'node:http';

/** The header by which the address is handed to what is behind the door. */
export const ADDRESS_HEADER = 'x-oyakata-from';

/**
 * Where a request comes from. Behind a proxy it is the last address that the proxy has put into X-Forwarded-For: those
 * before it are what the client said. Without one nobody may say it.
 */
export function addressOf(
  { headers, socket }: Pick<IncomingMessage, 'headers'> & { socket: { remoteAddress?: string | undefined } },
  behindProxy: boolean,
): string {
  const said = behindProxy
    ? String(headers['x-forwarded-for'] ?? '')
        .split(',')
        .at(-1)
        ?.trim()
    : '';
  return (said === undefined || said === '' ? (socket.remoteAddress ?? 'unknown') : said).slice(0, 64);
}
