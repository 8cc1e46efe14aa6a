import { Agent, request as httpRequest } from 'node:http';

export interface RawRequest {
  method: string;
  path: string;
  headers: Record<string, string>;
  body: string | null;
}

export interface RawAnswer {
  status: number;
  headers: Record<string, string | string[] | undefined>;
  text: string;
  ms: number;
}

const agent = new Agent({ keepAlive: true, maxSockets: 1000 });

/** Sends a request exactly as given, without mending its path as a browser would; loopback only. */
export function sendRaw(port: number, raw: RawRequest): Promise<RawAnswer> {
  const { method, path, headers, body } = raw;
  const begin = performance.now();
  return new Promise((resolve, reject) => {
    const length = body === null ? {} : { 'content-length': String(Buffer.byteLength(body)) };
    const sent = httpRequest(
      { host: '127.0.0.1', port, method, path, headers: { ...headers, ...length }, agent, timeout: 30_000 },
      (answer) => {
        const parts: Buffer[] = [];
        answer.on('data', (part: Buffer) => parts.push(part));
        answer.on('error', reject);
        answer.on('end', () =>
          resolve({
            status: answer.statusCode ?? 0,
            headers: answer.headers,
            text: Buffer.concat(parts).toString('utf8'),
            ms: performance.now() - begin,
          }),
        );
      },
    );
    sent.on('timeout', () => sent.destroy(new Error('no answer in half a minute')));
    sent.on('error', (error: NodeJS.ErrnoException) => {
      // A connection that lay idle may be closed by the server at the moment in which it is taken again.
      const closed = sent.reusedSocket && (error.code === 'ECONNRESET' || error.code === 'EPIPE');
      if (closed) sendRaw(port, raw).then(resolve, reject);
      else reject(error);
    });
    sent.end(body ?? undefined);
  });
}
