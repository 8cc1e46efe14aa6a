import type { ShopWords, WordKey } from './words-document';
import { USUAL_WORDS } from './words';

const KEYS = (Object.keys(USUAL_WORDS) as (WordKey | 'format' | 'version')[]).filter(
  (key): key is WordKey => key !== 'format' && key !== 'version',
);

/** The usual words, whole ones, with a capital or in the plural too; `cross-slide` as it stands before a noun. */
const FOUND = new RegExp(
  `\\b(${KEYS.map((key) => USUAL_WORDS[key].replace(' ', '[ -]')).join('|')})(s?)(?![\\w-])`,
  'gi',
);

const KEY_OF = new Map(KEYS.map((key) => [USUAL_WORDS[key], key]));

/**
 * A sentence of the program in the words of the shop. A sentence that has passed here is left as it is.
 * @example inShopWords('Cross slide to zero.', { ...USUAL_WORDS, crossSlide: 'cross feed' }) // 'Cross feed to zero.'
 */
export function inShopWords(text: string, words: ShopWords): string {
  return text.replace(FOUND, (found, word: string, plural: string, at: number) => {
    const key = KEY_OF.get(word.toLowerCase().replace('cross-slide', 'cross slide'));
    if (key === undefined || words[key] === USUAL_WORDS[key]) return found;
    const own = words[key];
    if (standsAt(text, own, at)) return found;
    const capital = word.charAt(0) !== word.charAt(0).toLowerCase();
    return `${capital ? own.charAt(0).toUpperCase() + own.slice(1) : own}${own.endsWith('s') ? '' : plural}`;
  });
}

/** Whether the shop's own word, which may hold the usual one, stands there already. */
function standsAt(text: string, own: string, at: number): boolean {
  const low = text.toLowerCase();
  const begin = low.lastIndexOf(own.toLowerCase(), at);
  return begin >= 0 && begin + own.length > at;
}
