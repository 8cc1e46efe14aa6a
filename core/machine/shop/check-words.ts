import type { FieldIssue, Result } from '@/core/base/errors/field-issue';
import { saidText } from '@/core/base/documents/visible-text';
import type { ShopWords, WordKey } from './words-document';
import { USUAL_WORDS } from './words';

const KEYS = Object.keys(USUAL_WORDS).filter((key) => key !== 'format' && key !== 'version') as WordKey[];

/** Reads the words as they were typed; an empty one is the usual one. One word for two things is refused at the second. */
export function checkWords(typed: Partial<Record<WordKey, string>>): Result<ShopWords> {
  const issues: FieldIssue[] = [];
  const words = { ...USUAL_WORDS };
  const taken = new Map<string, WordKey>();
  for (const key of KEYS) {
    const said = saidText(typed[key] ?? '');
    const word = said === '' ? USUAL_WORDS[key] : said;
    if (word.length > 40) issues.push({ field: key, code: 'too-long', message: 'At most 40 characters.' });
    // The usual word of another thing stands in every sentence that is not yet in the shop's own words.
    const other =
      taken.get(word.toLowerCase()) ??
      KEYS.find((each) => each !== key && USUAL_WORDS[each] === word.toLowerCase());
    if (other !== undefined)
      issues.push({
        field: key,
        code: 'conflict',
        message: `“${word}” already means the ${USUAL_WORDS[other]}: one word for two things misleads. Take another.`,
      });
    taken.set(word.toLowerCase(), key);
    words[key] = word;
  }
  return issues.length > 0 ? { ok: false, issues } : { ok: true, value: words };
}
