import type Fraction from 'fraction.js';
import { mounted, NO_LIMITS, type Mounting } from './mounting';
import { errorPpm, trainRatio, type Train } from './train';

export interface FoundTrain extends Train {
  /** Signed, of the lead: positive cuts a coarser thread than wanted. */
  errorPpm: number;
}

export interface TrainSearch {
  /** Each entry is one physical gear. */
  stock: readonly number[];
  /** Turns of the last gear for one of the first. */
  wanted: Fraction;
  most: number;
  mounting?: Mounting;
  /** Called with the share that is done, from 0 to 1; true stops the search with what was found. */
  progress?: (share: number) => boolean;
}

/**
 * Simple and compound trains of a stock of gears, the best first: least error, then fewest gears, then the smallest.
 * Every pair and every two pairs are tried, so that an exact train is found whenever there is one. A compound train in
 * which a driver has the teeth of a driven gear is a simple one with more gears, and left out.
 */
export function findTrains({
  stock,
  wanted,
  most,
  mounting = NO_LIMITS,
  progress,
}: TrainSearch): FoundTrain[] {
  const best = new Best(most);
  const sizes = [...new Set(stock)].sort((a, b) => a - b);
  const have = new Map(sizes.map((teeth) => [teeth, stock.filter((each) => each === teeth).length]));
  const goal = wanted.valueOf();
  const offer = (drivers: number[], driven: number[], value: number) => {
    const error = Math.abs(value / goal - 1);
    if (!best.takes(error)) return;
    const train = mounted({ drivers, driven }, mounting);
    if (train !== null) best.add({ ...train, errorPpm: exactPpm(train, wanted, error) });
  };
  const enough = (teeth: number, needed: number) => (have.get(teeth) ?? 0) >= needed;
  for (const a of sizes) for (const b of sizes) if (a !== b || enough(a, 2)) offer([a], [b], a / b);
  const pairs = sizes.flatMap((first, index) =>
    sizes
      .slice(index)
      .filter((second) => first !== second || enough(first, 2))
      .map((second) => [first, second] as const),
  );
  for (const [index, [a, c]] of pairs.entries()) {
    if (progress?.(index / pairs.length) === true) break;
    for (const [b, d] of pairs)
      if (a !== b && a !== d && c !== b && c !== d) offer([a, c], [b, d], (a * c) / (b * d));
  }
  return best.all();
}

/** Near nothing the error is taken exactly: binary noise must not hide an exact train, nor feign one. */
function exactPpm(train: Train, wanted: Fraction, error: number): number {
  if (error > 1e-9) return errorPpm(train, wanted);
  return trainRatio(train).equals(wanted) ? 0 : errorPpm(train, wanted);
}

/** The few best, kept in order. */
class Best {
  private readonly kept: FoundTrain[] = [];
  constructor(private readonly most: number) {}

  takes(error: number): boolean {
    const last = this.kept[this.most - 1];
    return last === undefined || error * 1_000_000 <= Math.abs(last.errorPpm) + 1e-6;
  }

  add(train: FoundTrain): void {
    const at = this.kept.findIndex((each) => before(train, each));
    this.kept.splice(at < 0 ? this.kept.length : at, 0, train);
    if (this.kept.length > this.most) this.kept.pop();
  }

  all(): FoundTrain[] {
    return [...this.kept];
  }
}

function before(a: FoundTrain, b: FoundTrain): boolean {
  const worse = Math.abs(a.errorPpm) - Math.abs(b.errorPpm);
  if (Math.abs(worse) > 1e-9) return worse < 0;
  if (a.drivers.length !== b.drivers.length) return a.drivers.length < b.drivers.length;
  const sum = ({ drivers, driven }: Train) => [...drivers, ...driven].reduce((all, each) => all + each, 0);
  return sum(a) < sum(b);
}
