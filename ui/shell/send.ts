import { once, type Sent } from './ask';

/** How often something is sent again by itself while the server says that it is busy, each time after a longer wait. */
const MOST_TRIES = 8;
const LONGEST_WAIT_MS = 30_000;

/**
 * Sends JSON to a route handler. Never throws: a lost connection is a refusal like any other. While the server is busy
 * it is sent again by itself, after the time that the server names.
 */
export async function send<T>(
  method: 'POST' | 'PUT' | 'DELETE',
  url: string,
  body?: unknown,
  /** Of a grant, where it is not the session that allows it. */
  token?: string,
): Promise<Sent<T>> {
  for (let tries = 1; ; tries += 1) {
    const { sent, waitMs } = await once<T>(method, url, body, token);
    if (sent.ok || sent.code !== 'busy' || tries === MOST_TRIES) return sent;
    await new Promise((resolve) => setTimeout(resolve, Math.min(LONGEST_WAIT_MS, waitMs * tries)));
  }
}
