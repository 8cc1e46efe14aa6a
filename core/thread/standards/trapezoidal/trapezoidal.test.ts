import { limitsOf } from '@/core/test/thread';

/** Limits of ISO 2904 / DIN 103 tables for 7e, from memory. */
test.each([
  ['Tr8x1.5-7e', { min: 7.013, max: 7.183 }],
  ['Tr10x2-7e', { min: 8.739, max: 8.929 }],
  ['Tr20x4-7e', { min: 17.64, max: 17.905 }],
  ['Tr30x6-7e', { min: 26.547, max: 26.882 }],
  ['Tr40x7-7e', { min: 36.02, max: 36.375 }],
])('%s has the printed pitch diameter', (text, pitchDiameter) => {
  expect(limitsOf(text)).toMatchObject({ standard: 'ISO 2903', pitchDiameter });
});

/** ISO 2903 tables for P = 6, from memory: Td 375, TD1 500, TD2(7) 450, Td3(7e) 537 micrometres; a_c 0.5 mm. */
test('crest, root and internal tolerances of Tr30x6', () => {
  expect(limitsOf('Tr30x6-7e')).toMatchObject({
    major: { min: 29.625, max: 30 },
    minor: { min: 22.463, max: 23 },
  });
  expect(limitsOf('Tr30x6-7H')).toMatchObject({
    major: { min: 31, max: null },
    pitchDiameter: { min: 27, max: 27.45 },
    minor: { min: 24, max: 24.5 },
  });
});

test('several starts change no limit', () => {
  expect(limitsOf('Tr40x14(P7)-7e')).toEqual(limitsOf('Tr40x7-7e'));
});

test('coarser grades are wider', () => {
  expect(limitsOf('Tr30x6-8e').tolerance.pitchDiameter).toBe(0.425);
  expect(limitsOf('Tr30x6-9H').tolerance.pitchDiameter).toBe(0.71);
});
