import { compoundFeedFor, radialDepthOf, swivelGraduationDeg, trailingFlankStep } from './compound';
import { wrongAxis } from './wrong-axis';

/** The scale trap (common practice): 29.5 from the cross slide reads 60.5 on a scale with its zero along the bed. */
test('the graduation to set depends on where the scale has its zero', () => {
  expect(swivelGraduationDeg(29.5, 'cross-slide')).toBe(29.5);
  expect(swivelGraduationDeg(29.5, 'bed')).toBe(60.5);
});

/** Handbook rule, common practice: 0.6495 P deep at 30 degrees is 0.75 P on the compound. */
test('0.6495 P at 30 degrees is 0.75 P on the compound', () => {
  expect(compoundFeedFor(0.64951905, 30)).toBeCloseTo(0.75, 7);
  expect(radialDepthOf(0.75, 30)).toBeCloseTo(0.64951905, 7);
});

test('29.5 shaves the trailing flank, 30 rubs, 31 leaves a step', () => {
  expect(trailingFlankStep(0.01, 29.5, 30)).toBeCloseTo(0.0000873, 7);
  expect(trailingFlankStep(0.01, 30, 30)).toBe(0);
  expect(trailingFlankStep(0.01, 31, 30)).toBeLessThan(0);
});

/** Common practice: set from the wrong axis, flanks of 30 and about 60, together 90. */
test('the wrong axis: 30 stands at 60, and the same feed reaches too little depth', () => {
  const { standsDeg, flanksDeg, depthShare } = wrongAxis(30, 30);
  expect(standsDeg).toBe(60);
  expect(flanksDeg).toEqual([30, 60]);
  expect(depthShare).toBeCloseTo(0.5 / Math.cos(Math.PI / 6), 12);
});
