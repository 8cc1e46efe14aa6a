import 'server-only';
import { createDecipheriv, createHmac } from 'node:crypto';
import { rowOf } from './query';

/** An entry that its maker has left on a device, closed so that nobody there can read it, nor make one like it. */
export interface Sealed {
  attemptId: number;
  sequence: number;
  personId: number;
  /** Which grant's key it was closed with. */
  seal: string;
  /** AES-256-GCM, base64: the start value, and what was closed with its tag behind it. */
  iv: string;
  closed: string;
}

const TAG_BYTES = 16;

let secret: Promise<string> | null = null;

/** The secret of this book from which all keys of seals follow: they hold after a restore, and nobody stores them. */
function bookSecret(): Promise<string> {
  secret ??= rowOf<{ secret: string }>("SELECT secret FROM book_keys WHERE name = 'seal'").then((row) => {
    if (row === null) throw new Error('This book has no key of seals.');
    return row.secret;
  });
  secret.catch(() => (secret = null));
  return secret;
}

/** The key of one person's seal. It is told to that person only, at the device at which it was made. */
export async function keyOfSeal(personId: number, seal: string): Promise<Buffer> {
  return createHmac('sha256', await bookSecret())
    .update(`${personId} ${seal}`)
    .digest();
}

/** What stands outside of a sealed entry is bound to it: it opens in its own place only. */
export const placeOfSeal = ({ attemptId, sequence, seal }: Omit<Sealed, 'iv' | 'closed' | 'personId'>) =>
  `${seal} ${attemptId} ${sequence}`;

/** Opens a sealed entry; null when it was not closed with that key, or was changed. */
export async function openSeal(sealed: Sealed): Promise<unknown> {
  try {
    const closed = Buffer.from(sealed.closed, 'base64');
    const key = await keyOfSeal(sealed.personId, sealed.seal);
    const opened = createDecipheriv('aes-256-gcm', key, Buffer.from(sealed.iv, 'base64'), {
      authTagLength: TAG_BYTES,
    });
    opened.setAAD(Buffer.from(placeOfSeal(sealed)));
    opened.setAuthTag(closed.subarray(-TAG_BYTES));
    const text = Buffer.concat([opened.update(closed.subarray(0, -TAG_BYTES)), opened.final()]);
    return JSON.parse(text.toString('utf8')) as unknown;
  } catch {
    return null;
  }
}
