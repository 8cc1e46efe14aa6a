import { capital, inSentence } from './measuring-words';

test('a word at the beginning of a label, and inside a sentence', () => {
  expect(capital('over wires')).toBe('Over wires');
  expect(inSentence('Over wires')).toBe('over wires');
  expect(inSentence('A nut')).toBe('a nut');
});

test('what is written in capitals keeps them', () => {
  expect(inSentence('GO and NO-GO rings')).toBe('GO and NO-GO rings');
  expect(inSentence('')).toBe('');
});
