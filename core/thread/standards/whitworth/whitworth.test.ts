import { limitsOf, threadOf } from '@/core/test/thread';
import { rootRadiusOf } from '../systems';

/** BS 84, medium class, worked by hand from its formulas (from memory): 1/4-20 BSW, T = 0.0039, allowance 0.0012. */
test('1/4 BSW bolt', () => {
  expect(limitsOf('1/4 BSW')).toMatchObject({
    standard: 'BS 84',
    allowance: 0.0012,
    major: { min: 0.2427, max: 0.2488 },
    pitchDiameter: { min: 0.2129, max: 0.2168 },
  });
});

/** Basic sizes of the BSW and BSF tables, from memory: effective 0.8039 and core 0.7328 of 7/8-9; 0.9360 and 0.8719 of 1-10 BSF. */
test('over 3/4 in a bolt has no allowance: it starts at the basic sizes', () => {
  const bolt = limitsOf('7/8 BSW');
  expect(bolt).toMatchObject({ allowance: 0, major: { max: 0.875 }, minor: { max: 0.7327 } });
  expect(bolt.pitchDiameter.max).toBeCloseTo(0.8039, 4);
  const nut = limitsOf('1 BSF nut');
  expect(nut.pitchDiameter.min).toBe(0.936);
  expect(nut.minor.min).toBe(0.8719);
  expect(nut.major).toEqual({ min: 1, max: null });
});

test('the nut’s minor tolerance depends on the threads per inch', () => {
  expect(limitsOf('7/8 BSW nut').tolerance).toMatchObject({ minor: 0.0292 });
  expect(limitsOf('5/16 BSF nut').tolerance).toMatchObject({ minor: 0.0141 });
  expect(limitsOf('1/4 BSF nut').tolerance).toMatchObject({ minor: 0.0117 });
});

test('under 1/4 in the allowance is that of 1/4 in', () => {
  expect(limitsOf('1/8 BSW').allowance).toBe(limitsOf('1/4 BSW').allowance);
});

/** BS 84: r = 0.137329 P at crest and root. */
test('the root has the one radius of the form', () => {
  expect(rootRadiusOf(threadOf('1 BSW'))).toEqual({ min: 0.137329 / 8, max: 0.137329 / 8 });
  expect(rootRadiusOf(threadOf('1-5 Acme-2G'))).toBeNull();
});
