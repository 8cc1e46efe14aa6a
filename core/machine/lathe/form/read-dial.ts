import type { LengthUnit } from '@/core/base/units/length';
import type { Dial } from '../lathe';
import { usualLathe } from '../usual-lathe';
import type { FormReader } from './form-reader';
import type { LatheField } from './lathe-fields';
import type { LatheForm } from './lathe-form';

/** A dial of a slide: its graduation and its turn, which must hold a whole number of graduations. */
export function readDial(
  form: LatheForm,
  names: Record<'graduation' | 'perTurn' | 'reads' | 'counts', LatheField>,
  unit: LengthUnit,
  reader: FormReader,
): Dial | null {
  const usual = usualLathe(unit).compound.dial;
  const of = (field: LatheField, proposed: Dial['graduation']) =>
    form[field].trim() === '' ? proposed : reader.length(field, form[field], unit);
  const graduation = of(names.graduation, usual.graduation);
  const perTurn = of(names.perTurn, usual.perTurn);
  const reads = reader.choice(
    names.reads,
    form[names.reads],
    ['travel', 'diameter'],
    'Say whether the dial reads the travel or the diameter.',
  );
  const counts = reader.choice(
    names.counts,
    form[names.counts],
    ['up', 'down'],
    'Say whether the figures run up or down toward the work.',
  );
  if (graduation === null || perTurn === null) return null;
  const turns = perTurn.value / graduation.value;
  if (Math.round(turns) < 2 || Math.abs(turns - Math.round(turns)) > 0.002)
    return reader.wrong(
      names.perTurn,
      'conflict',
      `One turn must be a whole number of graduations of ${graduation.value} ${unit}.`,
    );
  return { graduation, perTurn, reads: reads ?? usual.reads, counts: counts ?? usual.counts };
}
