import { frameOf } from '@/core/thread/geometry/frame';
import { compoundFromAbove } from './from-above';
import { swingOf, swingWords } from './swing';

const WAYS = (['external', 'internal'] as const).flatMap((side) =>
  (['right', 'left'] as const).flatMap((hand) =>
    (['front', 'back'] as const).flatMap((toolSide) =>
      (['toward-headstock', 'away-from-headstock'] as const).flatMap((direction) =>
        (['usual', 'other'] as const).map((compoundSide) => ({
          side,
          hand,
          toolSide,
          direction,
          compoundSide,
        })),
      ),
    ),
  ),
);

test.each(WAYS)(
  'the swing in words is the one that is drawn: $side $hand $toolSide $direction $compoundSide',
  (way) => {
    const frame = frameOf(way);
    const { feed, handle } = compoundFromAbove(frame, 29.5);
    // From straight toward the operator a line turned clockwise, as one sees it, comes to the left, to the headstock.
    const clockwise = handle.x < 0;
    expect(swingOf(frame)).toBe(clockwise ? 'clockwise' : 'counter-clockwise');
    expect(swingWords(frame)).toBe(
      clockwise
        ? 'swung clockwise seen from above, its handle toward the headstock'
        : 'swung counter-clockwise seen from above, its handle toward the tailstock',
    );
    // Whoever stands there reaches the handle, and the feed goes to the flank that is fed.
    expect(handle.y).toBeGreaterThan(0);
    expect(Math.sign(feed.x)).toBe(-frame.fed);
    expect(Math.hypot(feed.x, feed.y)).toBeCloseTo(1, 12);
  },
);

test('as shops teach it (common practice): outside, right-hand, from the front, the handle lies toward the tailstock; in a bore toward the headstock', () => {
  const usual = {
    hand: 'right',
    toolSide: 'front',
    direction: 'toward-headstock',
    compoundSide: 'usual',
  } as const;
  expect(swingWords(frameOf({ side: 'external', ...usual }))).toMatch(
    /^swung counter-clockwise .* tailstock$/,
  );
  expect(swingWords(frameOf({ side: 'internal', ...usual }))).toMatch(/^swung clockwise .* headstock$/);
  expect(
    swingWords(frameOf({ side: 'external', ...usual, hand: 'left', direction: 'away-from-headstock' })),
  ).toMatch(/^swung clockwise/);
});
