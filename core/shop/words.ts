import type { InferType } from 'yup';
import { documentReader, header, part, words } from '../documents';

/** What the shop calls the things for which the trade has several words; chosen once, used everywhere. */
export const shopWordsSchema = part({
  ...header('oyakata-words', 1),
  compound: words(40).min(1),
  crossSlide: words(40).min(1),
  halfNut: words(40).min(1),
});

export type ShopWords = InferType<typeof shopWordsSchema>;

/** Reads the stored words of a shop. @throws UnreadableDocument */
export const readShopWords = documentReader<ShopWords>({
  format: 'oyakata-words',
  version: 1,
  schema: shopWordsSchema,
});

export const USUAL_WORDS: ShopWords = {
  format: 'oyakata-words',
  version: 1,
  compound: 'compound',
  crossSlide: 'cross slide',
  halfNut: 'half nut',
};
