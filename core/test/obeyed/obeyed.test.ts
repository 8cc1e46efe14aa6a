import { asRequest, obey, type Obeyed } from './obey';
import { Groove, overWires, type TruePart } from './true-part';
import { wireCaseOf, overWires as exactly } from '@/core/measuring/gauging/three-wires';
import { threadOf } from '@/core/test/thread';

/** A hand that does what it is told, on plans, lathes and parts of every kind: `./oyakata soak` plays many more. */
const STORIES = 300;
const FROM = 1;

describe('a hand that obeys the bench', () => {
  const played: Obeyed[] = Array.from({ length: STORIES }, (_, index) => obey(FROM + index));
  const ended = played.filter(({ fate }) => fate !== 'no-plan');

  test('nearly every story is played to its end', () => {
    const cuts = ended.flatMap(({ story }) => story.filter((item) => item.do === 'cut')).length;
    const hid = ended.filter(({ told }) => !told).length;
    process.stdout.write(
      `${ended.length} of ${STORIES} stories have a plan, ${cuts} cuts; ${hid} hid something from the program\n`,
    );
    expect(ended.length / STORIES).toBeGreaterThan(0.95);
    expect(cuts / ended.length).toBeGreaterThan(10);
  });

  test('nothing is told against the truth, nothing against itself', () =>
    expect(
      played.filter(({ faults }) => faults.length > 0).map((one) => [one.faults, asRequest(one)]),
    ).toEqual([]));

  test('with all that can be known told, 99 of 100 pieces end inside, the rest within a graduation', () => {
    const told = ended.filter((one) => one.told);
    const inside = told.filter(({ fate }) => fate === 'inside');
    const outside = told.filter(({ fate }) => fate !== 'inside' && fate !== 'within-a-graduation');
    expect(outside.map(({ seed, fate }) => [seed, fate])).toEqual([]);
    expect(inside.length / told.length).toBeGreaterThanOrEqual(0.99);
  });
});

describe('the part of known truth', () => {
  const part: TruePart = {
    side: 'external',
    pitch: 0.1,
    starts: 1,
    halfAngle: Math.PI / 6,
    diameter: 0.75,
    flat: 0.0125,
    radius: 0,
    spring: 0,
  };
  /** d2 = D - 2 h + (P/2 - f) / tan a, plain trigonometry of a V with a flat (common practice). */
  test('a plunged V with a flat leaves the pitch diameter of plain trigonometry', () => {
    const groove = new Groove(part);
    groove.cut(1, 0, 0.05);
    const half = (0.1 / 2 - 0.0125) / 2 / Math.tan(Math.PI / 6);
    expect(groove.pitchDiameter(1)).toBeCloseTo(0.75 - 2 * (0.05 - half), 5);
  });
  test('a groove narrower than half a pitch has none', () => {
    const groove = new Groove(part);
    groove.cut(1, 0, 0.01);
    expect(groove.pitchDiameter(1)).toBeNull();
  });
  test('what springs back comes off at no infeed', () => {
    const groove = new Groove({ ...part, spring: 0.1 });
    groove.cut(1, 0, 0.05);
    expect(groove.deepestIn(1)).toBeCloseTo(0.045, 9);
    groove.cut(1, 0, 0.05);
    expect(groove.deepestIn(1)).toBeCloseTo(0.0495, 9);
  });
  test.each(['3/4-10 UNC-2A', '1-8 UNC-2B'])(
    'over wires it agrees with the exact helicoid: %s',
    (designation) => {
      const thread = threadOf(designation);
      const side = thread.side;
      const size = side === 'external' ? 0.68 : 0.92;
      const pitch = side === 'external' ? 0.1 : 0.125;
      const wire = pitch * 0.57735;
      expect(overWires({ ...part, side, pitch }, wire, size)).toBeCloseTo(
        exactly(wireCaseOf(thread, wire), size),
        4,
      );
    },
  );
});
