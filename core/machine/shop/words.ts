import type { ShopWords, WordKey } from './words-document';

export const USUAL_WORDS: ShopWords = {
  format: 'oyakata-words',
  version: 2,
  compound: 'compound',
  crossSlide: 'cross slide',
  halfNut: 'half nut',
  threadDial: 'thread dial',
  carriage: 'carriage',
  runOutGroove: 'run-out groove',
  centreGauge: 'centre gauge',
};

/** Words that shops use; any other is as good (common practice). */
export const WORD_SUGGESTIONS: Record<WordKey, readonly string[]> = {
  compound: ['compound', 'compound rest', 'compound slide', 'top slide'],
  crossSlide: ['cross slide', 'cross feed', 'top slide'],
  halfNut: ['half nut', 'split nut', 'half nuts'],
  threadDial: ['thread dial', 'chasing dial', 'threading dial'],
  carriage: ['carriage', 'saddle'],
  runOutGroove: ['run-out groove', 'undercut', 'relief groove'],
  centreGauge: ['centre gauge', 'fishtail', 'screw-cutting gauge'],
};
