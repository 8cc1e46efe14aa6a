import { IncomingMessage } from 'node:http';

/** A little above what the routes take, which count exactly while they read. */
export const MOST_BODY = 256_000;
/** A body that takes longer to arrive is not waited for; a slow line sends all that is allowed in a few seconds. */
const BODY_MS = 10_000;

/** Bodies that arrive at one moment: of all, and of one asker. They take memory only, and no place. */
const MOST_AT_ONCE = 400;
const MOST_OF_ONE = { person: 8, address: 24 } as const;

export type Body = { whole: Buffer } | { not: 'late' | 'too-large' | 'gone' | 'too-many' };

/** Whether a request has a body at all. */
export function hasBody({ headers }: Pick<IncomingMessage, 'headers'>): boolean {
  return headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > 0;
}

/**
 * Takes in the bodies of requests before these get a place: counted, and under a deadline. Whoever sends a byte now and
 * then holds up nobody.
 */
export class BodiesArriving {
  #count = 0;
  #of = new Map<string, number>();

  constructor(
    readonly patienceMs = BODY_MS,
    readonly most = MOST_AT_ONCE,
  ) {}

  async take(request: IncomingMessage, asker: string): Promise<Body> {
    const own = this.#of.get(asker) ?? 0;
    const mostOwn = asker.startsWith('person ') ? MOST_OF_ONE.person : MOST_OF_ONE.address;
    if (this.#count >= this.most || own >= mostOwn) return { not: 'too-many' };
    this.#count += 1;
    this.#of.set(asker, own + 1);
    try {
      return await arrived(request, this.patienceMs);
    } finally {
      this.#count -= 1;
      const left = (this.#of.get(asker) ?? 1) - 1;
      if (left > 0) this.#of.set(asker, left);
      else this.#of.delete(asker);
    }
  }
}

function arrived(request: IncomingMessage, patienceMs: number): Promise<Body> {
  return new Promise((resolve) => {
    const parts: Buffer[] = [];
    let bytes = 0;
    const done = (body: Body) => {
      clearTimeout(timer);
      request.off('data', more).off('end', whole).off('close', gone).off('error', gone);
      // What still comes is let go by; the door ends what does not end by itself.
      if (!request.complete) request.resume();
      resolve(body);
    };
    const more = (part: Buffer) => {
      bytes += part.length;
      if (bytes > MOST_BODY) done({ not: 'too-large' });
      else parts.push(part);
    };
    const whole = () => done({ whole: Buffer.concat(parts) });
    const gone = () => done({ not: 'gone' });
    const timer = setTimeout(() => done({ not: 'late' }), patienceMs);
    request.on('data', more).on('end', whole).on('close', gone).on('error', gone);
  });
}

/** The same request with its body at hand, for what is behind the door. */
export function withBody(request: IncomingMessage, body: Buffer): IncomingMessage {
  const whole = new IncomingMessage(request.socket);
  const { method, url, headers, rawHeaders, httpVersion, httpVersionMajor, httpVersionMinor } = request;
  Object.assign(whole, { method, url, headers, rawHeaders, httpVersion, httpVersionMajor, httpVersionMinor });
  whole.push(body);
  whole.push(null);
  whole.complete = true;
  return whole;
}
