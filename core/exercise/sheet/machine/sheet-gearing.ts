import { advanceText } from '@/core/machine/gearing/advance';
import { leadOfThread } from '@/core/machine/gearing/lead-of-thread';

import type { Lathe } from '@/core/machine/lathe/lathe';
import { gearingFor, type LatheGearing } from '@/core/machine/lathe/gearing-for';
import { formOf } from '@/core/thread/standards/systems';
import type { Thread } from '@/core/thread/standards/thread';
import { formatLength } from '@/core/base/units/format-length';
import { radians } from '@/core/base/units/angle';
import type { sheetGearingSchema } from './sheet-gearing-schema';

export type SheetGearing = NonNullable<ReturnType<typeof sheetGearingSchema.cast>>;

/** Levers or gears of a lathe for a thread, with what is to be said of them. */
export function sheetGearing(
  lathe: Lathe,
  thread: Thread,
  overLength: number,
  pitchDiameterTolerance: number,
): SheetGearing {
  const lead = leadOfThread(thread);
  const found = gearingFor(lathe, lead, thread.hand);
  const { from, gears, idlers, turns, errorPpm } = found;
  const errorOverLength = errorPpm === null ? null : (errorPpm / 1_000_000) * overLength;
  // An error of lead fits as a pitch diameter off by its cotangent of the flank angle (ISO 68-1 geometry).
  const effect = Math.abs(errorOverLength ?? 0) / Math.tan(radians(formOf(thread).flankAngleDeg));
  const tooFar = effect > pitchDiameterTolerance;
  return {
    from,
    levers: found.levers.map((set) => ({ ...set, positions: positionsOf(lathe, set.lever, set.position) })),
    gears,
    choices: [...new Set([...lathe.gearing.stock, ...chartTeeth(lathe)])].sort((a, b) => a - b).slice(0, 80),
    idlers,
    turns,
    errorPpm,
    errorOverLength,
    overLength,
    tooFar,
    says: saysOf(lathe, found, advanceText(lead), thread, { errorOverLength, effect, overLength, tooFar }),
  };
}

function positionsOf({ gearing }: Lathe, lever: string, position: string): string[] {
  const own = gearing.levers.find(({ name }) => name === lever);
  const column = gearing.quickChange?.levers.indexOf(lever) ?? -1;
  const fromChart =
    column < 0 ? [] : (gearing.quickChange?.rows ?? []).map(({ positions }) => positions[column] ?? '');
  return [...new Set([...(own?.positions ?? []), ...fromChart, position])]
    .filter((each) => each !== '')
    .slice(0, 60);
}

const chartTeeth = ({ gearing }: Lathe): number[] =>
  (gearing.changeGears?.rows ?? []).flatMap(({ teeth }) => teeth.filter((each) => each !== null));

function saysOf(
  lathe: Lathe,
  found: LatheGearing,
  lead: string,
  { starts, hand, unit }: Thread,
  error: { errorOverLength: number | null; effect: number; overLength: number; tooFar: boolean },
): string[] {
  const says: string[] = [];
  const show = (length: number) => `${formatLength({ value: Math.abs(length), unit })} ${unit}`;
  const { baseSet, fixedRatio } = lathe.gearing;
  if (starts > 1) says.push(`Geared for the lead, ${lead}: ${starts} starts.`);
  if (found.from === 'nothing') {
    const why = {
      'lead-screw': 'its lead screw is not written down',
      chart: 'no chart of it is written down',
      stock: `its chart has no ${lead}, and no gears for it are written down`,
      'exact-train': '',
    };
    const [missing = 'chart'] = found.missing;
    says.push(`${lathe.name}: ${why[missing]}. Take ${lead} from the machine’s own chart.`);
  }
  if (found.from === 'stock') says.push(`Its chart has no ${lead}: gears found in the stock.`);
  if (found.errorPpm !== null && found.errorPpm !== 0)
    says.push(
      `Not exact: the lead comes out ${Math.abs(found.errorPpm).toFixed(0)} ppm ${found.errorPpm > 0 ? 'coarser' : 'finer'}, ${show(error.errorOverLength ?? 0)} over ${show(error.overLength)}. It fits as if the pitch diameter were ${show(error.effect)} off${error.tooFar ? ', more than the class allows' : ''}.`,
    );
  if (found.idlers > 0)
    says.push(`${found.idlers === 1 ? 'One idler' : 'Two idlers'} between, of any size that reaches.`);
  if (baseSet !== null && found.from !== 'quick-change') says.push(baseSet);
  if (fixedRatio !== null && found.from !== 'quick-change')
    says.push(`Fixed gears before them: ${fixedRatio}.`);
  if (lathe.leadScrew?.engagedBy === 'collar' || lathe.leadScrew?.engagedBy === 'clutch')
    says.push(`The lead screw stands still until its ${lathe.leadScrew.engagedBy} is in.`);
  if (hand === 'left')
    says.push(
      `Left-hand: the lead screw turns ${found.turns === 'with-spindle' ? 'with' : 'against'} the spindle.`,
    );
  if (found.gears.length > 0)
    says.push('Power off at the isolator; a strip of paper for the mesh; cover back on before it is live.');
  return says;
}
