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
  const init: RequestInit = {
    method,
    headers: {
      ...(body === undefined ? {} : { 'content-type': 'application/json' }),
      ...(token === undefined ? {} : { authorization: `Bearer ${token}` }),
    },
    body: body === undefined ? null : JSON.stringify(body),
  };
  for (let tries = 1; ; tries += 1) {
    const { sent, response } = await once<T>(url, init);
    if (sent.ok || sent.code !== 'busy' || tries === MOST_TRIES) return sent;
    const wait = Math.min(LONGEST_WAIT_MS, waitOf(response) * tries);
    await new Promise((resolve) => setTimeout(resolve, wait));
  }
}

/** What the server asks for, spread a little so that a class does not come back at one moment. */
function waitOf(response: Response | null): number {
  const seconds = Number(response?.headers.get('Retry-After')) || 1;
  return 1000 * Math.min(Math.max(seconds, 0.2), 30) * (0.5 + Math.random());
}
