import { limitsOf } from '@/core/test/thread';

/** ISO 228-1, table 1, from memory. */
test.each([
  ['G 1/8 A', { min: 9.514, max: 9.728 }, { min: 9.04, max: 9.147 }, 8.566],
  ['G 1/4 A', { min: 12.907, max: 13.157 }, { min: 12.176, max: 12.301 }, 11.445],
  ['G 3/4 A', { min: 26.157, max: 26.441 }, { min: 25.137, max: 25.279 }, 24.117],
  ['G 1 A', { min: 32.889, max: 33.249 }, { min: 31.59, max: 31.77 }, 30.291],
  ['G 2 1/2 B', { min: 74.75, max: 75.184 }, { min: 73.271, max: 73.705 }, 72.226],
])('%s has the printed sizes', (text, major, pitchDiameter, minor) => {
  expect(limitsOf(text)).toMatchObject({
    standard: 'ISO 228-1',
    major,
    pitchDiameter,
    minor: { max: minor },
  });
});

test('class B takes twice the pitch tolerance of A, the internal thread that of A', () => {
  expect(limitsOf('G 3/4 B').tolerance.pitchDiameter).toBeCloseTo(0.284, 9);
  expect(limitsOf('G 3/4')).toMatchObject({
    pitchDiameter: { min: 25.279, max: 25.421 },
    minor: { min: 24.117, max: 24.658 },
    major: { min: 26.441, max: null },
  });
});
