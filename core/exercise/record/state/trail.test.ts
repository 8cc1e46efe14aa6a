import { Trail } from './trail';

test('grows, and every earlier state stays as it was', () => {
  const none = Trail.of<number>();
  const one = none.with(1);
  const two = one.with(2);
  expect([none.all(), one.all(), two.all()]).toEqual([[], [1], [1, 2]]);
  expect([none.last, one.last, two.last]).toEqual([undefined, 1, 2]);
});

test('two ways from one state do not meet', () => {
  const one = Trail.of([1]);
  const [left, right] = [one.with(2), one.with(3)];
  expect([left.with(4).all(), right.with(5).all(), one.all()]).toEqual([[1, 2, 4], [1, 3, 5], [1]]);
});

test('what it was made of is its own', () => {
  const list = [1];
  const trail = Trail.of(list);
  list.push(2);
  trail.all().push(3);
  expect([trail.length, trail.all()]).toEqual([1, [1]]);
});
