import { profileDepth } from '@/core/test/profile';
import { FORM_60 } from '@/core/thread/standards/thread-form';
import { idealForm } from './ideal-form';

/** ISO 68-1: crest P/8, root P/4, depth 0.541266 P, half a pitch wide at d - 0.649519 P. */
test('the basic profile of a 60 degree thread, outside and inside', () => {
  const outside = idealForm({
    form: FORM_60,
    pitch: 2,
    nominalDiameter: 16,
    side: 'external',
    workDiameter: 16,
  });
  expect(outside[0]?.x1).toBeCloseTo(-1 + 0.125, 6);
  expect(outside[2]).toMatchObject({
    x0: expect.closeTo(-0.25, 6) as number,
    x1: expect.closeTo(0.25, 6) as number,
  });
  expect(profileDepth(outside, 0)).toBeCloseTo(0.541266 * 2, 5);
  expect(profileDepth(outside, 0.5)).toBeCloseTo(0.32476 * 2, 5);
  const inside = idealForm({
    form: FORM_60,
    pitch: 2,
    nominalDiameter: 16,
    side: 'internal',
    workDiameter: 13.8349,
  });
  expect(profileDepth(inside, 0)).toBeCloseTo(0.541266 * 2, 4);
  expect(profileDepth(inside, 0.5)).toBeCloseTo((14.70096 - 13.8349) / 2, 4);
  expect(inside[2]?.x1).toBeCloseTo(0.125, 5);
});

test('on a small blank the ideal crest stands proud of the surface', () => {
  const small = idealForm({
    form: FORM_60,
    pitch: 2,
    nominalDiameter: 16,
    side: 'external',
    workDiameter: 15.8,
  });
  expect(profileDepth(small, 1)).toBeCloseTo(-0.1, 12);
});
