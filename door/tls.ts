import type { IncomingMessage } from 'node:http';

const LOOPBACK = /^(127\.|::1$|::ffff:127\.)/;

export const isLoopback = (address: string): boolean => LOOPBACK.test(address) || address === 'localhost';

/**
 * Whether a request came over TLS as far as its proxy, or from this machine under one of its own names. Passwords and
 * PINs go over nothing else.
 *
 * @param publicHost host of the public address, or null where the server is for this machine only
 */
export function isPrivate(
  { headers, socket }: Pick<IncomingMessage, 'headers'> & { socket: { remoteAddress?: string | undefined } },
  publicHost: string | null,
): boolean {
  const fromHere = isLoopback(socket.remoteAddress ?? '');
  if (fromHere && (publicHost === null || headers.host?.toLowerCase() !== publicHost)) return true;
  return publicHost !== null && headers['x-forwarded-proto'] === 'https';
}
