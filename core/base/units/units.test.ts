import { formatLength } from './format-length';
import { lengthIn } from './length';
import { parseAngleDeg } from './parse-angle';
import { parseLength, parseWhole } from './parse-length';
import { roundTo } from './round';

const read = (text: string, unit: 'in' | 'mm') => parseLength('blankDiameter', text, unit);

describe('parseLength', () => {
  test.each([
    ['0.748', 'in', 0.748],
    ['.748', 'in', 0.748],
    ['3/4', 'in', 0.75],
    ['1 1/8', 'in', 1.125],
    ['19.05 mm', 'in', 0.75],
    ['0.75"', 'mm', 19.05],
    ['3/4 in', 'mm', 19.05],
    [' 15.93 mm ', 'mm', 15.93],
  ] as const)('reads %s in a field of %s as %d', (text, unit, value) => {
    const result = read(text, unit);
    expect(result.ok && result.value.length).toEqual({ value: expect.closeTo(value, 12) as number, unit });
  });

  test('says how a fraction and a pasted unit were read, and nothing for plain figures', () => {
    const fraction = read('3/4', 'in');
    expect(fraction.ok && fraction.value.note).toBe('3/4 is read as 0.7500 in.');
    const pasted = read('15.93 mm', 'in');
    expect(pasted.ok && pasted.value.note).toBe('15.93 mm is read as 0.6272 in.');
    const plain = read('15.93 mm', 'mm');
    expect(plain.ok && plain.value.note).toBeNull();
  });

  test.each([
    ['', 'required', 'such as 0.748'],
    ['about half', 'not-a-number', 'Type a number in inches'],
    ['0,748', 'decimal-comma', 'Use a decimal point: 0.748.'],
    [',748', 'decimal-comma', 'Use a decimal point: 0.748.'],
    ['3/0', 'not-a-number', 'can not have 0'],
    ['12 kg', 'not-a-number', 'is not a length'],
    ['1.2.3', 'not-a-number', 'decimal point'],
  ])('refuses “%s” with code %s', (text, code, says) => {
    const result = read(text, 'in');
    expect(result).toMatchObject({ ok: false, issues: [{ field: 'blankDiameter', code }] });
    expect(!result.ok && result.issues[0]?.message).toContain(says);
  });

  test('a fraction in a mm field asks for the decimal', () => {
    expect(read('3/4', 'mm')).toMatchObject({ ok: false, issues: [{ code: 'not-a-number' }] });
  });
});

test('angles are refused outside their limits and accepted at the limits', () => {
  expect(parseAngleDeg('compoundAngle', '45', 0, 45)).toEqual({ ok: true, value: 45 });
  expect(parseAngleDeg('compoundAngle', '29.5°', 0, 45)).toEqual({ ok: true, value: 29.5 });
  expect(parseAngleDeg('compoundAngle', '60.5', 0, 45)).toMatchObject({
    ok: false,
    issues: [{ code: 'out-of-range' }],
  });
  expect(parseAngleDeg('compoundAngle', '-1', 0, 45)).toMatchObject({ ok: false });
});

test('whole numbers keep to their range', () => {
  expect(parseWhole('springPasses', '0', 0, 6, 'spring passes')).toEqual({ ok: true, value: 0 });
  expect(parseWhole('springPasses', '2.5', 0, 6, 'spring passes')).toMatchObject({ ok: false });
  expect(parseWhole('springPasses', '7', 0, 6, 'spring passes')).toMatchObject({ ok: false });
});

test('rounding is half away from zero, whatever the binary digits', () => {
  expect(roundTo(0.00085, 4)).toBe(0.0009);
  expect(roundTo(-0.00085, 4)).toBe(-0.0009);
  expect(roundTo(0.000849999, 4)).toBe(0.0008);
  expect(roundTo(1.005, 2)).toBe(1.01);
});

test('one inch is 25.4 mm exactly, both ways', () => {
  expect(lengthIn({ value: 1, unit: 'in' }, 'mm')).toBe(25.4);
  expect(lengthIn({ value: 25.4, unit: 'mm' }, 'in')).toBe(1);
  expect(formatLength({ value: -0.00001, unit: 'in' })).toBe('0.0000');
});
