import 'server-only';

/** Largest body that any route takes; the largest honest one, a class's hand-out, is under a tenth of it. */
const MOST_BYTES = 200_000;

/**
 * Reads the body of a request as text, counting while it arrives: at the limit it stops reading and answers null, so
 * that nobody can fill the memory. Bytes that are no UTF-8 become the replacement character.
 */
export async function readBody(request: Request): Promise<string | null> {
  const reader = request.body?.getReader();
  if (reader === undefined) return '';
  const parts: Uint8Array[] = [];
  let bytes = 0;
  for (;;) {
    const { done, value } = (await reader.read()) as { done: boolean; value?: Uint8Array };
    if (done || value === undefined) return Buffer.concat(parts).toString('utf8');
    bytes += value.byteLength;
    if (bytes > MOST_BYTES) {
      await reader.cancel();
      return null;
    }
    parts.push(value);
  }
}
