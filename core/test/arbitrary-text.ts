import fc from 'fast-check';

/** For tests: pieces that the trade's readers look for, so that random text reaches deep into them. */
const PIECES = [
  ...'0123456789.,-+/#"°()'.split(''),
  ...[
    ' ',
    '   ',
    '\t',
    '\u200b',
    '-',
    '--',
    '–',
    '×',
    'x',
    'X',
    'M',
    'Tr',
    'Ph',
    'P',
    'L',
    'G',
    'sq',
    'Square',
  ],
  ...['UNF', 'UNC', 'UNEF', 'UNS', 'UNR', 'Acme', 'BSW', 'BSF', 'Whit', 'medium', 'bolt', 'nut', 'internal'],
  ...['-2A', '3B', '6g', '6H', '5g6g', '7e', '7H', '2G', 'A', 'B', 'LH', 'RH', 'S', '(3 starts)', '2 starts'],
  ...[
    '3/4-16',
    '1-5P',
    '16',
    '2',
    '.0625P',
    '.1875L',
    '40',
    '14',
    '(P7)',
    'in',
    'mm',
    'rpm',
    'deg',
    'TPI',
    'no.',
  ],
  ...['1/0', '0', '9'.repeat(60), '1e9', 'NaN', 'toString', '__proto__', '\u0000', '\ud800', '😀'],
];

/** Any code points, halves of pairs too. The library's own strings of this kind begin with a list of a million of them. */
export const anyCharacters: fc.Arbitrary<string> = fc
  .array(fc.nat(0x10ffff), { maxLength: 60 })
  .map((points) => String.fromCodePoint(...points));

/** Text as anybody may type or send it: pieces of designations and figures, and any characters at all. */
export const anyText: fc.Arbitrary<string> = fc.oneof(
  { weight: 6, arbitrary: fc.array(fc.constantFrom(...PIECES), { maxLength: 9 }).map((all) => all.join('')) },
  { weight: 3, arbitrary: anyCharacters },
  { weight: 1, arbitrary: fc.tuple(fc.constantFrom(...PIECES), fc.nat(30_000)).map(([p, n]) => p.repeat(n)) },
);

/** Names that every object has, which no field may be called. */
const OWN_NAMES = ['toString', 'constructor', '__proto__', 'hasOwnProperty', 'valueOf'];

/** The text of any JSON value; objects often carry some of the names given, or names that every object has. */
export function anyJson(names: readonly string[]): fc.Arbitrary<string> {
  const key = fc.oneof(
    { weight: 6, arbitrary: fc.constantFrom('x', ...names) },
    { weight: 1, arbitrary: fc.constantFrom(...OWN_NAMES) },
  );
  const leaf = fc.oneof(
    anyText.map((text) => JSON.stringify(text)),
    fc.constantFrom('1e999', '-1e999', '1e308', '-0', '0', '1', '-1', '7.5', 'null', 'true', '[]', '{}'),
    fc.constantFrom('{"toString":1}', '{"constructor":{"prototype":1}}', '[1]', '["1"]', '4294967296'),
  );
  const { value } = fc.letrec<{ value: string }>((tie) => ({
    value: fc.oneof(
      { depthSize: 'small', withCrossShrink: true },
      leaf,
      fc.array(tie('value'), { maxLength: 4 }).map((all) => `[${all.join(',')}]`),
      fc
        .array(fc.tuple(key, tie('value')), { maxLength: 8 })
        .map((all) => `{${all.map(([name, inner]) => `${JSON.stringify(name)}:${inner}`).join(',')}}`),
    ),
  }));
  return value;
}
