import type { Sheet } from '@/core/exercise/sheet/sheet';

type Gear = Sheet['gearing']['gears'][number];
export interface ChainGear extends Gear {
  /** It sits on the shaft of the gear before it. */
  same: boolean;
}

/** Gears in the order in which they mesh: a second driver sits on the shaft of the driven gear before it. */
export function gearChain({ gears, idlers }: Pick<Sheet['gearing'], 'gears' | 'idlers'>): ChainGear[] {
  const chain = gears.map((gear, index) => ({
    ...gear,
    same: gear.role === 'driver' && gears[index - 1]?.role === 'driven',
  }));
  const [first, ...rest] = chain;
  if (idlers === 0 || first === undefined || rest.length !== 1) return chain;
  // An idler of the stock can have any size; it is drawn as large as the mean of the two.
  const teeth = Math.round((first.teeth + (rest[0]?.teeth ?? first.teeth)) / 2);
  const idler: ChainGear = { place: 'Idler, any', role: 'idler', teeth, same: false };
  return [first, ...Array.from({ length: idlers }, () => idler), ...rest];
}
