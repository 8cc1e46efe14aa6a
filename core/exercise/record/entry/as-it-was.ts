import type { StoredObject } from '@/core/base/documents/document';

/** The lift from format 1 to 2 of a kind whose fields stayed as they were: 2 only parted the envelope from the content. */
export const asItWas = (older: StoredObject): StoredObject => older;
