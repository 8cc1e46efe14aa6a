import { errorPpm, ratioWanted } from '../gearing/train';
import { findTrains, type FoundTrain } from '../gearing/find-trains';
import type { Advance } from '../gearing/advance';
import { fixedRatioOf, trainOfLine } from './chart-check';
import type { Lathe } from './lathe';
import { advanceStored, screwOf } from './screw-of';

/** A gear at its place, as the machine's chart names it or as the train needs it. */
interface GearAtPlace {
  place: string;
  role: 'driver' | 'driven' | 'idler';
  teeth: number;
}

/** How a lathe is geared for a lead. */
export interface LatheGearing {
  /** The machine's own chart comes first; a search in its stock only where the chart has no such line. */
  from: 'quick-change' | 'change-gears' | 'stock' | 'nothing';
  /** Levers in the machine's names with the position to set: gearbox, feed reverse, collar, apron. */
  levers: { lever: string; position: string }[];
  gears: GearAtPlace[];
  /** Of the lead, signed; null where the arithmetic has nothing to hold it against. */
  errorPpm: number | null;
  /** Whether the lead screw turns as the spindle does, or against it, for the hand wanted. */
  turns: 'with-spindle' | 'against-spindle';
  /** Idlers that the stock's train needs to turn so; 0 where levers do it. */
  idlers: number;
  /** Why there is nothing. */
  missing: ('lead-screw' | 'chart' | 'stock' | 'exact-train')[];
}

/** From the lead and the hand of a thread to levers and gears of a lathe; the search of the stock is remembered. */
export function gearingFor(lathe: Lathe, lead: Advance, hand: 'right' | 'left'): LatheGearing {
  const turns = turnsFor(lathe, hand);
  const named = lathe.gearing.quickChange?.levers ?? [];
  const levers = standingLevers(lathe, hand).filter(({ lever }) => !named.includes(lever));
  const base = { levers, gears: [], errorPpm: null, turns, idlers: 0, missing: [] };
  const byLevers = lineFor(lathe.gearing.quickChange?.rows, lead);
  if (byLevers !== undefined) {
    const names = lathe.gearing.quickChange?.levers ?? [];
    const box = names.map((lever, index) => ({ lever, position: byLevers.positions[index] ?? '' }));
    return { ...base, from: 'quick-change', levers: [...box, ...levers] };
  }
  const chart = lathe.gearing.changeGears;
  const line = lineFor(chart?.rows, lead);
  const screw = screwOf(lathe);
  if (chart != null && line !== undefined) {
    const train = trainOfLine(chart.places, line.teeth);
    const checked =
      screw !== null && train.drivers.length > 0 && train.drivers.length === train.driven.length;
    return {
      ...base,
      from: 'change-gears',
      gears: chart.places.flatMap(({ name, role }, index) => {
        const teeth = line.teeth[index];
        return teeth == null ? [] : [{ place: name, role, teeth }];
      }),
      errorPpm: checked ? errorPpm(train, ratioWanted(lead, screw, fixedRatioOf(lathe))) : null,
    };
  }
  if (screw === null) return { ...base, from: 'nothing', missing: ['lead-screw'] };
  if (lathe.gearing.stock.length < 2)
    return { ...base, from: 'nothing', missing: [hasChart(lathe) ? 'stock' : 'chart'] };
  const found = bestOfStock(lathe, lead, screw);
  if (found === null) return { ...base, from: 'nothing', missing: ['stock'] };
  const { best, box } = found;
  const reversing = lathe.gearing.levers.some(({ kind }) => kind === 'feed-reverse');
  return {
    ...base,
    from: 'stock',
    levers: [...box, ...levers],
    gears: placesOf(best),
    errorPpm: best.errorPpm,
    idlers: reversing ? (best.drivers.length === 1 ? 1 : 0) : idlersFor(best.drivers.length, turns),
    missing: best.errorPpm === 0 ? [] : ['exact-train'],
  };
}

/**
 * The best train of the stock. A gearbox goes on turning behind change gears: with each line of its chart a train in
 * place of the 1 to 1 base set is sought that makes the line's lead into the one wanted, and the levers of that line are
 * set.
 */
function bestOfStock(
  lathe: Lathe,
  lead: Advance,
  screw: Advance,
): { best: FoundTrain; box: LatheGearing['levers'] } | null {
  const { quickChange } = lathe.gearing;
  if (quickChange === null) {
    const [best] = trainsFor(lathe, lead, screw, 1);
    return best === undefined ? null : { best, box: [] };
  }
  let nearest: { best: FoundTrain; box: LatheGearing['levers'] } | null = null;
  for (const { thread, positions } of quickChange.rows) {
    const line = advanceStored(thread);
    const [best] = line === null ? [] : trainsFor(lathe, lead, line, 1);
    if (
      best === undefined ||
      (nearest !== null && Math.abs(best.errorPpm) >= Math.abs(nearest.best.errorPpm))
    )
      continue;
    const box = quickChange.levers.map((lever, index) => ({ lever, position: positions[index] ?? '' }));
    nearest = { best, box };
    if (best.errorPpm === 0) break;
  }
  return nearest;
}

const hasChart = ({ gearing }: Lathe) => gearing.quickChange !== null || gearing.changeGears !== null;

function lineFor<R extends { thread: string }>(rows: readonly R[] | undefined, lead: Advance): R | undefined {
  return rows?.find(({ thread }) => advanceStored(thread)?.mm.equals(lead.mm) === true);
}

/** Hand rule: with a right-hand lead screw both turn the same way for a right-hand thread; with a left-hand one the reverse. */
function turnsFor({ leadScrew }: Lathe, hand: 'right' | 'left'): LatheGearing['turns'] {
  return (hand === 'right') === (leadScrew?.hand !== 'left') ? 'with-spindle' : 'against-spindle';
}

/** Levers that stand the same for every thread, or differ by its hand alone. */
function standingLevers({ gearing }: Lathe, hand: 'right' | 'left'): LatheGearing['levers'] {
  return gearing.levers.flatMap(({ name, forThreading, forLeftHand }) => {
    const position = hand === 'left' ? (forLeftHand ?? forThreading) : forThreading;
    return position === null ? [] : [{ lever: name, position }];
  });
}

/** Every mesh turns the direction: a simple train turns the screw against the first gear, a compound one with it. */
export function idlersFor(pairs: number, turns: LatheGearing['turns']): number {
  const meshes = pairs;
  const even = meshes % 2 === 0;
  if (turns === 'with-spindle') return even ? 0 : 1;
  return even ? 1 : pairs === 1 ? 2 : 0;
}

function placesOf({ drivers, driven }: Pick<FoundTrain, 'drivers' | 'driven'>): GearAtPlace[] {
  const at = (place: string, role: GearAtPlace['role'], teeth: number | undefined) =>
    teeth === undefined ? [] : [{ place, role, teeth }];
  if (drivers.length === 1)
    return [...at('Stud', 'driver', drivers[0]), ...at('Lead screw', 'driven', driven[0])];
  return [
    ...at('Stud', 'driver', drivers[0]),
    ...at('Intermediate, outer', 'driven', driven[0]),
    ...at('Intermediate, inner', 'driver', drivers[1]),
    ...at('Lead screw', 'driven', driven[1]),
  ];
}

/** Searches that were made, by stock, limits and ratio: a plan asks for the same lead with every key stroke. */
const known = new Map<string, FoundTrain[]>();
const MOST_KNOWN = 200;

/** Trains of a lathe's stock for a lead, the best first. */
function trainsFor(lathe: Lathe, lead: Advance, screw: Advance, most: number): FoundTrain[] {
  const { stock, mounting } = lathe.gearing;
  const wanted = ratioWanted(lead, screw, fixedRatioOf(lathe));
  const key = JSON.stringify([stock, mounting, wanted.toFraction(), most]);
  const found = known.get(key);
  if (found !== undefined) return found;
  const trains = findTrains({ stock, wanted, most, mounting });
  if (known.size >= MOST_KNOWN) known.delete(known.keys().next().value ?? key);
  known.set(key, trains);
  return trains;
}
