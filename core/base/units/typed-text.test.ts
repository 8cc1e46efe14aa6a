import { MOST_FIGURES, typedText } from './typed-text';
import { parseFigures, parseLength } from './parse-length';
import { saidText, visibleLength } from '../documents/visible-text';

test('ends are trimmed, runs of spaces made one, and what is too long is refused unread', () => {
  expect(typedText('x', ' 1 \t  1/8 ')).toEqual({ ok: true, value: '1 1/8' });
  expect(typedText('x', '1'.repeat(MOST_FIGURES))).toMatchObject({ ok: true });
  expect(typedText('x', '1'.repeat(MOST_FIGURES + 1))).toMatchObject({
    ok: false,
    issues: [{ field: 'x', code: 'too-long', message: 'Type at most 120 characters.' }],
  });
});

test('words that nobody can see are no words', () => {
  expect(saidText('\u200b\u200d \ufeff\u2060')).toBe('');
  expect(saidText('\u200b dull tool\u200b ')).toBe('dull tool');
  expect(saidText('👩‍🔧')).toBe('👩‍🔧');
  expect(visibleLength('\u200ba\u200bb\u200b c')).toBe(3);
});

test('a figure has an end: 309 nines, and the largest that is still one', () => {
  expect(parseFigures('value', '9'.repeat(309))).toMatchObject({ issues: [{ code: 'too-long' }] });
  expect(parseFigures('value', '9'.repeat(100))).toMatchObject({
    issues: [{ field: 'value', code: 'out-of-range' }],
  });
  expect(parseFigures('value', '-1000000000')).toMatchObject({ ok: false });
  expect(parseFigures('value', '999999999')).toEqual({ ok: true, value: 999999999 });
  expect(parseLength('value', `1${' '.repeat(60_000)}!`, 'in')).toMatchObject({
    issues: [{ code: 'too-long' }],
  });
});
