'use client';

import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { inShopWords } from '@/core/machine/shop/in-shop-words';
import type { ShopWords } from '@/core/machine/shop/words-document';
import { USUAL_WORDS } from '@/core/machine/shop/words';

const Context = createContext<ShopWords>(USUAL_WORDS);

export function ShopWordsProvider({ words, children }: { words: ShopWords; children: ReactNode }) {
  return <Context.Provider value={words}>{children}</Context.Provider>;
}

export const useShopWords = (): ShopWords => useContext(Context);

const asItIs = (text: string) => text;

/** Most shops say it as the program does: nothing is looked for then. */
const isUsual = (words: ShopWords) =>
  (Object.keys(USUAL_WORDS) as (keyof ShopWords)[]).every((key) => words[key] === USUAL_WORDS[key]);

/** Puts a sentence of the program into the words of the shop. */
export function useSay(): (text: string) => string {
  const words = useContext(Context);
  return useMemo(() => (isUsual(words) ? asItIs : (text: string) => inShopWords(text, words)), [words]);
}
