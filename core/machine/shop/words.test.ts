import { checkWords } from './check-words';
import { inShopWords } from './in-shop-words';
import { readShopWords } from './words-document';
import { USUAL_WORDS } from './words';

const words = { ...USUAL_WORDS, compound: 'top slide', crossSlide: 'cross feed', halfNut: 'split nut' };

test.each([
  ['Cross slide to zero, compound in.', 'Cross feed to zero, top slide in.'],
  ['29.5° from the cross-slide axis', '29.5° from the cross feed axis'],
  ['Open the half nut; half nuts wear.', 'Open the split nut; split nuts wear.'],
  ['A compounded error', 'A compounded error'],
])('%s', (text, own) => {
  expect(inShopWords(text, words)).toBe(own);
  expect(inShopWords(text, USUAL_WORDS)).toBe(text);
});

test('a word that holds the usual one is put in once', () => {
  const own = { ...USUAL_WORDS, compound: 'compound rest' };
  const once = inShopWords('Compound in, cross slide out.', own);
  expect(once).toBe('Compound rest in, cross slide out.');
  expect(inShopWords(once, own)).toBe(once);
});

test('one word for two slides is refused at the second', () => {
  expect(checkWords({ compound: 'top slide', crossSlide: 'Top slide' })).toMatchObject({
    ok: false,
    issues: [{ field: 'crossSlide', code: 'conflict' }],
  });
  expect(checkWords({ compound: ' top slide ', halfNut: '' })).toEqual({
    ok: true,
    value: { ...USUAL_WORDS, compound: 'top slide' },
  });
});

test('words of version 1 are read', () => {
  const read = readShopWords({
    format: 'oyakata-words',
    version: 1,
    compound: 'top slide',
    crossSlide: 'cross slide',
    halfNut: 'half nut',
  });
  expect(read).toEqual({ ...USUAL_WORDS, compound: 'top slide' });
});

test('the usual word of another thing is refused too: it stands in every sentence of the program', () => {
  const read = checkWords({ compound: 'top slide', crossSlide: 'Compound' });
  expect(read.ok).toBe(false);
  if (!read.ok) expect(read.issues.map(({ field }) => field)).toEqual(['crossSlide']);
});
