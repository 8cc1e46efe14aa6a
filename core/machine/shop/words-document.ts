import type { InferType } from 'yup';
import { documentReader, type StoredObject } from '@/core/base/documents/document';
import { header, part, words } from '@/core/base/documents/parts';

/** What the shop calls the things for which the trade has several words; chosen once, used everywhere. */
const shopWordsSchema = part({
  ...header('oyakata-words', 2),
  compound: words(40).min(1),
  crossSlide: words(40).min(1),
  halfNut: words(40).min(1),
  threadDial: words(40).min(1),
  carriage: words(40).min(1),
  runOutGroove: words(40).min(1),
  centreGauge: words(40).min(1),
});

export type ShopWords = InferType<typeof shopWordsSchema>;
export type WordKey = Exclude<keyof ShopWords, 'format' | 'version'>;

/** Version 1 knew three of the words; the others were these. Frozen: what is usual may change. */
const ADDED_IN_2 = {
  threadDial: 'thread dial',
  carriage: 'carriage',
  runOutGroove: 'run-out groove',
  centreGauge: 'centre gauge',
};

const liftWords1 = (older: StoredObject): StoredObject => ({ ...older, version: 2, ...ADDED_IN_2 });

/** Reads the stored words of a shop. @throws UnreadableDocument */
export const readShopWords = documentReader<ShopWords>({
  format: 'oyakata-words',
  version: 2,
  schema: shopWordsSchema,
  lifts: { 1: liftWords1 },
});
