import { createHash } from 'node:crypto';
import { allFinite } from '@/core/base/json/all-finite';

/** A document as it is stored. A number without end would be stored as null: such a document is a fault of the program. */
export function storedJson(document: object): string {
  if (!allFinite(document)) throw new Error('A number that is not finite was to be stored.');
  return JSON.stringify(document);
}

/** By which a frozen document is known again. */
export function contentHash(text: string): string {
  return createHash('sha256').update(text).digest('hex');
}
