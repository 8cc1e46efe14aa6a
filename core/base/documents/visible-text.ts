/** What a person can see: letters, figures, marks of any script. Spaces and zero-width characters are none. */
const VISIBLE = /[\p{L}\p{N}\p{P}\p{S}]/u;
const INVISIBLE_ENDS = /^[\s\p{Cf}\p{Cc}]+|[\s\p{Cf}\p{Cc}]+$/gu;

/**
 * Words as said: normalised (NFC), without what can not be seen at their ends, and empty when nothing can be seen at all.
 * @example saidText('\u200b oil ') // 'oil'
 */
export function saidText(text: string): string {
  return VISIBLE.test(text) ? text.normalize('NFC').replace(INVISIBLE_ENDS, '') : '';
}

/** How many characters of a text can be seen. @example visibleLength('a\u200b b') // 2 */
export function visibleLength(text: string): number {
  return [...text].filter((character) => VISIBLE.test(character)).length;
}

/** Whether a text shows something, or is empty on purpose. */
export const isVisibleOrEmpty = (text: string): boolean => text === '' || VISIBLE.test(text);
