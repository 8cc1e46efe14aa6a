import fc from 'fast-check';
import { anyCharacters } from '@/core/test/arbitrary-text';
import { CODE_ALPHABET, readCode, showCode, spokenCode } from './spoken-code';
import { readName } from './person-name';
import { readPassword, readPin } from './secret-rules';
import { readRoster } from './read-roster';

const message = (result: { ok: boolean } & Partial<{ issues: { field: string; code: string }[] }>) =>
  result.ok ? null : result.issues?.[0];

test('a name is kept as it is read, not as it was spaced', () => {
  expect(readName('  Ana\u00a0 Brandt\u200b ')).toEqual({ ok: true, value: 'Ana Brandt' });
  expect(message(readName('\u200b'))).toMatchObject({ field: 'name', code: 'required' });
  expect(readName('x'.repeat(80)).ok).toBe(true);
  expect(message(readName('x'.repeat(81)))).toMatchObject({ code: 'too-long' });
});

test('a password is long, not the name, not one character over and over', () => {
  expect(readPassword('glue & thread', 'Ana').ok).toBe(true);
  expect(message(readPassword('glue&press!', 'Ana'))).toMatchObject({
    field: 'password',
    code: 'out-of-range',
  });
  expect(readPassword('glue&press!!', 'Ana').ok).toBe(true);
  expect(message(readPassword('ana brandt, ana', 'Ana Brandt'))).toMatchObject({ code: 'conflict' });
  expect(message(readPassword('abababababab', 'Mio'))).toMatchObject({ code: 'conflict' });
  expect(message(readPassword('ab cd ef '.repeat(30), 'Mio'))).toMatchObject({ code: 'too-long' });
  // Counted as characters, not as units of their encoding.
  expect(readPassword('🔩🔧🔨🪛🔩🔧🔨🪛🔩', 'Mio').ok).toBe(false);
});

test.each(['0000', '1234', '8765', '123', '123456789', '12a4', ' 2580', '٢٥٨٠'])('%p is no PIN', (pin) => {
  expect(message(readPin(pin))).toMatchObject({ field: 'pin' });
});

test.each(['2580', '1357', '11223344'])('%p is a PIN', (pin) => {
  // 1357 goes by twos, which is not a run on a keypad.
  expect(readPin(pin)).toEqual({ ok: true, value: pin });
});

describe('codes that are spoken', () => {
  test('have no two characters that are taken for one another', () => {
    for (const pair of ['0O', '1I', '1L', '5S', '2Z', '8B', 'UV'])
      expect([...pair].filter((each) => CODE_ALPHABET.includes(each)).length).toBeLessThan(2);
    expect(new Set(CODE_ALPHABET).size).toBe(23);
  });

  test('each character is as likely as any other: bytes that would favour one are passed over', () => {
    const counts = new Map<string, number>();
    for (let byte = 0; byte < 256; byte += 1) {
      const code = spokenCode([byte], 1);
      if (code !== null) counts.set(code, (counts.get(code) ?? 0) + 1);
    }
    expect(new Set(counts.values())).toEqual(new Set([11]));
    expect(counts.size).toBe(23);
    expect(spokenCode([255, 254, 0], 2)).toBeNull();
  });

  test('are read as they are shown', () => {
    expect(showCode('KQ7M4FRA')).toBe('KQ7M 4FRA');
    expect(showCode('KQ7M4F')).toBe('KQ7 M4F');
    fc.assert(
      fc.property(fc.uint8Array({ minLength: 40, maxLength: 40 }), (bytes) => {
        const code = spokenCode(bytes, 8) ?? '';
        expect(readCode(showCode(code).toLowerCase())).toBe(code);
      }),
    );
  });
});

describe('a roster', () => {
  const names = (text: string, there: string[] = []) =>
    readRoster(text, there).map(({ name, refused }) => (refused === null ? name : `${name}: ${refused}`));

  test('is a list of names, one a line', () => {
    expect(names('Ana Brandt\r\n\r\n  Bela  Okoro \n')).toEqual(['Ana Brandt', 'Bela Okoro']);
  });

  test('or CSV with a heading, in any order and with any of the usual marks', () => {
    expect(names('\uFEFFNo;Name\n1;Ana Brandt\n2;Bela Okoro')).toEqual(['Ana Brandt', 'Bela Okoro']);
    expect(names('Last name,First name\nBrandt,Ana\n"Okoro, Jr.",Bela')).toEqual([
      'Ana Brandt',
      'Bela Okoro, Jr.',
    ]);
    expect(names('First name\tSurname\nAna\tBrandt')).toEqual(['Ana Brandt']);
  });

  test('says what adds nobody, and where', () => {
    expect(readRoster('name\nAna Brandt\nana brandt\n"",x\nBela Okoro', ['BELA OKORO'])).toEqual([
      { line: 2, name: 'Ana Brandt', refused: null },
      { line: 3, name: 'ana brandt', refused: 'Stands there already.' },
      { line: 4, name: '', refused: 'Type the name.' },
      { line: 5, name: 'Bela Okoro', refused: 'Stands there already.' },
    ]);
  });

  test('of more than 200 lines is cut off with a word', () => {
    const text = Array.from({ length: 300 }, (_, index) => `Student ${index}`).join('\n');
    const lines = readRoster(text, []);
    expect(lines).toHaveLength(201);
    expect(lines.filter(({ refused }) => refused === null)).toHaveLength(200);
    expect(lines[200]?.refused).toBe('At most 200 at a time.');
  });

  test('never throws', () => {
    fc.assert(fc.property(anyCharacters, (text) => void readRoster(text, [])));
  });
});
