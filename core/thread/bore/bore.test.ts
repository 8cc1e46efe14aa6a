import { threadOf, limitsOf } from '@/core/test/thread';
import { FORM_60, FORM_ACME } from '../standards/thread-form';
import { boreAdvice, explainBoreAdvice } from './bore-advice';
import { boreForPercent, percentForBore } from './bore';

/** Common practice D - 1.0262 / n is 79 % of the full and 94.8 % of the basic height. */
test('the taught rule on both bases', () => {
  expect(percentForBore(FORM_60, 1, 1, 1 - 1.0262, 'full')).toBeCloseTo((100 * 1.0262) / 1.299038, 4);
  expect(percentForBore(FORM_60, 1, 1, 1 - 1.0262, 'basic')).toBeCloseTo((100 * 1.0262) / 1.082532, 4);
});

/** Handbook tap-drill formula, from memory: D - 0.01299 x percent / n; 3/4-10 at 75 % is 0.6526. */
test('75 % of the full height', () => {
  expect(boreForPercent(FORM_60, 0.75, 0.1, 75, 'full')).toBeCloseTo(0.6526, 4);
});

test('100 % of the basic height is the basic minor diameter, and back', () => {
  expect(boreForPercent(FORM_60, 20, 2.5, 100, 'basic')).toBeCloseTo(17.294, 3);
  expect(
    percentForBore(FORM_60, 20, 2.5, boreForPercent(FORM_60, 20, 2.5, 66, 'basic') ?? 0, 'basic'),
  ).toBeCloseTo(66, 9);
});

test('the full basis belongs to 60 degree threads', () => {
  expect(boreForPercent(FORM_ACME, 1, 0.2, 75, 'full')).toBeNull();
  expect(boreForPercent(FORM_ACME, 1, 0.2, 100, 'basic')).toBeCloseTo(0.8, 12);
});

function adviceOf(text: string, bore: number) {
  const limits = limitsOf(text);
  if (limits.side === 'external') throw new Error(text);
  return boreAdvice(threadOf(text), limits, bore);
}

/** Common practice: 1/32 in or 0.8 mm is left for the boring bar, the drill in 64ths or half millimetres. */
test('the drill leaves something to bore, the chamfer clears the major', () => {
  const inch = adviceOf('7/8-9 UNC-2B', 0.7665);
  expect(inch.drill).toEqual({ diameter: 47 / 64, name: '47/64 in' });
  expect(inch.leaves).toBeCloseTo(0.0321, 4);
  expect(inch.chamfer).toBe(0.885);
  // (7/8 - 0.7665) / (1.082532 / 9).
  expect(inch.percentOfBasic).toBeCloseTo((100 * (0.875 - 0.7665)) / (1.082532 / 9), 3);
  expect(adviceOf('M30x2-6H', 28).drill).toEqual({ diameter: 27, name: '27 mm' });
  expect(adviceOf('1 1/8-7 UNC-2B', 1.0313 + 1 / 32).drill?.name).toBe('1 1/32 in');
});

test('a bore too small for a bar gets no drill', () => {
  expect(adviceOf('M6x1-6H', 5.1)).toMatchObject({ drill: null, leaves: null });
});

test('the advice on a bore ends in its figures and names what is common practice', () => {
  const limits = limitsOf('7/8-9 UNC-2B');
  if (limits.side === 'external') throw new Error('external');
  const { percent, drill, chamfer } = explainBoreAdvice(threadOf('7/8-9 UNC-2B'), limits, 0.7665);
  expect(percent.numbers).toMatch(/= 90\.2 %;  of the full height 1\.2990 P: 75\.2 %$/);
  expect(drill).toMatchObject({ numbers: '0.7665 − 0.0313: 47/64 in', source: 'Common practice' });
  expect(chamfer.numbers).toBe('0.8750 + 0.0100 = 0.8850 in');
});
