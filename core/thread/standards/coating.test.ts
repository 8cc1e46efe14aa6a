import { limitsOf } from '@/core/test/thread';
import { coatedLimits, coatingByAllowance } from './coating';
import { FORM_60, FORM_TRAPEZOIDAL } from './thread-form';

/** ASME B1.1, section 7: four times the thickness on the pitch diameter, twice on the crest. */
test('an external thread is cut smaller by the coating', () => {
  const { before } = coatedLimits(limitsOf('3/4-16 UNF-2A'), FORM_60, { min: 0.0002, max: 0.0003 }, 4);
  expect(before?.pitchDiameter).toEqual({ min: 0.7021, max: 0.7067 });
  expect(before?.crest).toEqual({ min: 0.7387, max: 0.7479 });
});

test('an internal thread is cut larger', () => {
  const { before } = coatedLimits(limitsOf('M16x2-6H'), FORM_60, { min: 0.005, max: 0.01 }, 3);
  expect(before?.pitchDiameter).toEqual({ min: 14.741, max: 14.933 });
});

/** ASME B1.1 and ISO 965-1: a quarter of the allowance for 60 degrees, up to the basic pitch diameter. */
test('the allowance takes a coating of a quarter of itself; without one there is none to take it', () => {
  expect(coatingByAllowance(limitsOf('M16x2-6g'), FORM_60, 3)).toEqual({
    thickest: expect.closeTo(0.0095, 9) as number,
    pitchDiameterMax: 14.701,
  });
  expect(coatingByAllowance(limitsOf('3/4-16 UNF-2A'), FORM_60, 4)?.pitchDiameterMax).toBe(0.7094);
  expect(coatingByAllowance(limitsOf('M16x2-6h'), FORM_60, 3)).toBeNull();
  expect(coatingByAllowance(limitsOf('M16x2-7G'), FORM_60, 3)).toBeNull();
});

test('a coating that varies more than the tolerance can not be allowed for', () => {
  expect(coatedLimits(limitsOf('3/8-24 UNF-3A'), FORM_60, { min: 0, max: 0.001 }, 4).before).toBeNull();
});

/** 2 t / sin 15 = 7.727 t on the pitch diameter. */
test('steep flanks take more of a coating', () => {
  const { before } = coatedLimits(limitsOf('Tr30x6-7e'), FORM_TRAPEZOIDAL, { min: 0.01, max: 0.01 }, 3);
  expect(before?.pitchDiameter).toEqual({ min: 26.47, max: 26.805 });
});
